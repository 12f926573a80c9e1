<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Typeface;
use Ikat\Core\Type\UnicodeRange;
use PHPUnit\Framework\TestCase;

/**
 * Widths and line breaks of 400 texts in four scripts in 20 families against Chromium, which shapes with HarfBuzz and breaks lines with
 * ICU, and against fontkit.
 */
final class TextMeasureTest extends TestCase
{
    private const SIZE = 17.0;
    private const WIDTHS = [140, 260, 420];

    /** Px by which Chromium, which sums whole 64ths of a px, may see the end of a line elsewhere. */
    private const EDGE = 0.2;

    /**
     * A hand whose letters vary with their neighbors by 48 rules: one text in a hundred takes other forms in Chromium, and many in fontkit.
     */
    private const HAND = '@fontsource-variable/caveat';

    /** package => weight; of three the weight is one that nobody drew */
    private const FAMILIES = [
        '@fontsource/gloock' => 400, '@fontsource-variable/fraunces' => 437, '@fontsource-variable/literata' => 555,
        '@fontsource-variable/source-serif-4' => 681, '@fontsource-variable/lora' => 400, '@fontsource-variable/bitter' => 600,
        '@fontsource-variable/piazzolla' => 700, '@fontsource-variable/karla' => 400, '@fontsource-variable/asap' => 500,
        '@fontsource-variable/figtree' => 400, '@fontsource-variable/manrope' => 800, '@fontsource-variable/work-sans' => 400,
        '@fontsource-variable/nunito' => 600, '@fontsource-variable/jost' => 300, '@fontsource-variable/space-grotesk' => 500,
        '@fontsource-variable/caveat' => 400, '@fontsource-variable/source-sans-3' => 400, '@fontsource-variable/commissioner' => 500,
        '@fontsource-variable/alegreya' => 400, '@fontsource-variable/jetbrains-mono' => 400,
    ];

    /** Words of four scripts, as a shop that sells lanterns may have them. */
    private const WORDS = [
        'Light for the long evenings, office waffle fit AVATAR Type Wave Yes. Today’s “Folded” lantern — 1,234 (5/8) $64.00 & Co. '
            .'well-known '
            .'flask affix Vertical Tall P. F, L’Or r. y, workshop river glass paper wicks candles garden winter north harbor mill reed',
        'Žlutý kůň příliš ďábelské ódy; żółty lampion śliczny łan, ağaç ışık düğün, “Đèn lồng giấy gấp” thủ công ấm áp buổi tối ngọn nến '
            .'vườn '
            .'được dệt bằng tay Ō ā ē Šķēršļi gaismas, früh Straße Åre Ærø Œuvre',
        'Φως για τα μακριά βράδια, χάρτινο φανάρι γυαλί κερί φυτίλι κήπος ποτάμι «διπλωμένο» εργαστήρι χειμώνας Τα Το Αυτό. λιμάνι μύλος '
            .'Ύφασμα Έργο ώρα',
        'Свет для долгих вечеров, бумажный фонарь стекло свеча фитиль сад река «складной» мастерская зима Та То У. гавань мельница '
            .'тростник '
            .'Ёлка объём подъезд Город Где',
    ];

    /** @return list<string> 400 texts of 1 to 12 words, the same each time */
    private static function texts(): array
    {
        mt_srand(7);
        $texts = [];
        foreach (self::WORDS as $words) {
            $words = explode(' ', $words);
            for ($i = 0; $i < 100; $i++) {
                $texts[] = implode(' ', array_map(static fn(): string => $words[mt_rand(0, count($words) - 1)], range(0, mt_rand(0, 11))));
            }
        }

        return $texts;
    }

    /** @return list<array{woff2: string, ttf: string, range: string}> a family's files for these scripts, Latin first */
    private static function files(string $package): array
    {
        $folder = dirname(__DIR__, 2)."/node_modules/$package";
        $ranges = json_decode((string) file_get_contents("$folder/unicode.json"), true, 4, JSON_THROW_ON_ERROR);
        $files = [];
        foreach (['latin', 'latin-ext', 'vietnamese', 'greek', 'cyrillic'] as $subset) {
            foreach (glob("$folder/files/*-$subset-{wght,400}-normal.woff2", GLOB_BRACE) ?: [] as $woff2) {
                $ttf = dirname(__DIR__, 2).'/build/fonts/reference/'.basename($woff2, '.woff2').'.ttf';
                $files[] = ['woff2' => $woff2, 'ttf' => $ttf, 'range' => $ranges[$subset]];
            }
        }

        return $files;
    }

    public function testAgreesWithChromiumAndFontkit(): void
    {
        $texts = self::texts();
        $faces = [];
        foreach (self::FAMILIES as $package => $weight) {
            $faces[] = ['files' => self::files($package), 'weight' => $weight];
        }
        $others = self::ask(['faces' => $faces, 'texts' => $texts, 'size' => self::SIZE, 'widths' => self::WIDTHS]);
        $measure = new TextMeasure();
        $count = ['widths' => 0, 'lines' => 0, 'edge' => 0, 'words' => 0];
        $scripts = [0, 0, 0, 0];
        $wrong = [];
        foreach (array_keys(self::FAMILIES) as $i => $package) {
            $fonts = array_map(
                static fn(array $f): OpenTypeFont => OpenTypeFont::of((string) file_get_contents($f['ttf'])),
                $faces[$i]['files'],
            );
            $face = new Typeface(array_map(
                static fn(OpenTypeFont $font, array $f): array => [$font, UnicodeRange::of($f['range'])],
                $fonts,
                $faces[$i]['files'],
            ));
            $style = new TextStyle(self::SIZE, $faces[$i]['weight'], leading: 1.5);
            foreach ($texts as $j => $text) {
                $set = $measure->measure($face, $style, $text);
                if ($set->missing !== []) {
                    continue;
                }
                $scripts[intdiv($j, 100)]++;
                $count['widths']++;
                $theirs = $others[$i]['whole'][$j];
                if (abs($set->width - $theirs) > ($package === self::HAND ? 0.015 : 0.005) * $theirs) {
                    $wrong[] = sprintf('%s: “%s” is %.2f px wide, %.2f in Chromium', $package, $text, $set->width, $theirs);
                }
                foreach (self::WIDTHS as $k => $width) {
                    $count['lines']++;
                    $lines = static fn(float $room): int => count($measure->measure($face, $style, $text, $room)->lines);
                    if ($lines($width) === $others[$i]['lines'][$k][$j]) {
                        continue;
                    }
                    // A line that fits by less than this, or does not, is as long as the place: rounding decides.
                    if ($lines($width - self::EDGE) !== $lines($width + self::EDGE)) {
                        $count['edge']++;

                        continue;
                    }
                    $wrong[] = sprintf(
                        '%s: “%s” has %d lines of %d px, %d in Chromium',
                        $package,
                        $text,
                        $lines($width),
                        $width,
                        $others[$i]['lines'][$k][$j],
                    );
                }
            }
            foreach ($package === self::HAND ? [] : $others[$i]['fontkit'] as $file => $words) {
                $isVaried = $fonts[$file]->axes->axis('wght') !== null;
                $alone = new Typeface([[$fonts[$file], null]]);
                foreach ($words as $word => $theirs) {
                    $count['words']++;
                    $mine = $measure->width($alone, new TextStyle(self::SIZE, $faces[$i]['weight'], isKerned: ! $isVaried), (string) $word);
                    if (abs($mine - $theirs) > 0.001 * $theirs) {
                        $wrong[] = sprintf('%s: “%s” is %.3f px wide, %.3f in fontkit', $package, $word, $mine, $theirs);
                    }
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(4000, $count['widths']);
        self::assertGreaterThan(12000, $count['lines']);
        self::assertLessThan(0.002 * $count['lines'], $count['edge']);
        self::assertGreaterThan(1400, $count['words']);
        self::assertGreaterThan(500, min($scripts), 'each script is measured in several families');
    }

    /**
     * @param array<string, mixed> $question
     *
     * @return list<array{whole: list<float>, lines: list<list<int>>, fontkit: list<array<string, float>>}>
     */
    private static function ask(array $question): array
    {
        $process = proc_open(['node', __DIR__.'/text.mjs'], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], json_encode($question, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $answer = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return json_decode($answer, true, 16, JSON_THROW_ON_ERROR);
    }
}
