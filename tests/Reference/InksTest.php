<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Pictures\GdPixels;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Palette\Ink;
use Ikat\Core\Palette\InkFinder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Made-up logos of known inks, which must come back: within CIEDE2000 2 where colors are flat, 4 where they were compressed.
 * The same files are given to node-vibrant and colorthief, run in Node.js, for comparison.
 */
final class InksTest extends TestCase
{
    private const WHITE = 0xFFFFFF;

    /** @var array<string, array{list<string>, float, string}> name => inks, tolerance, file */
    private static array $logos = [];

    /** @var array<string, array{vibrant: list<string>, thief: list<string>}> */
    private static array $others = [];

    public static function setUpBeforeClass(): void
    {
        $folder = sys_get_temp_dir().'/ikat-inks-'.getmypid();
        mkdir($folder);
        foreach (self::drawings() as $name => [$inks, $tolerance, $image, $quality]) {
            $file = "$folder/$name.".($quality === null ? 'png' : 'jpg');
            $quality === null ? imagepng($image, $file) : imagejpeg($image, $file, $quality);
            self::$logos[$name] = [$inks, $tolerance, $file];
        }
        $process = proc_open(['node', __DIR__.'/inks.mjs'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        assert(is_resource($process));
        fwrite($pipes[0], implode("\n", array_column(self::$logos, 2)));
        fclose($pipes[0]);
        $lines = explode("\n", trim((string) stream_get_contents($pipes[1])));
        proc_close($process);
        self::$others = array_combine(
            array_keys(self::$logos),
            array_map(static fn(string $line): array => json_decode($line, true, 8, JSON_THROW_ON_ERROR), $lines),
        );
    }

    public static function tearDownAfterClass(): void
    {
        foreach (self::$logos as [, , $file]) {
            unlink($file);
        }
        rmdir(dirname(array_values(self::$logos)[0][2]));
    }

    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        foreach ([
            'flat', 'antialiased', 'compressed', 'transparent', 'gradient', 'like-a-photo', 'one-ink', 'black', 'hair-lines', 'on-dark',
            'close-pair', 'small-accent', 'white-letters', 'soft-shadow', 'letters-with-holes', 'close-pair-compressed',
        ] as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('names')]
    public function testKnownInksComeBack(string $name): void
    {
        [$inks, $tolerance, $file] = self::$logos[$name];
        $found = array_map(static fn(Ink $i): string => $i->hex, self::inksOf($file));
        foreach ($inks as $ink) {
            self::assertLessThan($tolerance, self::nearest($ink, $found), "$ink among ".implode(' ', $found));
        }
        $more = in_array($name, ['gradient', 'like-a-photo', 'compressed', 'close-pair-compressed'], true) ? 1 : 0;
        self::assertLessThanOrEqual(count($inks) + $more, count($found), 'nothing is invented: '.implode(' ', $found));
        self::assertEqualsWithDelta(1, array_sum(array_map(static fn(Ink $i): float => $i->share, self::inksOf($file))), 0.05);
    }

    public function testTheReferenceLibrariesAreNoNearer(): void
    {
        $mean = static fn(callable $palette): float => array_sum(array_map(
            static fn(string $name): float => array_sum(array_map(
                static fn(string $ink): float => self::nearest($ink, $palette($name)),
                self::$logos[$name][0],
            )) / count(self::$logos[$name][0]),
            array_keys(self::$logos),
        )) / count(self::$logos);
        $ours = $mean(static fn(string $name): array => array_map(
            static fn(Ink $i): string => $i->hex,
            self::inksOf(self::$logos[$name][2]),
        ));
        self::assertLessThan($mean(static fn(string $name): array => self::$others[$name]['vibrant']), $ours);
        self::assertLessThan($mean(static fn(string $name): array => self::$others[$name]['thief']), $ours);
    }

    /** @return list<Ink> */
    private static function inksOf(string $file): array
    {
        $image = imagecreatefromstring((string) file_get_contents($file));
        assert($image !== false);
        imagepalettetotruecolor($image);

        return InkFinder::in(new GdPixels($image));
    }

    /** @param list<string> $palette */
    private static function nearest(string $ink, array $palette): float
    {
        return min([
            100.0,
            ...array_map(static fn(string $hex): float => Ciede2000::difference(Color::parse($ink), Color::parse($hex)), $palette),
        ]);
    }

    /** @return iterable<string, array{list<string>, float, \GdImage, ?int}> name => inks, tolerance, picture, JPEG quality */
    private static function drawings(): iterable
    {
        $two = ['#1d3b6f', '#f3b61f'];
        yield 'flat' => [$two, 2.0, self::seal(self::paper(self::WHITE), 0x1D3B6F, 0xF3B61F), null];
        yield 'antialiased' => [$two, 2.0, self::scaled(self::seal(self::paper(self::WHITE, 4), 0x1D3B6F, 0xF3B61F, 4), 4), null];
        yield 'compressed' => [$two, 4.0, self::scaled(self::seal(self::paper(self::WHITE, 4), 0x1D3B6F, 0xF3B61F, 4), 4), 60];
        $clear = imagecreatetruecolor(480, 240);
        imagealphablending($clear, false);
        imagesavealpha($clear, true);
        imagefill($clear, 0, 0, 0x7F000000);
        yield 'transparent' => [['#7a2645', '#2d6659'], 2.0, self::seal($clear, 0x7A2645, 0x2D6659), null];
        // Its two ends are held for a quarter of the width each.
        $gradient = self::paper(self::WHITE);
        for ($x = 40; $x < 440; $x++) {
            $t = max(0, min(1, ($x - 140) / 200));
            imageline(
                $gradient,
                $x,
                50,
                $x,
                190,
                (int) round(0x14 + $t * (0xD9 - 0x14)) << 16
                    | (int) round(0x42 + $t * (0x5B - 0x42)) << 8
                    | (int) round(0x8C + $t * (0x2F - 0x8C)),
            );
        }
        yield 'gradient' => [['#14428c', '#d95b2f'], 2.0, $gradient, null];
        // Three grounds with grain, as in a picture of paper and paint.
        mt_srand(7);
        $photo = imagecreatetruecolor(480, 240);
        for ($y = 0; $y < 240; $y++) {
            for ($x = 0; $x < 480; $x++) {
                $base = [[0x8C, 0x3A, 0x22], [0x2F, 0x4A, 0x2C], [0xE0, 0xC0, 0x7A]][intdiv($x, 160)];
                [$r, $g, $b] = array_map(
                    static fn(int $v): int => max(0, min(255, $v + (int) round((mt_rand(-9, 9) + mt_rand(-9, 9)) / 2))),
                    $base,
                );
                imagesetpixel($photo, $x, $y, $r << 16 | $g << 8 | $b);
            }
        }
        yield 'like-a-photo' => [['#8c3a22', '#2f4a2c', '#e0c07a'], 4.0, $photo, 85];
        yield 'one-ink' => [['#b3261e'], 2.0, self::scaled(self::seal(self::paper(self::WHITE, 4), 0xB3261E, 0xB3261E, 4), 4), null];
        yield 'black' => [['#000000'], 2.0, self::scaled(self::seal(self::paper(self::WHITE, 4), 0, 0, 4), 4), null];
        $lines = self::paper(self::WHITE, 4);
        imagesetthickness($lines, 5);
        for ($i = 0; $i < 12; $i++) {
            imageline($lines, 200, 150 + 60 * $i, 1700, 130 + 60 * $i, 0x00604A);
        }
        yield 'hair-lines' => [['#00604a'], 4.0, self::scaled($lines, 4), null];
        yield 'on-dark' => [['#14191d', '#ffd23f'], 2.0, self::seal(self::paper(0x14191D), 0xFFD23F, 0xFFD23F), null];
        yield from self::harder();
    }

    /**
     * Two inks 6 CIEDE2000 apart; an accent of six thousandths; white letters on white paper; a soft shadow; and holes in letters, which
     * are paper.
     */
    private static function harder(): iterable
    {
        yield 'close-pair' => [['#1d3b6f', '#254b80'], 2.0, self::seal(self::paper(self::WHITE), 0x1D3B6F, 0x254B80), null];
        yield 'close-pair-compressed' => [
            ['#8a2430', '#9c3a3f'],
            4.0,
            self::scaled(self::seal(self::paper(self::WHITE, 4), 0x8A2430, 0x9C3A3F, 4), 4),
            85,
        ];
        $accent = self::seal(self::paper(self::WHITE, 4), 0x1D3B6F, 0xF3B61F, 4);
        imagefilledellipse($accent, 1820, 120, 80, 80, 0xC2185B);
        yield 'small-accent' => [['#1d3b6f', '#f3b61f', '#c2185b'], 2.5, self::scaled($accent, 4), null];
        $white = self::paper(self::WHITE, 4);
        imagefilledrectangle($white, 160, 200, 1760, 760, 0x0B6E4F);
        $font = dirname(__DIR__, 2).'/node_modules/@fontsource/asap/files/asap-latin-700-normal.woff';
        imagettftext($white, 220, 0, 260, 600, self::WHITE, $font, 'WREN');
        yield 'white-letters' => [['#0b6e4f', '#ffffff'], 2.5, self::scaled($white, 4), null];
        $shadow = self::paper(self::WHITE);
        for ($i = 30; $i > 0; $i--) {
            $gray = 255 - (int) round(110 * ((30 - $i) / 30) ** 1.5);
            imagefilledellipse($shadow, 246, 132, 230 + 3 * $i, 130 + 3 * $i, $gray << 16 | $gray << 8 | $gray);
        }
        imagefilledellipse($shadow, 240, 120, 220, 120, 0xB3261E);
        yield 'soft-shadow' => [['#b3261e'], 2.0, $shadow, null];
        $letters = self::paper(self::WHITE, 4);
        imagettftext($letters, 300, 0, 200, 620, 0x14428C, $font, 'ABO');
        yield 'letters-with-holes' => [['#14428c'], 2.5, self::scaled($letters, 4), null];
    }

    private static function paper(int $color, int $scale = 1): \GdImage
    {
        $image = imagecreatetruecolor(480 * $scale, 240 * $scale);
        imagefill($image, 0, 0, $color);

        return $image;
    }

    private static function seal(\GdImage $image, int $disc, int $bar, int $scale = 1): \GdImage
    {
        imagefilledellipse($image, 130 * $scale, 120 * $scale, 150 * $scale, 150 * $scale, $disc);
        imagefilledrectangle($image, 240 * $scale, 80 * $scale, 420 * $scale, 160 * $scale, $bar);

        return $image;
    }

    private static function scaled(\GdImage $image, int $by): \GdImage
    {
        $small = imagecreatetruecolor(intdiv(imagesx($image), $by), intdiv(imagesy($image), $by));
        imagecopyresampled($small, $image, 0, 0, 0, 0, imagesx($small), imagesy($small), imagesx($image), imagesy($image));

        return $small;
    }
}
