<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\StoreContents;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Findings about what links, menus, pictures and seasons point at. */
final class StoreChecksTest extends TestCase
{
    private const MENUS = ['main' => ['/category/candles'], 'foot' => ['/page/returns'], 'help' => []];

    /**
     * @param array<string, bool|float|string> $own
     * @param array<string, list<string>> $menus
     *
     * @return array<string, string> key => words
     */
    private function found(array $own, array $menus = self::MENUS): array
    {
        $input = $this->input($own, $menus);
        $other = array_filter(Checks::run($input), static fn(Finding $f): bool => ! str_starts_with($f->key(), 'contrast'));

        return array_combine(
            array_map(static fn(Finding $f): string => $f->key(), $other),
            array_map(static fn(Finding $f): string => $f->inWords($input), $other),
        );
    }

    /**
     * @param array<string, bool|float|string> $own
     * @param array<string, list<string>> $menus
     */
    private function input(array $own, array $menus): Inspection
    {
        return Fixtures::input(
            '.wear{color:var(--ink)}',
            '<p>x</p>',
            $own,
            store: new StoreContents(
                ['/page/returns' => 'Returns'],
                ['/', '/page/returns', '/category/candles'],
                $menus,
                ['lead'],
                ['moth'],
                2,
                'Europe/Lisbon',
                ['/page/returns'],
            ),
        );
    }

    public function testAShopWhoseLinksAllLeadSomewhereHasNone(): void
    {
        self::assertSame([], $this->found([]));
    }

    public function testATargetThatIsNotThere(): void
    {
        $found = $this->found([
            'band.lead-1.target' => '/category/lamps',
            'utility.first.show' => true,
            'utility.first.target' => '/page/gone',
        ]);
        self::assertArrayHasKey('target:band.lead-1.target', $found);
        self::assertStringContainsString('/page/gone is not in the shop', $found['target:utility.first.target']);
        self::assertSame([], $this->found(['utility.first.target' => '/page/gone']), 'a button that does not show leads nowhere');
        self::assertArrayHasKey(
            'target:menu:main:/category/lamps',
            $this->found([], ['main' => ['/category/lamps'], 'foot' => ['/page/returns']]),
        );
    }

    public function testAPageNothingLeadsTo(): void
    {
        $menus = ['main' => ['/category/candles'], 'foot' => ['/category/candles']];
        self::assertSame(['lost:/page/returns' => 'Nothing leads to the page “Returns”'], $this->found([], $menus));
        self::assertSame([], $this->found(['band.lead-1.target' => '/page/returns'], $menus));
        self::assertSame([], $this->found(['footer.blocks' => 'links-1,links-2,policies-1'], $menus));
    }

    public function testAMenuThatIsShownAndEmpty(): void
    {
        self::assertArrayHasKey('menu:help', $this->found(['header.menu.second' => 'help']));
        self::assertArrayNotHasKey('menu:help', $this->found([]));
    }

    public function testPicturesAndProductsThatAreGone(): void
    {
        $found = $this->found(['band.lead-1.picture' => 'sunrise', 'grid.sort' => 'hand', 'grid.order' => 'moth,heron']);
        self::assertSame(['gone:band.lead-1.picture:sunrise', 'gone:grid.order:heron'], array_keys($found));
    }

    public function testSeasonsThatCannotRunOrChangeNothing(): void
    {
        $season = ['seasons' => 'season-1', 'season.season-1.heading' => 'Frost'];
        self::assertSame(['season:season-1:times'], array_keys($this->found($season)));
        self::assertSame(
            ['season:season-1:order'],
            array_keys($this->found([
                ...$season,
                'season.season-1.starts' => '2027-02-01T00:00',
                'season.season-1.ends' => '2027-01-01T00:00',
            ])),
        );
        self::assertSame(
            ['season:season-1:empty'],
            array_keys($this->found(['seasons' => 'season-1', 'season.season-1.starts' => '2027-02-01T00:00'])),
        );
        self::assertSame([], $this->found([...$season, 'season.season-1.on' => false]));
    }
}
