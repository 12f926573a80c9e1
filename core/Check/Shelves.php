<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Store\RecordKinds;

/** Goods that lose money, goods nobody sees, and pictures that say nothing. */
final class Shelves implements Check
{
    public function run(Inspection $input): iterable
    {
        $state = $input->get(ShelfState::class);
        yield from self::each(
            $state->belowCost,
            $state->belowCostMany,
            'below-cost',
            '%s is sold for less than it costs',
            '%d more products are sold for less than they cost',
            'Raise its price, or let its reduction end.',
            ['open_sort' => 'margin'],
        );
        yield from self::each(
            $state->unseen,
            $state->unseenMany,
            'unseen',
            '%s is on sale and has no picture',
            '%d more products on sale have no picture',
            'Drop one on it.',
            ['open_sort' => 'pictures'],
        );
        if ($state->wordless > 0) {
            yield new StoreFinding(
                'wordless-pictures',
                Severity::Know,
                $state->wordless === 1 ? 'A picture of a product has no words' : "$state->wordless pictures of products have no words",
                'Say what is on it, for those who cannot see it.',
                ['open_kind' => RecordKinds::PICTURES, 'open_only' => 'check:'.RecordKinds::PICTURE_CHECKS['undescribed']],
            );
        }
    }

    /**
     * @param array<int, string> $first id => name
     * @param array<string, string> $others what shows the others
     *
     * @return iterable<Finding>
     */
    private static function each(
        array $first,
        int $many,
        string $key,
        string $one,
        string $more,
        string $remedy,
        array $others,
    ): iterable {
        foreach ($first as $id => $name) {
            yield new StoreFinding("$key:$id", Severity::ShouldFix, sprintf($one, $name), $remedy, ['open_record' => (string) $id]);
        }
        if ($many > count($first)) {
            yield new StoreFinding("$key:more", Severity::ShouldFix, sprintf($more, $many - count($first)), $remedy, $others);
        }
    }
}
