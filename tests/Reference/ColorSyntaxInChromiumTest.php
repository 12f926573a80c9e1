<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use PHPUnit\Framework\TestCase;

/**
 * Which texts are colors, and what color they are, against Chromium: every form, packed, commented, escaped, broken, and random mutations
 * of all. CSS Color 4, CSS Syntax 3.
 */
final class ColorSyntaxInChromiumTest extends TestCase
{
    private const RANDOM = 4000;

    private const FIRM = [
        '1.', '#abc;', '#ab/**/c', 'rgb(1/**/2/**/3)', '/**/red', 'red/**/', 'r\\65 d', '\\72 gb(1 2 3)', 'rgb(1 2 3', 'rgb(1 2 3/50%',
        'rgb(1,2,3', 'rgb(1e400 2 3)', 'rgb(1 2 3)/*', 'rgb(1 2 3/*',
        "rgb(1\x0B2 3)", "red\x01", "rgb(1\f2 3)", "rgb(1\t2\n3)", "\tred\r\n", 'rgb(10%20%30%)', 'rgb(.1.2.3)', 'rgb(1+2+3)', 'rgb(1-2-3)',
        'hsl(120deg100%50%)', 'hsl(1turn 1%1%)', 'rgb(1,2,3,)', 'rgb(,1,2,3)', 'rgb(1,,2,3)',
        'rgb(1 2,3)', 'rgb(1,2 3)', 'rgb(1,2,3/.5)', 'rgb(1 2 3/)', 'rgb(1 2 3/.5/.5)', 'rgb(1 2 3 .5)', 'rgb()', 'rgb( )', 'rgb (1 2 3)',
        'RGB(1 2 3)', 'ReD', 'hsl(20 130% 40%)', 'hsl(20,130%,40%)', 'hsl(20 100% 120%)', 'hsl(20 -10% 50%)',
        'hwb(10 20% 130%)', 'hwb(10 20 30)', 'hwb(10,20%,30%)', 'lab(50 20 30)', 'lab(50% 20% 30%)', 'lab(50,1,2)', 'lch(50 -10 20)',
        'lch(50 30 20%)', 'oklab(0.5 .1-.1)', 'oklch(50% 0.1 20deg', 'oklch(none none none)', 'rgb(none 2 3)', 'rgb(1,2,none)',
        'color(srgb .1.2.3)', 'color( srgb 1 1 1 )', 'color(srgb 1 1)', 'color(srgb, 1, 1, 1)', 'color(rec2020 0.1 0.2 0.15)',
        'color(rec2020 0.01 0.012 0.011)', 'color(nothing 1 1 1)', 'color(1 1 1)', 'hsl(10px 50% 50%)', 'hsl(10% 50% 50%)', 'hsl(10,50,50)',
        'hsl(10 50 50)',
        'rgb(10%,20,30)', 'rgb(10%,20%,30%)', 'rgba(1 2 3)', 'rgb(1 2 3/none)', 'rgb(1 2 3/150%)', 'rgb(1 2 3/-1)', '#', '#1', '#12',
        '#123', '#1234', '#12345', '#123456', '#1234567', '#12345678', '#123456789', '# 123', '#12g', 'transparent', 'blurple', 'inherit',
        '',
        'rgb(1e 2 3)', 'rgb(1e+1 2 3)', 'rgb(1e-1 2 3)', 'rgb(+1 2 3)', 'rgb(+-1 2 3)', 'rgb(--1 2 3)', 'rgb(1 2 3) ', 'rgb(1 2 3);',
        'rgb(1 2 3)!important', 'rgb((1) 2 3)', 'rgb(1 2 3))', '{red}', '"red"', 'red blue', 'red,blue', 'url(red)', 'hsl(0x10 1% 1%)',
        "r\u{FF45}d", '#\\61 bc',
    ];

    public function testTheSameTextsAreTheSameColors(): void
    {
        mt_srand(20261128);
        $texts = self::FIRM;
        for ($i = 0; $i < self::RANDOM; $i++) {
            $text = self::color();
            $texts[] = $i % 3 === 0 ? $text : self::mutated($text);
        }
        $texts = array_values(array_filter(array_unique($texts), static fn(string $t): bool => ! self::isLeftOut($t)));
        $process = proc_open(['node', __DIR__.'/syntax.mjs'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], json_encode($texts, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $painted = json_decode((string) stream_get_contents($pipes[1]), true, 4, JSON_THROW_ON_ERROR);
        proc_close($process);
        $taken = $compared = 0;
        foreach ($texts as $i => $text) {
            $color = Color::tryParse($text);
            self::assertSame($painted[$i] !== null, $color !== null, json_encode($text).' '.json_encode($painted[$i]));
            if ($color === null) {
                continue;
            }
            $taken++;
            $srgb = $color->to(ColorSpace::Srgb)->numbers();
            // Outside sRGB browsers cut off and Ikat keeps the hue (CSS Color 4, section 13): only what is inside can be compared.
            if (min($srgb) < -0.002 || max($srgb) > 1.002 || self::isOddHsl($text, $color)) {
                continue;
            }
            $compared++;
            self::assertEqualsWithDelta(255 * $color->alpha, $painted[$i][3], 1.01, json_encode($text) ?: '');
            if ($color->alpha > 0.99) {
                foreach ([0, 1, 2] as $k) {
                    self::assertEqualsWithDelta(
                        255 * $srgb[$k],
                        $painted[$i][$k],
                        1.01,
                        json_encode($text).' '.json_encode($painted[$i]).' '.$color->hex(),
                    );
                }
            }
        }
        self::assertGreaterThan(1500, $taken);
        self::assertGreaterThan(1000, $compared);
    }

    /** What Ikat leaves out on purpose, or takes besides: hex digits without their sign, colors that have no value of their own. */
    private static function isLeftOut(string $text): bool
    {
        return preg_match('/^\s*[0-9a-fA-F]{3,8}\s*$/D', $text) === 1
            || preg_match(
                '/calc|from|current|canvas|field|text|link|button|highlight|mark|accent|inherit|initial|unset|revert'
                    .'|var\(|menu|window|scrollbar|threed|info|active|inactive|back|caption|graytext/i',
                $text,
            ) === 1;
    }

    /**
     * Chromium ends a saturation over 100% where the color is written in the plainest way, and lets it run on where the same is packed,
     * broken over lines or in numbers.
     */
    private static function isOddHsl(string $text, Color $color): bool
    {
        return $color->space === ColorSpace::Hsl
            && ($color->second ?? 0) >= 100
            && preg_match('/^hsla?\(\d+(deg)?(, ?| )\d+%(, ?| )\d+%\)$/D', $text) === 0;
    }

    private static function number(float $least, float $most, bool $percent = false): string
    {
        $n = $least + mt_rand() / mt_getrandmax() * ($most - $least);
        $written = match (mt_rand(0, 5)) {
            0 => (string) round($n),
            1 => sprintf('%.1e', $n),
            2 => ltrim(sprintf('%.3f', $n), '0') ?: '0',
            3 => sprintf('%+.2f', $n),
            default => sprintf('%.2f', $n),
        };

        return (mt_rand(0, 25) === 0 ? 'none' : $written).($percent && ! str_contains($written, 'none') ? '%' : '');
    }

    private static function color(): string
    {
        $sep = [' ', ' ', '  ', "\t", "\n"][mt_rand(0, 4)];
        $alpha = [' / 0.5', '/50%', ' /1', '', '', ''][mt_rand(0, 5)];
        $n = self::number(...);

        return match (mt_rand(0, 10)) {
            0 => '#'.substr(bin2hex(pack('N', mt_rand())), 0, [3, 4, 6, 8][mt_rand(0, 3)]),
            1 => 'rgb('.implode($sep, [$n(-20, 280), $n(-20, 280), $n(-20, 280)])."$alpha)",
            2 => 'rgb('.implode(',', [$n(0, 255), $n(0, 255), $n(0, 255)]).')',
            3 => 'hsl('.implode(
                $sep,
                [$n(-400, 800).['', 'deg', 'grad', 'turn', 'rad'][mt_rand(0, 4)], $n(-10, 140, true), $n(-10, 120, true)],
            )."$alpha)",
            4 => 'hwb('.implode($sep, [$n(0, 360), $n(0, 110, true), $n(0, 110, true)])."$alpha)",
            5 => 'lab('.implode($sep, [$n(0, 100), $n(-40, 40), $n(-40, 40)])."$alpha)",
            6 => 'lch('.implode($sep, [$n(0, 100, true), $n(0, 40), $n(0, 360)])."$alpha)",
            7 => 'oklab('.implode($sep, [$n(0, 1), $n(-0.1, 0.1), $n(-0.1, 0.1)])."$alpha)",
            8 => 'oklch('.implode($sep, [$n(0, 100, true), $n(0, 0.1), $n(0, 360)])."$alpha)",
            9 => 'color('.implode(
                $sep,
                [
                    ['srgb', 'srgb-linear', 'display-p3', 'a98-rgb', 'prophoto-rgb', 'rec2020', 'rec2020', 'xyz', 'xyz-d50'][mt_rand(0, 8)],
                    $n(0, 1),
                    $n(0, 1),
                    $n(0, 1),
                ],
            )."$alpha)",
            default => array_rand(\Ikat\Core\Color\NamedColors::TABLE),
        };
    }

    /** A small change: something cut, doubled, put in, or written otherwise. */
    private static function mutated(string $text): string
    {
        $at = mt_rand(0, max(0, strlen($text) - 1));

        return match (mt_rand(0, 9)) {
            0 => substr($text, 0, $at).substr($text, $at + 1),
            1 => substr($text, 0, $at).$text[$at].substr($text, $at),
            2 => substr($text, 0, $at).[
                '/**/', ' ', '.', ',', '/', '%', 'e', '-', '+', '(', ')', "\f", "\x0B", '\\', '"', ';', '#', '0', 'x', '/*',
            ][mt_rand(0, 19)].substr($text, $at),
            3 => rtrim($text, ')'),
            4 => (string) preg_replace('/\s+/', '', $text),
            5 => str_replace(' ', '/**/', $text),
            6 => strtoupper($text),
            7 => substr($text, 0, $at).sprintf('\\%x ', ord($text[$at])).substr($text, $at + 1),
            8 => "  $text\n",
            default => str_replace(['0.', '%'], ['.', ''], $text),
        };
    }
}
