<?php

declare(strict_types=1);

namespace App\Looks;

use Ikat\Core\Check\CheckInput;
use Ikat\Core\Check\ContrastFinding;
use Ikat\Core\Check\PairContrast;
use Ikat\Core\Check\Palette;
use Ikat\Core\Check\RolePair;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\GamutTable;
use Ikat\Core\Look\Change;

/** What a picker shows of one color: where it is readable, and its pairs. */
final class ShadeDesk
{
    public function __construct(private readonly LookDesk $desk) {}

    /**
     * The lines that bound the readable region around the present color: the nearest above it and the nearest below.
     *
     * @return list<array{title: string, target: float, points: list<array{float, float}>}> points are [chroma, lightness]
     */
    public function lines(Bench $bench, string $path, float $hue): array
    {
        $palette = Palette::of($bench->input());
        [$lightness, $chroma] = Color::parse($bench->input()->look->text($path))->to(ColorSpace::Oklch)->numbers();
        $above = null;
        $below = null;
        foreach ($this->pairsOf($bench->input(), $path) as [$set, $pair, $isInk]) {
            foreach ($isInk ? $palette->extremes($set, $pair->ground) : [$palette->color($set, $pair->ink)] as $other) {
                foreach (GamutTable::contrastLines($other, $pair->target(), $hue) as $points) {
                    $at = $points[(int) min(count($points) - 1, round($chroma / GamutTable::MOST_CHROMA * (count($points) - 1)))][1];
                    $line = ['title' => $pair->title(), 'target' => $pair->target(), 'points' => $points, 'at' => $at];
                    if ($at >= $lightness && ($above === null || $at < $above['at'])) {
                        $above = $line;
                    } elseif ($at < $lightness && ($below === null || $at > $below['at'])) {
                        $below = $line;
                    }
                }
            }
        }

        return array_map(static fn(array $line): array => array_diff_key($line, ['at' => 0]), array_values(array_filter([$above, $below])));
    }

    /**
     * The pairs a color stands in, as they would be with a value.
     *
     * @return list<array{title: string, ratio: string, target: string, passes: bool}> the faintest first
     */
    public function pairs(Bench $bench, string $path, string $value): array
    {
        $look = $bench->look;
        $own = $look->ownChanges();
        $catalog = $this->desk->catalog($look);
        if ($value !== '') {
            $own = $own->with([new Change($path, null, $catalog->normalize($path, $value))]);
        }
        $resolved = $this->desk->resolveState($look, $own);
        $palette = new Palette($resolved, Palette::sets($resolved, $bench->input()->theme), $bench->input()->underHeader);
        $rows = [];
        foreach ($this->pairsOf($bench->input(), $path) as [$set, $pair]) {
            $ratio = $pair->ratio($palette, $set);
            $rows[] = ['title' => $pair->title().($pair->large ? ', large' : ''), 'ratio' => ContrastFinding::say($ratio), 'target' => ContrastFinding::say($pair->target()), 'passes' => $ratio >= $pair->target(), 'share' => $ratio / $pair->target()];
        }
        usort($rows, static fn(array $a, array $b): int => $a['share'] <=> $b['share']);

        return array_map(static fn(array $r): array => array_diff_key($r, ['share' => 0]), array_slice($rows, 0, 6));
    }

    /**
     * @return list<array{string, RolePair, bool}> set of colors, pair, and whether the color is its ink
     */
    private function pairsOf(CheckInput $input, string $path): array
    {
        $paths = [$path, ...$input->look->followersOf($path)];
        $found = [];
        foreach (PairContrast::pairs($input) as $pair) {
            foreach ($pair->kind === 'none' ? [] : Palette::sets($input->look, $input->theme) as $set) {
                $isInk = in_array("$set.$pair->ink", $paths, true);
                $isGround = in_array("$set.$pair->ground", $paths, true);
                if ($isInk !== $isGround && ($pair->ground !== Palette::OVER || isset($pair->places[Palette::scheme($set)]))) {
                    $found[] = [$set, $pair, $isInk];
                }
            }
        }

        return $found;
    }
}
