<?php

declare(strict_types=1);

namespace Tests\App;

use App\Pictures\GdPixels;
use App\Pictures\PictureReader;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Palette\InkFinder;
use PHPUnit\Framework\Attributes\DataProvider;

/** Pictures that carry a color profile come out in the colors they show, and not in the numbers they hold. ICC.1:2022. */
final class ColorProfileTest extends AppTestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function kinds(): iterable
    {
        foreach (['png', 'jpeg', 'webp'] as $format) {
            foreach (['p3', 'srgb', 'none'] as $profile) {
                yield "$format $profile" => [$format, $profile];
            }
        }
    }

    #[DataProvider('kinds')]
    public function testColorsAreThoseThatAreShown(string $format, string $profile): void
    {
        mt_srand(20261128);
        $colors = ['#1d3b6f', '#f3b61f', '#c2185b', '#0b6e4f'];
        for ($i = 0; $i < 12; $i++) {
            $colors[] = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'profile');
        exec(
            implode(
                ' ',
                array_map(
                    escapeshellarg(...),
                    ['node', dirname(__DIR__).'/Reference/profiles.mjs', $format, $profile, $file, (string) json_encode($colors)],
                ),
            ),
            $out,
            $code,
        );
        self::assertSame(0, $code);
        $picture = PictureReader::read($file, "patches.$format");
        $raw = imagecreatefromstring((string) file_get_contents($file));
        self::assertNotFalse($raw);
        $worstRaw = 0.0;
        foreach ($colors as $i => $hex) {
            $at = static fn(\GdImage $image): Color => Color::fromRgbInteger((int) imagecolorat($image, 24 * $i + 12, 12) & 0xFFFFFF);
            self::assertLessThan(
                $format === 'jpeg' ? 1.6 : 1.0,
                Ciede2000::difference(Color::parse($hex), $at($picture->image)),
                "$format $profile $hex",
            );
            imagepalettetotruecolor($raw);
            $worstRaw = max($worstRaw, Ciede2000::difference(Color::parse($hex), $at($raw)));
        }
        if ($profile === 'p3') {
            self::assertGreaterThan(2.5, $worstRaw, 'without the profile the colors would be others');
            self::assertStringContainsString('color profile', implode(' ', $picture->notes));
        }
        unlink($file);
    }

    public function testTheInksOfALogoAreThoseItShows(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'profile');
        $inks = ['#1d3b6f', '#f3b61f'];
        exec(implode(
            ' ',
            array_map(
                escapeshellarg(...),
                [
                    'node', dirname(__DIR__).'/Reference/profiles.mjs', 'png', 'p3', $file,
                    (string) json_encode(['#ffffff', ...$inks, '#ffffff']),
                ],
            ),
        ));
        $found = array_map(
            static fn($ink): string => $ink->hex,
            InkFinder::in(new GdPixels(PictureReader::read($file, 'logo.png')->image)),
        );
        foreach ($inks as $ink) {
            self::assertLessThan(
                1.0,
                min(array_map(static fn(string $hex): float => Ciede2000::difference(Color::parse($ink), Color::parse($hex)), $found)),
                implode(' ', $found),
            );
        }
        unlink($file);
    }
}
