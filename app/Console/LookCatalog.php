<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookReader;
use Ikat\Core\Look\Resolution;
use Ikat\Core\Setting\Catalog\Parts;

final class LookCatalog extends LookCommand
{
    protected $signature = 'look:catalog {--look=1} {--json}';
    protected $description = 'List every setting a look has: type, bounds, choices, where it belongs and when it applies';

    /** What a type without bounds or choices has of them. */
    private const NOTHING = ['least' => 0.0, 'most' => 0.0, 'increment' => 1.0, 'unit' => '', 'choices' => [], 'of' => ''];

    public function handle(LookReader $looks): int
    {
        return $this->tell(function () use ($looks): array {
            $resolved = $looks->of($this->look())->resolved();

            return ['settings' => array_values(array_map(static fn(Resolution $r): array => [
                'path' => $r->setting->path, 'type' => $r->setting->type::name(), 'label' => $r->setting->label,
                'step' => $r->setting->step, 'part' => Parts::label($r->setting->part),
                ...self::NOTHING, ...$r->setting->type->facts(),
                'property' => $r->setting->isCss() ? $r->setting->property() : null,
                'css' => (object) ($r->setting->type->facts()['css'] ?? []),
                'value' => $r->value,
                'applies_when' => $r->setting->appliesWhen === null
                    ? null
                    : ['path' => $r->setting->appliesWhen->path, 'values' => $r->setting->appliesWhen->values],
                'applies' => $r->unmet === null,
            ], $resolved->all()))];
        });
    }
}
