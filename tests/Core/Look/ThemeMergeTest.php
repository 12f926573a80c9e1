<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Look\Base;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\ThemeMerge;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Laws of the three-way merge, tried on the two shipped versions of one theme and random own changes. */
final class ThemeMergeTest extends TestCase
{
    private const VALUES = [
        'brand.main' => ['#123456', '#654321'], 'scheme.night.link' => ['{brand.warm}', '#ffffff'],
        'header.logo.size.desktop' => [40.0, 20.0], 'header.menu.gap' => [12.0, 20.0],
        'own.fade' => [0.0, 5.0, 18.0, 24.0, 60.0], 'own.kicker.space' => [6.0, 0.0], 'own.edge' => [2.0],
        'card.hover' => ['nothing', 'closer', 'second'],
        'message.message-1.text' => ['Open'], 'no.such.setting' => ['kept'], 'page.scheme' => ['night'],
    ];

    private static function merge(LookState $own): ThemeMerge
    {
        return ThemeMerge::of(
            Fixtures::theme('millrace', '1.0.0'),
            Fixtures::theme('millrace', '1.1.0'),
            'river-dusk',
            $own,
            new StorefrontCatalog(),
        );
    }

    /** @return iterable<LookState> */
    private static function states(): iterable
    {
        mt_srand(20261126);
        for ($i = 0; $i < 120; $i++) {
            $own = [Base::VERSION => '1.0.0'];
            foreach (self::VALUES as $path => $values) {
                if (mt_rand(0, 1) === 1) {
                    $own[$path] = $values[mt_rand(0, count($values) - 1)];
                }
            }
            yield LookState::of($own);
        }
    }

    public function testEveryOwnChangeFallsIntoExactlyOneKind(): void
    {
        foreach (self::states() as $own) {
            $merge = self::merge($own);
            $told = [
                ...$merge->kept, ...array_column($merge->carried, 'path'), ...array_column($merge->retyped, 'path'),
                ...array_column($merge->removed, 'path'), ...array_column($merge->shifted, 'path'),
                ...array_column($merge->loosened, 'path'), ...array_column($merge->questions, 'path'),
            ];
            sort($told);
            $paths = array_values(array_diff(array_keys($own->own), Base::PATHS));
            sort($paths);
            self::assertSame($paths, $told);
        }
    }

    public function testNothingIsLostAndNothingIsInvented(): void
    {
        foreach (self::states() as $own) {
            $merge = self::merge($own);
            $after = LookState::of([...$own->own, ...$merge->changes([])])->own;
            foreach ([...$merge->kept, ...array_column($merge->removed, 'path'), ...array_column($merge->questions, 'path')] as $path) {
                self::assertSame($own->own[$path], $after[$path], "$path stays as it was");
            }
            foreach ($merge->carried as $row) {
                self::assertSame($own->own[$row['path']], $after[$row['to']]);
                self::assertArrayNotHasKey($row['path'], $after);
            }
            $known = [...array_keys($own->own), ...array_column($merge->carried, 'to')];
            self::assertSame([], array_diff(array_keys($after), $known), 'no change that nobody made');
        }
    }

    public function testTheOrderOfDecisionsDoesNotMatter(): void
    {
        foreach (self::states() as $own) {
            $merge = self::merge($own);
            $decisions = [];
            foreach ($merge->questions as $i => $question) {
                $decisions[$question['path']] = $i % 2 ? 'mine' : 'theirs';
            }
            self::assertSame($merge->changes($decisions), $merge->changes(array_reverse($decisions, true)));
            // Decided one after the other it comes to the same, and what is left undecided stays the merchant's.
            $one = [];
            foreach ($decisions as $path => $choice) {
                $one = [...$one, ...array_diff_key($merge->changes([$path => $choice]), $merge->changes([]))];
            }
            self::assertEqualsCanonicalizing($merge->changes($decisions), [...$merge->changes([]), ...$one]);
        }
    }

    public function testRetypedValuesTakeTheNearestChoice(): void
    {
        foreach ([0.0 => 'none', 5.0 => 'none', 18.0 => 'short', 24.0 => 'short', 60.0 => 'long'] as $was => $becomes) {
            self::assertSame($becomes, self::merge(LookState::of(['own.fade' => (float) $was]))->changes([])['own.fade']);
        }
    }

    public function testAQuestionSaysWhatItWasAndWhatBothMadeOfIt(): void
    {
        [$question] = self::merge(LookState::of(['header.logo.size.desktop' => 40.0]))->questions;
        self::assertSame(
            ['header.logo.size.desktop', '31 px', '40 px', '33 px'],
            [$question['path'], $question['before'], $question['mine'], $question['theirs']],
        );
        self::assertContains('header.menu.gap', array_column(self::merge(LookState::of([]))->moved, 'path'));
    }
}
