<?php

declare(strict_types=1);

use App\Fonts\FontFiles;
use App\Looks\LookReader;
use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\Product;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Setting\Type\TextType;
use Ikat\Core\Type\LineLength;
use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Typeface;
use Ikat\Core\Type\Voice;
// Widths of texts, a text each, against fontkit in Node.js on the same fonts and texts; reading a font's file; and the lines of
// all of a look's texts on three devices.

require dirname(__DIR__).'/vendor/autoload.php';

const FAMILIES = ['gloock' => 400, 'karla' => 400, 'fraunces' => 437, 'lora' => 550, 'caveat' => 400];
const ROUNDS = 9;

// No text comes twice: nothing is measured by remembering it.
mt_srand(3);
$words = explode(' ', 'Light for the long evenings folded paper glass lanterns office waffle AVATAR Today’s Type $64.00 well-known “river” festival scene');
$texts = array_map(
    static fn(int $i): string => "$i ".implode(' ', array_map(static fn(): string => $words[mt_rand(0, count($words) - 1)], range(1, 8))),
    range(1, 200),
);

/** @param list<float> $rounds */
function middle(array $rounds): float
{
    sort($rounds);

    return $rounds[intdiv(count($rounds), 2)];
}

$ours = [];
foreach (FAMILIES as $family => $weight) {
    $bytes = (string) file_get_contents(dirname(__DIR__)."/build/fonts/$family-latin.ttf");
    $measure = new TextMeasure();
    $reading = $rounds = [];
    for ($r = 0; $r <= ROUNDS; $r++) {
        $start = hrtime(true);
        $face = new Typeface([[OpenTypeFont::of($bytes), null]]);
        $reading[] = (hrtime(true) - $start) / 1e6;
        $start = hrtime(true);
        foreach ($texts as $text) {
            $measure->width($face, new TextStyle(16, $weight), $text);
        }
        $rounds[] = (hrtime(true) - $start) / 1e3 / count($texts);
    }
    $ours[$family] = [middle(array_slice($rounds, 1)), middle(array_slice($reading, 1))];
}
$script = <<<'JS'
    import { readFileSync } from 'node:fs';
    import * as fontkit from 'fontkit';
    const { families, texts, rounds } = JSON.parse(readFileSync(0, 'utf8'));
    const answer = {};
    for (const [family, weight] of Object.entries(families)) {
      const times = [];
      for (let r = 0; r <= rounds; r += 1) {
        const opened = fontkit.openSync(`build/fonts/${family}-latin.ttf`);
        const font = opened.variationAxes.wght ? opened.getVariation({ wght: weight }) : opened;
        const start = performance.now();
        for (const text of texts) font.layout(text);
        times.push(((performance.now() - start) * 1000) / texts.length);
      }
      answer[family] = times.slice(1).sort((a, b) => a - b)[Math.floor(rounds / 2)];
    }
    console.log(JSON.stringify(answer));
    JS;
$process = proc_open(['node', '--input-type=module', '-e', $script], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes, dirname(__DIR__));
assert(is_resource($process));
fwrite($pipes[0], json_encode(['families' => FAMILIES, 'texts' => $texts, 'rounds' => ROUNDS], JSON_THROW_ON_ERROR));
fclose($pipes[0]);
$theirs = json_decode((string) stream_get_contents($pipes[1]), true, 4, JSON_THROW_ON_ERROR);
foreach ($ours as $family => [$text, $file]) {
    printf(
        "%-10s a text %5.0f us, fontkit %5.0f us: %.1f times as fast; its file is read in %.1f ms\n",
        $family,
        $text,
        $theirs[$family],
        $theirs[$family] / $text,
        $file,
    );
}

$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
app(CurrentStore::class)->is(1);
$look = app(LookReader::class)->of(Look::query()->with('storefront')->firstOrFail())->resolved();
$texts = Product::query()->limit(100)->pluck('name')->map(static fn(string $name): array => [Voice::Third, $name])->all();
foreach ($look->all() as $path => $resolution) {
    if ($resolution->setting->type instanceof TextType && $resolution->value !== '') {
        $voice = match (true) {
            str_ends_with($path, 'heading') => Voice::Second,
            str_ends_with($path, 'button') => Voice::Button,
            default => Voice::Body,
        };
        $texts[] = [$voice, (string) $resolution->value];
    }
}
$rounds = [];
for ($r = 0; $r <= ROUNDS; $r++) {
    $measure = new TextMeasure();
    $start = hrtime(true);
    $set = [];
    foreach (Voice::cases() as $voice) {
        $face = SpokenFace::of($look, $voice);
        $ends = [(float) $look->value($voice->path('size.phone')), (float) $look->value($voice->path('size.desktop'))];
        foreach ([390, 768, 1280] as $screen) {
            $style = TextStyle::of($look, $voice, TypeScale::at($ends[0], $ends[1], $screen));
            $set[$voice->value][$screen] = [app(FontFiles::class)->face($face->family, $face->isItalic), $style];
        }
    }
    foreach ($texts as [$voice, $text]) {
        foreach ($set[$voice->value] as $screen => [$letters, $style]) {
            $measure->measure($letters, $style, $text, LineLength::frame($screen));
        }
    }
    $rounds[] = (hrtime(true) - $start) / 1e6;
}
printf("%d texts of a look on three devices, line by line: %.1f ms\n", count($texts), middle(array_slice($rounds, 1)));
