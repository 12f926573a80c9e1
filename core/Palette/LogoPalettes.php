<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Setting\SettingPath;

/**
 * Proposes brand colors from a logo's inks.
 *
 * A theme's schemes follow its brand colors, so every pair of roles is a pair of two brand colors, one dark and one
 * light. Each pair asks for a contrast; where the dark ones end and the light ones begin is tried at many luminances,
 * and the one that leaves the logo's inks nearest to what they are is kept.
 */
final class LogoPalettes
{
    private const PIVOTS = 16;
    /** How much a color that stands for no ink counts in the choice: little, but not nothing. */
    private const OTHERS = 0.12;
    /** Above the target, for 8-bit rounding. */
    private const SLACK = 1.015;

    private const PROPOSALS = 3;

    /** Which color has which part, where the first order leaves no room: light ones among themselves, dark ones among themselves. */
    private const ORDERS = [
        [],
        ['accent' => 'cool', 'cool' => 'accent'],
        ['main' => 'second', 'second' => 'main'],
        ['main' => 'second', 'second' => 'main', 'accent' => 'cool', 'cool' => 'accent'],
        ['main' => 'warm', 'warm' => 'main'],
        ['main' => 'warm', 'warm' => 'main', 'accent' => 'cool', 'cool' => 'accent'],
        ['second' => 'warm', 'warm' => 'second'],
        ['second' => 'warm', 'warm' => 'second', 'accent' => 'cool', 'cool' => 'accent'],
        ['main' => 'second', 'second' => 'warm', 'warm' => 'main'],
        ['main' => 'warm', 'second' => 'main', 'warm' => 'second'],
    ];

    /** CIEDE2000 under which a color is the one that was given: what 8 bits round. */
    private const SAME = 0.5;

    /** @param list<array{dark: string, light: string, target: float}> $pairs of brand color keys */
    public function __construct(private readonly array $pairs) {}

    /** Whether a proposal decides a color: what the merchant added stays, and so do messages, which carry a meaning of their own. */
    public static function decides(string $path): bool
    {
        $of = SettingPath::of($path);
        $isMessage = preg_match('/^(done|notice|problem)(-ink)?$/D', $of->role) === 1;

        return SettingPath::first($path) !== 'name'
            && (
                $of->brand !== null
                    && ! SettingPath::isOwnKey($of->brand)
                    || $of->set !== null
                    && ! $of->set->isDark
                    && ! SettingPath::isOwnKey($of->set->scheme)
                    && ! $isMessage
            );
    }

    /**
     * @param list<Color> $inks of the logo, the largest share first; may be empty
     *
     * @return list<PaletteProposal> three; one that keeps the logo's colors exactly comes first where there is one
     */
    public function proposals(array $inks): array
    {
        $proposals = [
            $this->fit('As the logo speaks', 'The logo’s first color leads, its others accompany.', WantedColors::of($inks, 0)),
            $this->fit('The other way round', 'The logo’s next colors lead, or color the paper.', WantedColors::of($inks, 1)),
            $this->fit('In a quieter voice', 'The same colors, softened, with plain paper around them.', WantedColors::of($inks, 2)),
        ];
        $exact = $this->exact($inks);
        // Who gave colors means them: where they can all stay as they are, that comes first.
        if ($exact !== null && $proposals[0]?->furthest() > self::SAME) {
            array_unshift($proposals, $exact);
        }

        return array_slice(array_values(array_filter($proposals)), 0, self::PROPOSALS);
    }

    /**
     * All the logo's colors exactly as they are, where the others can make room for them.
     *
     * @param list<Color> $inks
     */
    private function exact(array $inks): ?PaletteProposal
    {
        $given = WantedColors::of($inks, 0, true);
        foreach ($given->inks === [] ? [] : self::ORDERS as $order) {
            $wanted = $given->at($order);
            $proposal = $this->fit(
                'Your colors exactly',
                'Every color of the logo as it is; the others make room.',
                $wanted,
                array_fill_keys(array_keys($wanted->inks), true),
            );
            if ($proposal !== null) {
                return $proposal;
            }
        }

        return null;
    }

    /**
     * @param array<string, true> $pinned keys of colors that must not move
     *
     * @return ?PaletteProposal null when what must not move leaves the others no room
     */
    private function fit(string $title, string $words, WantedColors $wanted, array $pinned = []): ?PaletteProposal
    {
        $colors = array_map(Color::parse(...), $wanted->colors);
        $lights = array_map(Contrast::luminance(...), $colors);
        $best = null;
        for ($i = 0; $i < self::PIVOTS; $i++) {
            // From nearly black to the luminance both black and white stand out from alike.
            $pivot = 0.012 * (0.175 / 0.012) ** ($i / (self::PIVOTS - 1));
            $fitting = $this->at($pivot, $colors, $lights, $pinned);
            if ($fitting === null) {
                continue;
            }
            $cost = 0.0;
            foreach ($fitting as $key => $color) {
                $cost += $color === $colors[$key]
                    ? 0.0
                    : (isset($wanted->inks[$key]) ? 1.0 : self::OTHERS) * Ciede2000::difference($color, $colors[$key]);
            }
            if ($best === null || $cost < $best[0]) {
                $best = [$cost, $fitting];
            }
        }
        if ($best === null) {
            return null;
        }
        $kept = [];
        foreach ($wanted->inks as $key => $ink) {
            if (isset($best[1][$key])) {
                $kept[$key] = ['ink' => $ink, 'difference' => Ciede2000::difference($best[1][$key], Color::parse($ink))];
            }
        }

        return new PaletteProposal($title, $words, array_map(static fn(Color $c): string => $c->hex(), $best[1]), $kept);
    }

    /**
     * @param array<string, Color> $colors as wanted, by key
     * @param array<string, float> $lights their relative luminances
     *
     * @param array<string, true> $pinned keys of colors that must not move
     *
     * @return ?array<string, Color> null when no light color could be light enough, or no dark one dark enough
     */
    private function at(float $pivot, array $colors, array $lights, array $pinned): ?array
    {
        $bounds = [];
        foreach ($this->pairs as ['dark' => $dark, 'light' => $light, 'target' => $target]) {
            // What must not move says itself how light its partners are; the others will be as dark as the pivot.
            $least = $target * self::SLACK * ((isset($pinned[$dark]) ? $lights[$dark] : $pivot) + 0.05) - 0.05;
            if (isset($pinned[$light])) {
                if (isset($pinned[$dark]) && $lights[$light] < $least) {
                    return null;
                }

                continue;
            }
            $bounds[$light] = max($bounds[$light] ?? 0.0, $least);
        }
        foreach ($bounds as $light => $least) {
            if ($least > 1) {
                return null;
            }
            if ($lights[$light] < $least) {
                $colors[$light] = self::withLuminance($colors[$light], $least, true);
                $lights[$light] = Contrast::luminance($colors[$light]);
            }
        }
        $bounds = [];
        foreach ($this->pairs as ['dark' => $dark, 'light' => $light, 'target' => $target]) {
            if (! isset($pinned[$dark])) {
                $bounds[$dark] = min($bounds[$dark] ?? 1.0, ($lights[$light] + 0.05) / ($target * self::SLACK) - 0.05);
            }
        }
        foreach ($bounds as $dark => $most) {
            if ($most < 0) {
                return null;
            }
            if ($lights[$dark] > $most) {
                $colors[$dark] = self::withLuminance($colors[$dark], $most, false);
            }
        }

        return $colors;
    }

    /** The same hue at the lightness (OKLCH) whose luminance is just reached; chroma as far as a screen can show it. */
    private static function withLuminance(Color $color, float $wanted, bool $atLeast): Color
    {
        [, $c, $h] = $color->to(ColorSpace::Oklch)->coordinates();
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 11; $i++) {
            $middle = ($low + $high) / 2;
            if (Contrast::luminance(Color::in(ColorSpace::Oklch, $middle, $c, $h)->shown()) < $wanted) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return Color::parse(Color::in(ColorSpace::Oklch, $atLeast ? $high : $low, $c, $h)->hex());
    }
}
