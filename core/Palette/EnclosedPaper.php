<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Color;
use Ikat\Core\Image\PixelGrid;

/**
 * White letters on a colored panel, on white paper: they have the paper's color and are drawn all the same.
 *
 * The paper is what can be reached from the picture's edge. Of what cannot, the holes in letters (an O's, an A's) are paper
 * too: single, simple forms. Letters are several in one panel, or not simple. Common practice, no source.
 */
final class EnclosedPaper
{
    /** Cells along the longer side that are looked at. */
    private const CELLS = 220;

    /** Greatest difference of a channel, 0..255, to the paper. */
    private const NEAR = 20;

    /** Forms in one panel from which on they are letters, and the share of its box a simple form fills at least. */
    private const SEVERAL = 3;
    private const SIMPLE = 0.47;

    /** Cells a form has at least: less is noise. */
    private const LEAST = 12;

    /** @return float share of the picture, 0..1, that is drawn in the paper's color */
    public static function share(PixelGrid $pixels, Color $paper): float
    {
        $step = max(1, (int) ceil(max($pixels->width(), $pixels->height()) / self::CELLS));
        [$columns, $rows] = [intdiv($pixels->width(), $step), intdiv($pixels->height(), $step)];
        if ($columns < 3 || $rows < 3) {
            return 0.0;
        }
        $isWhite = self::white($pixels, $paper, $step, $columns, $rows);
        $forms = self::forms($isWhite, $columns, $rows);
        $panels = [];
        foreach ($forms as $form) {
            $panels[self::panel($form, $isWhite, $columns)][] = $form;
        }
        $drawn = 0;
        foreach ($panels as $inside) {
            $areSeveral = count($inside) >= self::SEVERAL;
            foreach ($inside as $form) {
                $drawn += $areSeveral || count($form['cells']) < self::SIMPLE * $form['box'] ? count($form['cells']) : 0;
            }
        }

        return $drawn / ($columns * $rows);
    }

    /** @return list<bool> */
    private static function white(PixelGrid $pixels, Color $paper, int $step, int $columns, int $rows): array
    {
        [$red, $green, $blue] = array_map(static fn(float $v): int => (int) round(255 * $v), $paper->numbers());
        $isWhite = [];
        for ($y = 0; $y < $rows; $y++) {
            for ($x = 0; $x < $columns; $x++) {
                $p = $pixels->argb($x * $step + intdiv($step, 2), $y * $step + intdiv($step, 2));
                $isWhite[] = abs(($p >> 16 & 255) - $red) <= self::NEAR
                    && abs(($p >> 8 & 255) - $green) <= self::NEAR
                    && abs(($p & 255) - $blue) <= self::NEAR;
            }
        }

        return $isWhite;
    }

    /**
     * White that the edge does not reach, piece by piece.
     *
     * @param list<bool> $isWhite
     *
     * @return list<array{cells: non-empty-list<int>, box: int}>
     */
    private static function forms(array $isWhite, int $columns, int $rows): array
    {
        $seen = [];
        $forms = [];
        foreach ($isWhite as $start => $white) {
            if (! $white || isset($seen[$start])) {
                continue;
            }
            $seen[$start] = true;
            $cells = [$start];
            $touchesEdge = false;
            [$left, $right, $top, $bottom] = [$columns, 0, $rows, 0];
            for ($i = 0; $i < count($cells); $i++) {
                [$x, $y] = [$cells[$i] % $columns, intdiv($cells[$i], $columns)];
                [$left, $right, $top, $bottom] = [min($left, $x), max($right, $x), min($top, $y), max($bottom, $y)];
                $touchesEdge = $touchesEdge || $x === 0 || $y === 0 || $x === $columns - 1 || $y === $rows - 1;
                foreach ([[$x + 1, $y], [$x - 1, $y], [$x, $y + 1], [$x, $y - 1]] as [$nx, $ny]) {
                    $next = $ny * $columns + $nx;
                    if ($nx >= 0 && $ny >= 0 && $nx < $columns && $ny < $rows && $isWhite[$next] && ! isset($seen[$next])) {
                        $seen[$next] = true;
                        $cells[] = $next;
                    }
                }
            }
            if (! $touchesEdge && count($cells) >= self::LEAST) {
                $forms[] = ['cells' => $cells, 'box' => ($right - $left + 1) * ($bottom - $top + 1)];
            }
        }

        return $forms;
    }

    /**
     * Names the piece of ink a form lies in, by the topmost cell of it: forms in one piece have one name.
     *
     * @param array{cells: non-empty-list<int>, box: int} $form
     * @param list<bool> $isWhite
     */
    private static function panel(array $form, array $isWhite, int $columns): int
    {
        $first = min($form['cells']) - $columns;
        $seen = [$first => true];
        $cells = [$first];
        $name = $first;
        for ($i = 0; $i < count($cells); $i++) {
            $x = $cells[$i] % $columns;
            foreach ([
                $cells[$i] - $columns, $cells[$i] + $columns, $x > 0 ? $cells[$i] - 1 : -1, $x < $columns - 1 ? $cells[$i] + 1 : -1,
            ] as $next) {
                if (isset($isWhite[$next]) && ! $isWhite[$next] && ! isset($seen[$next])) {
                    $seen[$next] = true;
                    $cells[] = $next;
                    $name = min($name, $next);
                }
            }
        }

        return $name;
    }
}
