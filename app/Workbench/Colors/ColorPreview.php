<?php

declare(strict_types=1);

namespace App\Workbench\Colors;

use App\Workbench\Shell\Bench;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\GamutTable;
use Ikat\Core\Compile\SchemeStates;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Contrast\HeaderBackdrop;
use Ikat\Core\Contrast\PairContrast;
use Ikat\Core\Contrast\RolePair;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Look\Change;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\SchemeRoles;
use Ikat\Core\Setting\SettingPath;

/** What a picker shows of one color: where it is readable, and its pairs. */
final class ColorPreview
{
    /**
     * @param float $hue degrees
     * @param string $value a CSS color that is being tried; empty for the color as it is
     * @param bool $isDark whether the window shows dark surroundings
     *
     * @return array{lines: list<array{title: string, target: float, points: list<array{float, float}>}>, pairs: list<array{title: string,
     *     ratio: string, target: string, passes: bool}>, turned: array<string, string>}
     */
    public function of(Bench $bench, string $path, float $hue, string $value, bool $isDark): array
    {
        $tried = $this->tried($bench, $path, $value);

        return [
            'lines' => $this->lines($bench, $path, $hue),
            'pairs' => $this->pairs($bench, $path, $tried),
            'turned' => $value === '' ? [] : $this->turned($bench, $path, $tried, $isDark),
        ];
    }

    /**
     * The lines that bound the readable region around the present color: the nearest above it and the nearest below.
     *
     * @return list<array{title: string, target: float, points: list<array{float, float}>}> points are [chroma, lightness]
     */
    private function lines(Bench $bench, string $path, float $hue): array
    {
        $palette = $bench->inspection()->get(SchemeColors::class);
        [$lightness, $chroma] = Color::parse($bench->inspection()->look->text($path))->to(ColorSpace::Oklch)->numbers();
        $above = null;
        $below = null;
        foreach ($this->pairsOf($bench->inspection(), $path) as [$set, $pair, $isInk]) {
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
    private function pairs(Bench $bench, string $path, SchemeColors $palette): array
    {
        $rows = [];
        foreach ($this->pairsOf($bench->inspection(), $path) as [$set, $pair]) {
            $ratio = $pair->ratio($palette, $set);
            $rows[] = [
                'title' => $pair->title().($pair->large ? ', large' : ''), 'ratio' => ContrastFinding::ratioText($ratio),
                'target' => ContrastFinding::ratioText($pair->target()), 'passes' => $ratio >= $pair->target(),
                'share' => $ratio / $pair->target(),
            ];
        }
        usort($rows, static fn(array $a, array $b): int => $a['share'] <=> $b['share']);

        return array_map(static fn(array $r): array => array_diff_key($r, ['share' => 0]), array_slice($rows, 0, 6));
    }

    /**
     * What the rules make of a value: colors that follow it only once it is kept, shown while it is still being chosen.
     *
     * @param bool $isDark whether the window shows dark surroundings, whose colors come by rule from the first
     *
     * @return array<string, string> custom property => hex
     */
    private function turned(Bench $bench, string $path, SchemeColors $palette, bool $isDark): array
    {
        $paths = [$path, ...$bench->inspection()->look->followersOf($path)];
        $turned = [];
        foreach (SchemeColors::sets($bench->inspection()->look, $bench->inspection()->theme) as $set) {
            $roles = array_keys($isDark ? SchemeRoles::ALL + SchemeStates::SOURCES : SchemeStates::SOURCES);
            $isTouched = array_filter($paths, static function (string $p) use ($set, $isDark): bool {
                $its = SettingPath::of($p)->set;

                return $its !== null && ($its->is($set) || $isDark && $its->is(ColorSet::of($set->scheme)));
            }) !== [];
            // What follows the color itself moves with it in the window already.
            foreach ($set->isDark === $isDark && $isTouched ? array_filter(
                $roles,
                static fn(string $role): bool => ! in_array($set->path($role), $paths, true),
            ) : [] as $role) {
                $turned[SettingPath::property(ColorSet::of($set->scheme)->path($role))] = $palette->color($set, $role)->hex();
            }
        }

        return $turned;
    }

    /** The colors as they would be with a value; as they are, with none. */
    private function tried(Bench $bench, string $path, string $value): SchemeColors
    {
        if ($value === '') {
            return $bench->inspection()->get(SchemeColors::class);
        }
        $change = new Change($path, null, $bench->catalog()->normalize($path, $value));
        $resolved = $bench->snapshot->with($bench->snapshot->own->with([$change]))->resolved();

        return new SchemeColors(
            $resolved,
            SchemeColors::sets($resolved, $bench->snapshot->theme()),
            $bench->inspection()->get(HeaderBackdrop::class),
        );
    }

    /**
     * @return list<array{ColorSet, RolePair, bool}> set of colors, pair, and whether the color is its ink
     */
    private function pairsOf(Inspection $input, string $path): array
    {
        $paths = [$path, ...$input->look->followersOf($path)];
        $found = [];
        foreach (PairContrast::pairs($input) as $pair) {
            foreach ($pair->kind === 'none' ? [] : SchemeColors::sets($input->look, $input->theme) as $set) {
                $isInk = in_array($set->path($pair->ink), $paths, true);
                $isGround = in_array($set->path($pair->ground), $paths, true);
                if ($isInk !== $isGround && ($pair->ground !== SchemeColors::OVER || isset($pair->places[$set->scheme]))) {
                    $found[] = [$set, $pair, $isInk];
                }
            }
        }

        return $found;
    }
}
