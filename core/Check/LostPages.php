<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\Catalog\FooterSettings;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\TargetType;

/** Content pages that nothing in the shop leads to. */
final class LostPages implements Check
{
    public function run(Inspection $input): iterable
    {
        $shown = EmptyMenus::shown($input);
        $linked = array_merge(...array_values(array_intersect_key($input->get(StoreContents::class)->menus, $shown)) ?: [[]]);
        foreach ($input->look->all() as $resolution) {
            if ($resolution->setting->type instanceof TargetType && $resolution->unmet === null) {
                $linked[] = (string) $resolution->value;
            }
        }
        foreach (Item::listed('block', $input->look->text('footer.blocks')) as $block) {
            $path = $block->path('show');
            // The policies block lists the policies by itself.
            if ($block->kind === 'policies' && $input->look->catalog->has($path) && $input->look->value($path) === true) {
                $linked = [...$linked, ...$input->get(StoreContents::class)->policies];
            }
        }
        foreach (array_diff_key($input->get(StoreContents::class)->pages, array_flip($linked)) as $address => $title) {
            yield new SettingFinding(
                "lost:$address",
                Severity::Know,
                StepKey::FOOTER,
                FooterSettings::blocks()->path,
                "Nothing leads to the page “{$title}”",
                'Put it in a menu, or let a button or a footer block lead there.',
            );
        }
    }
}
