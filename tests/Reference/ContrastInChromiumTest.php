<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Color\Color;
use Ikat\Core\Contrast\HeaderBackdrop;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\Gradient;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/**
 * The worst contrast over gradients, see-through colors and pictures, against the pixels that Chromium paints: 200 random
 * schemes. CSS Images 3 (gradients), Compositing and Blending 1 (source over), WCAG 2.2 (contrast ratio).
 */
final class ContrastInChromiumTest extends TestCase
{
    private const SCHEMES = 200;

    public function testTheWorstPointIsAsFaintAsChromiumPaintsIt(): void
    {
        mt_srand(20261125);
        $scenes = $ours = [];
        for ($i = 0; $i < self::SCHEMES; $i++) {
            [$scenes[], $ours[]] = match ($i % 4) {
                0 => self::gradient(linear: true),
                1 => self::gradient(linear: false),
                2 => self::seeThrough(),
                default => self::picture(),
            };
        }
        $process = proc_open(['node', __DIR__.'/pixels.mjs'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], json_encode($scenes, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $painted = json_decode((string) stream_get_contents($pipes[1]), true, 4, JSON_THROW_ON_ERROR);
        proc_close($process);
        self::assertCount(self::SCHEMES, $painted);
        foreach ($painted as $i => $ratio) {
            self::assertEqualsWithDelta($ratio, $ours[$i], max(0.1, 0.02 * $ratio), json_encode($scenes[$i]) ?: '');
        }
    }

    /** @return array{array<string, mixed>, float} the scene, and what we find its worst contrast to be */
    private static function gradient(bool $linear): array
    {
        $stops = [];
        for ($k = 0, $n = mt_rand(2, 5); $k < $n; $k++) {
            $stops[] = self::color(mt_rand(0, 3) === 0).' '.($k === 0 ? 0 : ($k === $n - 1 ? 100 : (int) (100 * $k / ($n - 1)))).'%';
        }
        $direction = $linear ? mt_rand(0, 359).'deg' : 'circle at '.mt_rand(20, 80).'% '.mt_rand(20, 80).'%';
        $gradient = Gradient::parse(($linear ? 'linear' : 'radial')."-gradient($direction, ".implode(', ', $stops).')')->text();
        $beneath = self::color(false);
        $ink = self::color(mt_rand(0, 3) === 0);
        $palette = new SchemeColors(
            Fixtures::look(['scheme.daylight.gradient' => $gradient, 'scheme.daylight.ink' => $ink, 'scheme.night.ground' => $beneath]),
            array_map(ColorSet::of(...), ['daylight', 'night']),
        );

        return [
            ['layers' => [$beneath, $gradient], 'picture' => null, 'ink' => $ink],
            $palette->ratio(ColorSet::of('daylight'), 'ink', 'ground', ['night ground']),
        ];
    }

    /** @return array{array<string, mixed>, float} */
    private static function seeThrough(): array
    {
        [$ground, $beneath, $last, $ink] = [self::color(true), self::color(true), self::color(false), self::color(mt_rand(0, 1) === 0)];
        $palette = new SchemeColors(
            Fixtures::look([
                'scheme.daylight.ground' => $ground, 'scheme.daylight.ink' => $ink, 'scheme.night.ground' => $beneath,
                'scheme.kiln.ground' => $last,
            ]),
            array_map(ColorSet::of(...), ['daylight', 'night', 'kiln']),
        );

        return [
            ['layers' => [$last, $beneath, $ground], 'picture' => null, 'ink' => $ink],
            $palette->ratio(ColorSet::of('daylight'), 'ink', 'ground', ['night ground', 'kiln ground']),
        ];
    }

    /** @return array{array<string, mixed>, float} */
    private static function picture(): array
    {
        [$base, $spread] = [[mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255)], mt_rand(10, 90)];
        $rows = [];
        for ($y = 0; $y < 12; $y++) {
            for ($x = 0; $x < 16; $x++) {
                $rows[$y][$x] = vsprintf(
                    '#%02x%02x%02x',
                    array_map(static fn(int $v): int => max(0, min(255, $v + mt_rand(-$spread, $spread))), $base),
                );
            }
        }
        $veil = Color::parse(self::color(false))->withAlpha(mt_rand(0, 8) / 10);
        $ink = self::color(false);
        $under = new HeaderBackdrop(
            [[
                'season' => null,
                'pixels' => array_map(Color::parse(...), array_merge(...$rows)),
                'grounds' => ['scheme' => $veil->withAlpha(1)],
            ]],
            'band.lead-1.veil',
            $veil->alpha,
        );
        $palette = new SchemeColors(Fixtures::look(['scheme.night.menu' => $ink]), [ColorSet::of('night')], $under);
        [$r, $g, $b] = array_map(static fn(float $v): int => (int) round(255 * $v), $veil->shown()->numbers());

        return [
            ['layers' => ["rgb($r $g $b / $veil->alpha)"], 'picture' => $rows, 'ink' => $ink],
            $palette->ratio(ColorSet::of('night'), 'menu', SchemeColors::OVER),
        ];
    }

    private static function color(bool $seeThrough): string
    {
        return sprintf('#%06x', mt_rand(0, 0xFFFFFF)).($seeThrough ? sprintf('%02x', mt_rand(40, 230)) : '');
    }
}
