<?php

declare(strict_types=1);

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\Ciede2000;
// Color operations, a call each, against culori and colorjs.io in Node.js on the same colors.

require dirname(__DIR__).'/vendor/autoload.php';

mt_srand(1);
$texts = array_map(static fn(): string => sprintf('#%06x', mt_rand(0, 0xFFFFFF)), range(1, 500));
$colors = array_map(Color::parse(...), $texts);

/** Nanoseconds a call: the median of nine rounds, after one to warm up. */
function nanoseconds(callable $call, int $count): float
{
    $rounds = [];
    for ($r = 0; $r < 10; $r++) {
        $start = hrtime(true);
        for ($k = 0; $k < 20; $k++) {
            for ($i = 0; $i < $count; $i++) {
                $call($i);
            }
        }
        $rounds[] = (hrtime(true) - $start) / ($count * 20);
    }
    array_shift($rounds);
    sort($rounds);

    return $rounds[4];
}

$last = count($colors) - 1;
$ours = [
    'parse and convert to oklch' => nanoseconds(static fn(int $i): Color => Color::parse($texts[$i])->to(ColorSpace::Oklch), $last),
    'contrast' => nanoseconds(static fn(int $i): float => Contrast::ratio($colors[$i], $colors[$i + 1]), $last),
    'CIEDE2000' => nanoseconds(static fn(int $i): float => Ciede2000::difference($colors[$i], $colors[$i + 1]), $last),
];
exec('node '.escapeshellarg(__DIR__.'/color.mjs').' '.escapeshellarg(implode(',', $texts)), $out, $code);
$theirs = json_decode(implode('', $out), true);
foreach ($ours as $what => $ns) {
    printf("%-28s %6.0f ns   %.2f x culori   %.2f x colorjs.io\n", $what, $ns, $ns / $theirs[$what]['culori'], $ns / $theirs[$what]['colorjs']);
}
