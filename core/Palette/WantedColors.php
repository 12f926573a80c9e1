<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;

/** What each brand color would be if contrast did not matter: the logo's inks where they fit, and colors that go with them. */
final readonly class WantedColors
{
    /** The brand colors a theme has that proposals can be made for. */
    public const KEYS = ['paper', 'sheet', 'mist', 'main', 'second', 'accent', 'warm', 'cool', 'ink', 'thread'];

    private const GRAY = 0.035;

    /** OKLCH lightness of a dark color made to lead where the logo has none. */
    private const LEADING = 0.36;

    /**
     * @param array<string, string> $colors brand color key => hex
     * @param array<string, string> $inks brand color key => the ink it stands for
     */
    private function __construct(public array $colors, public array $inks) {}

    /**
     * @param list<Color> $inks the largest share first
     * @param int $voice 0: the first leads; 1: the next leads; 2: all are softened
     * @param bool $asTheyAre whether a light ink stays a light one even where none is dark enough to lead: a darker one of its hue leads
     *     then
     */
    public static function of(array $inks, int $voice, bool $asTheyAre = false): self
    {
        $chromatic = array_values(array_filter($inks, static fn(Color $c): bool => self::chroma($c) >= self::GRAY));
        $gray = array_values(array_filter($inks, static fn(Color $c): bool => self::chroma($c) < self::GRAY));
        $dark = array_values(array_filter($chromatic, static fn(Color $c): bool => Contrast::luminance($c) <= Contrast::MIDDLE));
        $light = array_values(array_filter($chromatic, static fn(Color $c): bool => Contrast::luminance($c) > Contrast::MIDDLE));
        // The other way round, the next dark ink leads and the next light one accompanies.
        if ($voice === 1) {
            $dark = [...array_slice($dark, 1), ...array_slice($dark, 0, 1)];
            $light = [...array_slice($light, 1), ...array_slice($light, 0, 1)];
        }
        // An ink leads even where it must be darkened for it; with grays alone, the darkest of them does.
        $leads = $dark[0] ?? null;
        if ($dark === [] && $light !== [] && $asTheyAre) {
            [, $c, $h] = $light[0]->to(ColorSpace::Oklch)->numbers();
            $leads = self::lch(self::LEADING, $c, $h);
        } elseif ($dark === [] && $light !== []) {
            $dark = [array_shift($light)];
            $leads = $dark[0];
        }
        usort($gray, static fn(Color $a, Color $b): int => Contrast::luminance($a) <=> Contrast::luminance($b));
        $grayDark = array_values(array_filter($gray, static fn(Color $c): bool => Contrast::luminance($c) < 0.12));
        $grayLight = array_values(array_filter($gray, static fn(Color $c): bool => Contrast::luminance($c) > 0.75));
        $main = $leads ?? $grayDark[0] ?? Color::parse('#33343c');
        [$l, $c, $h] = $main->to(ColorSpace::Oklch)->numbers();
        $hue = $c < 0.01 ? 75.0 : $h;
        $calm = $voice === 2 ? 0.55 : 1.0;
        $soft = static fn(Color $color): Color => $calm === 1.0
            ? $color
            : self::lch(
                $color->to(ColorSpace::Oklch)->numbers()[0],
                $calm * self::chroma($color),
                $color->to(ColorSpace::Oklch)->numbers()[2],
            );
        // With one dark ink and one light one there is nothing to turn round: the light one colors the paper instead.
        $paperHue = $voice === 1 && $light !== [] ? $light[0]->to(ColorSpace::Oklch)->numbers()[2] : $hue;
        $accentHue = $voice === 1 ? $hue + 150 : $hue + 40;
        $warmHue = abs(self::turn($hue - 35)) < 24 ? 12.0 : 35.0;
        $wanted = [
            'paper' => $grayLight[count($grayLight) - 1] ?? self::lch(0.972, [0.014, 0.024, 0.004][$voice], $paperHue),
            'sheet' => Color::parse('#ffffff'),
            'mist' => self::lch(0.91, 0.022 * $calm, $paperHue),
            'main' => $soft($main),
            'second' => $soft($dark[1] ?? self::lch(min(0.62, $l + 0.09), $c, $h)),
            'accent' => $soft($light[0] ?? self::lch(0.86, min(0.13, max(0.06, 0.8 * $c)), $accentHue)),
            'warm' => $soft($dark[2] ?? self::lch(0.5, 0.15, $warmHue)),
            'cool' => $soft($light[1] ?? self::lch(0.8, 0.08, abs(self::turn($hue - 195)) < 30 ? 100 : 195)),
            'ink' => $grayDark !== [] && $main !== $grayDark[0] ? $grayDark[0] : self::lch(0.23, min(0.03, $c), $hue),
            'thread' => self::lch(0.57, 0.025, $hue),
        ];
        $stands = [];
        foreach ([
            'main' => $main, 'second' => $dark[1] ?? null, 'warm' => $dark[2] ?? null, 'accent' => $light[0] ?? null,
            'cool' => $light[1] ?? null,
        ] as $key => $ink) {
            if ($ink !== null && in_array($ink, $inks, true)) {
                $stands[$key] = $ink->hex();
            }
        }
        foreach (['paper' => $grayLight[count($grayLight) - 1] ?? null, 'ink' => $grayDark[0] ?? null] as $key => $ink) {
            if ($ink !== null && $ink !== $main) {
                $stands[$key] = $ink->hex();
            }
        }

        return new self(array_map(static fn(Color $color): string => $color->hex(), $wanted), $stands);
    }

    /**
     * The same colors at other keys.
     *
     * @param array<string, string> $from key => the key whose color it has now
     */
    public function at(array $from): self
    {
        $colors = $this->colors;
        $inks = array_diff_key($this->inks, $from);
        foreach ($from as $key => $now) {
            $colors[$key] = $this->colors[$now];
            if (isset($this->inks[$now])) {
                $inks[$key] = $this->inks[$now];
            }
        }

        return new self($colors, $inks);
    }

    private static function chroma(Color $color): float
    {
        return $color->to(ColorSpace::Oklch)->numbers()[1];
    }

    private static function lch(float $lightness, float $chroma, float $hue): Color
    {
        return Color::in(ColorSpace::Oklch, $lightness, $chroma, fmod($hue + 360, 360))->shown();
    }

    /** Degrees, -180..180. */
    private static function turn(float $degrees): float
    {
        return fmod($degrees + 540, 360) - 180;
    }
}
