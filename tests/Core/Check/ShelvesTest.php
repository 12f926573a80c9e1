<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\ShelfState;
use Ikat\Core\Check\Shelves;
use Ikat\Core\Check\StoreFinding;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class ShelvesTest extends TestCase
{
    public function testFewAreNamedAndTheRestIsCounted(): void
    {
        $found = self::found(new ShelfState([4 => 'Harbor kit', 9 => 'Oil'], 7, [3 => 'Brush'], 1, 2));
        self::assertSame(
            [
                'Harbor kit is sold for less than it costs', 'Oil is sold for less than it costs',
                '5 more products are sold for less than they cost', 'Brush is on sale and has no picture',
                '2 pictures of products have no words',
            ],
            array_map(static fn(Finding $f): string => $f->inWords(self::inspection(new ShelfState())), $found),
        );
        self::assertSame(['open_record' => '4'], $found[0]->opens);
        self::assertSame(['open_sort' => 'margin'], $found[2]->opens);
        self::assertSame(['open_kind' => 'pictures', 'open_only' => 'check:without words'], $found[4]->opens);
        self::assertSame([], self::found(new ShelfState()));
    }

    /** @return list<StoreFinding> */
    private static function found(ShelfState $state): array
    {
        return array_values([...(new Shelves())->run(self::inspection($state))]);
    }

    private static function inspection(ShelfState $state): Inspection
    {
        return (new Inspection(Fixtures::look(), Fixtures::theme()))->with($state);
    }
}
