<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\StepKey;

/**
 * What a visitor meets unfilled on the home page and at the foot, and headings that say nothing of the page's order.
 *
 * One first-level heading, and only one, says what a page is about (WCAG 2.2, technique H42 for 1.3.1; that there be exactly one
 * is common practice, no source).
 */
final class PageContents implements Check
{
    private const COLUMNS = ['first', 'second', 'third', 'fourth'];

    public function run(Inspection $input): iterable
    {
        $look = $input->look;
        $bands = array_values(array_filter(
            Item::listed('band', $look->text('home.bands')),
            static fn(Item $b): bool => self::isShown($b, $look),
        ));
        yield from self::headings($bands, $look);
        foreach ($bands as $band) {
            yield from match ($band->kind) {
                'gallery' => self::empty($band, 'pictures', $look, StepKey::PAGES, 'has no pictures'),
                'lead' => self::empty($band, 'picture', $look, StepKey::PAGES, 'has no picture'),
                'columns' => self::columns($band, $look),
                default => [],
            };
        }
        foreach (Item::listed('block', $look->text('footer.blocks')) as $block) {
            if ($block->kind === 'picture' && self::isShown($block, $look)) {
                yield from self::empty($block, 'picture', $look, StepKey::FOOTER, 'has no picture');
            }
        }
    }

    /**
     * @param list<Item> $bands shown
     *
     * @return iterable<Finding>
     */
    private static function headings(array $bands, ResolvedLook $look): iterable
    {
        $first = array_values(array_filter(
            $bands,
            static fn(Item $b): bool => $look->catalog->has($b->path('level'))
                && $look->text($b->path('level')) === '1'
                && $look->text($b->path('heading')) !== '',
        ));
        foreach (array_slice($first, 1) as $band) {
            $path = $band->path('level');
            yield new SettingFinding(
                "first-level:$path",
                Severity::ShouldFix,
                StepKey::PAGES,
                $path,
                "The home page has another first-level heading: “{$look->text($band->path('heading'))}”",
                'Give it the second level; one heading says what the page is about.',
            );
        }
        if ($first === [] && $bands !== []) {
            yield new SettingFinding(
                'first-level',
                Severity::ShouldFix,
                StepKey::PAGES,
                'home.bands',
                'The home page has no first-level heading',
                'Give the first band’s heading the first level.',
            );
        }
    }

    /** @return iterable<Finding> */
    private static function empty(Item $item, string $suffix, ResolvedLook $look, string $step, string $what): iterable
    {
        $path = $item->path($suffix);
        if ($look->text($path) === '') {
            $label = explode(':', $look->catalog->get($path)->label)[0];
            yield new SettingFinding("empty:$path", Severity::ShouldFix, $step, $path, "$label $what", 'Choose one, or hide it.');
        }
    }

    /** @return iterable<Finding> */
    private static function columns(Item $band, ResolvedLook $look): iterable
    {
        foreach (array_slice(self::COLUMNS, 0, (int) $look->text($band->path('count'))) as $column) {
            $isFilled = false;
            foreach (['heading', 'text', 'picture'] as $key) {
                $isFilled = $isFilled || $look->text($band->path("$column.$key")) !== '';
            }
            if (! $isFilled) {
                $path = $band->path("$column.heading");
                $label = explode(':', $look->catalog->get($path)->label)[0];
                yield new SettingFinding(
                    "unfilled:$path",
                    Severity::ShouldFix,
                    StepKey::PAGES,
                    $path,
                    "$label: its $column column is empty",
                    'Fill it, or show fewer columns.',
                );
            }
        }
    }

    private static function isShown(Item $item, ResolvedLook $look): bool
    {
        return $look->catalog->has($item->path('show')) && $look->value($item->path('show')) === true;
    }
}
