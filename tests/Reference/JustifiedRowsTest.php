<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Grid\PlacedCard;
use Ikat\Core\Grid\ShelfArranger;
use Ikat\Core\Grid\ShelfForm;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * Rows of pictures that keep their proportions against justified-layout 4.1.0.
 *
 * It ends a row where that is nearest the height that is aimed at, a browser where nothing more fits: so the same goods are given row by
 * row, those rows that are filled by growing.
 */
final class JustifiedRowsTest extends TestCase
{
    private const SHELVES = 200;

    /** Px: it rounds what it gives. */
    private const NEAR = 1.0;

    public function testARowIsSharedOutAsJustifiedLayoutDoes(): void
    {
        mt_srand(15);
        $asked = [];
        for ($i = 0; $i < self::SHELVES; $i++) {
            $asked[] = [
                'proportions' => array_map(static fn(): float => mt_rand(10, 40) / 20, range(1, mt_rand(6, 24))),
                'width' => mt_rand(360, 1400),
                'height' => mt_rand(170, 340), 'gap' => mt_rand(0, 40),
            ];
        }
        $lines = implode("\n", array_map(json_encode(...), $asked));
        $node = new Process(['node', __DIR__.'/justified.mjs'], dirname(__DIR__, 2), null, $lines);
        $given = explode("\n", trim($node->mustRun()->getOutput()));
        $compared = 0;
        foreach ($asked as $i => $one) {
            $rows = [];
            foreach (json_decode($given[$i], true, 8, JSON_THROW_ON_ERROR) as $n => $box) {
                $rows[(string) $box[1]][$n] = $box;
            }
            // The last need not be full.
            array_pop($rows);
            foreach ($rows as $row) {
                $proportions = array_map(static fn(int $n): float => $one['proportions'][$n], array_keys($row));
                $wide = array_sum($proportions) * $one['height'] + (count($row) - 1) * $one['gap'];
                if ($wide > $one['width'] || $wide < 0.6 * $one['width']) {
                    continue;
                }
                $compared++;
                $cards = self::rowOf($proportions, $one);
                foreach (array_values($row) as $k => [$x, , $width, $height]) {
                    self::assertEqualsWithDelta(
                        [$x, $width, $height],
                        [$cards[$k]->x, $cards[$k]->width, $cards[$k]->picture],
                        self::NEAR,
                        json_encode($one, JSON_THROW_ON_ERROR),
                    );
                }
            }
        }
        self::assertGreaterThan(100, $compared);
    }

    /**
     * @param list<float> $proportions
     * @param array{width: int, height: int, gap: int} $one
     *
     * @return list<PlacedCard>
     */
    private static function rowOf(array $proportions, array $one): array
    {
        $form = new ShelfForm($one['width'], 4, 200, 200, $one['gap'], $one['gap'], 0, $one['height'], 'stretch', 'rows');
        [$cards] = (new ShelfArranger($form, static fn(): array => [0.0, 1], 1.0, 0.0))->place($proportions);

        return $cards;
    }
}
