<?php

declare(strict_types=1);

namespace Tests\Core\Type\OpenType;

use Ikat\Core\Type\FontFacts;
use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Typeface;
use Ikat\Core\Type\UnreadableFont;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** 300 fonts that were changed at random: each is refused with a reason or measured, within bounds of memory. */
final class MutatedFontsTest extends TestCase
{
    private const MOST_MEMORY = 256_000_000;
    private const TEXT = 'Office AVATAR Ta Yo fi 1,234 “lantern” Straße';

    /** @return iterable<string, array{string, int}> file, and the first of a hundred seeds */
    public static function fonts(): iterable
    {
        yield 'one with much in its layout tables' => ['caveat-latin', 1000];
        yield 'one that varies' => ['fraunces-latin', 2000];
        yield 'one that does not' => ['gloock-latin', 3000];
    }

    #[DataProvider('fonts')]
    public function testAreReadOrRefused(string $name, int $seed): void
    {
        $font = (string) file_get_contents(dirname(__DIR__, 4)."/build/fonts/$name.ttf");
        $ends = ['read' => 0, 'refused' => 0];
        memory_reset_peak_usage();
        for ($i = 0; $i < 100; $i++) {
            mt_srand($seed + $i);
            try {
                $width = (new TextMeasure())->width(
                    new Typeface([[OpenTypeFont::of(self::mutated($font, $i)), null]]),
                    new TextStyle(16, 550, isTabular: true),
                    self::TEXT,
                );
                self::assertTrue(is_finite($width), "$name, seed ".($seed + $i));
                self::readOrRefused(self::mutated($font, $i));
                $ends['read']++;
            } catch (UnreadableFont $e) {
                self::assertStringStartsWith('This font cannot be read: ', $e->getMessage());
                $ends['refused']++;
            }
        }
        self::assertLessThan(self::MOST_MEMORY, memory_get_peak_usage());
        self::assertGreaterThan(10, $ends['read'], 'not every change is fatal');
        self::assertGreaterThan(10, $ends['refused'], 'and not every one is harmless');
    }

    /** What somebody brings is looked at more closely than what ships: that ends in an answer, too. */
    private static function readOrRefused(string $bytes): void
    {
        try {
            self::assertNotSame('', FontFacts::of($bytes)->name);
        } catch (UnreadableFont $e) {
            self::assertStringStartsWith('This font cannot be read: ', $e->getMessage());
        }
    }

    /** Single bytes, numbers at their extremes, tables that point elsewhere, an end that comes early: in turns. */
    private static function mutated(string $font, int $turn): string
    {
        $last = strlen($font) - 1;
        switch ($turn % 5) {
            case 0:
                return substr($font, 0, mt_rand(0, $last));
            case 1:
                for ($i = 0; $i < 40; $i++) {
                    $font[mt_rand(0, $last)] = chr(mt_rand(0, 255));
                }

                return $font;
            case 2:
                // Within the tables' directory: offsets and lengths.
                for ($i = 0; $i < 3; $i++) {
                    $font[mt_rand(12, 12 + 16 * 14)] = chr(mt_rand(0, 255));
                }

                return $font;
            case 3:
                for ($i = 0; $i < 60; $i++) {
                    $at = 2 * mt_rand(150, intdiv($last, 2) - 2);
                    $font = substr_replace($font, ["\xFF\xFF", "\0\0", "\x7F\xFF", "\0\1"][mt_rand(0, 3)], $at, 2);
                }

                return $font;
            default:
                $from = mt_rand(300, $last - 2000);

                return substr_replace($font, self::noise(mt_rand(), 400), $from, 400);
        }
    }

    /** Bytes that are the same each time. */
    private static function noise(int $seed, int $length): string
    {
        $bytes = '';
        for ($i = 0; strlen($bytes) < $length; $i++) {
            $bytes .= hash('sha256', "$seed $i", true);
        }

        return substr($bytes, 0, $length);
    }
}
