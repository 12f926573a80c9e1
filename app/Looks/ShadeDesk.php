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
        [$lightness, $chroma] = Color::parse($bench->input()->look->text($path))->to(ColorSpace::Oklch)->numbers();
        $above = null;
        $below = null;
        foreach ($this->pairsOf($bench->input(), $path) as [$scheme, $pair, $isInk]) {
            $other = Color::parse($bench->input()->look->text("scheme.$scheme.".($isInk ? $pair->ground : $pair->ink)));
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
        $palette = new Palette($resolved, array_keys($bench->input()->theme->schemes));
        $rows = [];
        foreach ($this->pairsOf($bench->input(), $path) as [$scheme, $pair]) {
            $ratio = $palette->ratio($scheme, $pair->ink, $pair->ground);
            $rows[] = ['title' => $pair->title().($pair->large ? ', large' : ''), 'ratio' => ContrastFinding::say($ratio), 'target' => ContrastFinding::say($pair->target()), 'passes' => $ratio >= $pair->target(), 'share' => $ratio / $pair->target()];
        }
        usort($rows, static fn(array $a, array $b): int => $a['share'] <=> $b['share']);

        return array_map(static fn(array $r): array => array_diff_key($r, ['share' => 0]), array_slice($rows, 0, 6));
    }

    /**
     * @return list<array{string, RolePair, bool}> scheme, pair, and whether the color is its ink
     */
    private function pairsOf(CheckInput $input, string $path): array
    {
        $paths = [$path, ...$input->look->followersOf($path)];
        $found = [];
        foreach (PairContrast::pairs($input) as $pair) {
            foreach (array_keys($input->theme->schemes) as $scheme) {
                $isInk = in_array("scheme.$scheme.$pair->ink", $paths, true);
                $isGround = in_array("scheme.$scheme.$pair->ground", $paths, true);
                if ($isInk !== $isGround && $input->look->catalog->has("scheme.$scheme.".($isInk ? $pair->ground : $pair->ink))) {
                    $found[] = [$scheme, $pair, $isInk];
                }
            }
        }

        return $found;
    }
}
