<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\Finding;
use Ikat\Core\Check\PageContents;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class PageContentsTest extends TestCase
{
    private const WHOLE = [
        'home.bands' => 'lead-1,columns-1,gallery-1', 'footer.blocks' => 'picture-1', 'band.gallery-1.pictures' => 'workshop',
        'block.picture-1.picture' => 'workshop',
        'band.columns-1.first.heading' => 'A', 'band.columns-1.second.text' => 'B', 'band.columns-1.third.picture' => 'workshop',
    ];

    /**
     * @param array<string, bool|float|string> $own
     * @param list<string> $keys
     */
    #[DataProvider('looks')]
    public function testWhatIsUnfilledIsFound(array $own, array $keys): void
    {
        $found = iterator_to_array((new PageContents())->run(Fixtures::input('', '', [...self::WHOLE, ...$own])), false);
        self::assertSame($keys, array_map(static fn(Finding $f): string => $f->key(), $found));
    }

    /** @return iterable<string, array{array<string, bool|float|string>, list<string>}> */
    public static function looks(): iterable
    {
        yield 'all is there' => [[], []];
        yield 'two first-level headings' => [
            ['band.columns-1.heading' => 'Ours', 'band.columns-1.level' => '1'],
            ['first-level:band.columns-1.level'],
        ];
        yield 'an empty heading is none' => [['band.columns-1.heading' => '', 'band.columns-1.level' => '1'], []];
        yield 'no first-level heading' => [['band.lead-1.level' => '2'], ['first-level']];
        yield 'an unfilled column' => [
            ['band.columns-1.second.text' => '', 'band.columns-1.second.heading' => ''],
            ['unfilled:band.columns-1.second.heading'],
        ];
        yield 'a column that does not show' => [
            ['band.columns-1.count' => '2', 'band.columns-1.third.picture' => '', 'band.columns-1.third.heading' => ''],
            [],
        ];
        yield 'pictures that were never chosen' => [
            ['band.gallery-1.pictures' => '', 'block.picture-1.picture' => '', 'band.lead-1.picture' => ''],
            ['empty:band.lead-1.picture', 'empty:band.gallery-1.pictures', 'empty:block.picture-1.picture'],
        ];
        yield 'what is hidden may be empty' => [['band.gallery-1.pictures' => '', 'band.gallery-1.show' => false], []];
    }
}
