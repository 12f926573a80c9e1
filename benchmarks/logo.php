<?php

declare(strict_types=1);

use Ikat\Core\Palette\InkFinder;
use App\Pictures\GdPixels;
// The inks of a logo of four megapixels, file to palette, against node-vibrant on the same file.

require dirname(__DIR__).'/vendor/autoload.php';

$image = imagecreatetruecolor(2000, 2000);
imagefill($image, 0, 0, 0xFFFFFF);
imagefilledellipse($image, 620, 1000, 900, 900, 0x1D3B6F);
imagefilledrectangle($image, 1150, 760, 1850, 1240, 0xF3B61F);
imagesetthickness($image, 30);
imageline($image, 1150, 1400, 1850, 1500, 0x7A2645);
$file = (string) tempnam(sys_get_temp_dir(), 'ikat-logo');
imagepng($image, "$file.png");

$rounds = [];
for ($i = 0; $i < 8; $i++) {
    $start = hrtime(true);
    $read = imagecreatefromstring((string) file_get_contents("$file.png"));
    assert($read !== false);
    $inks = InkFinder::in(new GdPixels($read));
    $rounds[] = (hrtime(true) - $start) / 1e6;
}
array_shift($rounds);
sort($rounds);
$script = <<<'JS'
    import { Vibrant } from 'node-vibrant/node';
    const rounds = [];
    for (let i = 0; i < 8; i += 1) { const start = performance.now(); await Vibrant.from(process.argv[1]).getPalette(); rounds.push(performance.now() - start); }
    rounds.shift();
    console.log(rounds.sort((a, b) => a - b)[3]);
    JS;
$theirs = (float) shell_exec('node --input-type=module -e '.escapeshellarg($script).' '.escapeshellarg("$file.png"));
unlink("$file.png");
unlink($file);
printf("inks of a 4-megapixel logo: %.0f ms, node-vibrant %.0f ms, ratio %.2f (%d inks)\n", $rounds[3], $theirs, $rounds[3] / $theirs, count($inks));
