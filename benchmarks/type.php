<?php

declare(strict_types=1);

use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Typeface;
// Widths of texts, a text each, against fontkit in Node.js on the same fonts and texts; and reading a font's file.

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
