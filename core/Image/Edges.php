<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;

/**
 * The visible edge of a logo: opaque pixels beside clear ones, which a visitor tells from the ground or does not.
 *
 * A picture without clear pixels brings its own paper and stands on no ground but that.
 */
final class Edges
{
    private const MOST = 240;
    private const OPAQUE = 200;
    private const CLEAR = 60;

    /** @return list<string> hex colors of edge pixels, evenly taken; empty when nothing of the picture is clear */
    public static function of(PixelGrid $pixels): array
    {
        $w = $pixels->width();
        $h = $pixels->height();
        // Antialiased rims are a few pixels wide: looking some way in finds the ink itself.
        $reach = max(1, intdiv(min($w, $h), 64));
        $step = max(1, (int) floor(sqrt($w * $h / 160000)));
        $found = [];
        for ($y = 0; $y < $h; $y += $step) {
            for ($x = 0; $x < $w; $x += $step) {
                $pixel = $pixels->argb($x, $y);
                if (($pixel >> 24 & 255) < self::OPAQUE) {
                    continue;
                }
                foreach ([[-$reach, 0], [$reach, 0], [0, -$reach], [0, $reach]] as [$dx, $dy]) {
                    $nx = $x + $dx;
                    $ny = $y + $dy;
                    if ($nx >= 0 && $ny >= 0 && $nx < $w && $ny < $h && ($pixels->argb($nx, $ny) >> 24 & 255) < self::CLEAR) {
                        $found[] = $pixel & 0xFFFFFF;
                        break;
                    }
                }
            }
        }
        $every = max(1, intdiv(count($found), self::MOST));

        return array_map(
            static fn(int $i): string => sprintf('#%06x', $found[$i]),
            $found === [] ? [] : range(0, count($found) - 1, $every),
        );
    }

    /**
     * How well an edge stands out: the contrast that nine tenths of its pixels reach against every ground.
     *
     * @param list<string> $edge hex
     * @param non-empty-list<string> $grounds hex; several where the ground is a picture
     *
     * @return float WCAG contrast ratio, 1..21; 21 for a picture with paper of its own
     */
    public static function worstTenth(array $edge, array $grounds): float
    {
        if ($edge === []) {
            return 21.0;
        }
        $known = [];
        $y = static function (string $hex) use (&$known): float {
            return $known[$hex] ??= Contrast::luminance(Color::parse($hex));
        };
        $grounds = array_map($y, $grounds);
        $ratios = array_map(
            static fn(string $hex): float => min(array_map(
                static fn(float $ground): float => Contrast::ofLuminances($y($hex), $ground),
                $grounds,
            )),
            $edge,
        );
        sort($ratios);

        return $ratios[intdiv(count($ratios), 10)];
    }
}
