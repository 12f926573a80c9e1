<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\CheckInput;
use Ikat\Core\Check\ContrastFinding;
use Ikat\Core\Check\MendAll;
use Ikat\Core\Check\PairContrast;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class MendAllTest extends TestCase
{
    /** Against an exhaustive search of lightness and chroma at the hue: never worse than 1.0 CIEDE2000, never a broken demand. */
    public function testSeveralDemandsAreMetNearlyAsCheaplyAsCanBe(): void
    {
        mt_srand(20261127);
        $random = static fn(): Color => Color::fromRgbInteger(mt_rand(0, 0xFFFFFF));
        for ($i = 0; $i < 12; $i++) {
            $color = $random();
            $demands = [[$random(), [3.0, 4.5][$i % 2]], [$random(), 4.5], [$random(), 3.0]];
            $holds = static fn(Color $c): bool => array_filter($demands, static fn(array $d): bool => Contrast::ratio($c, $d[0]) < $d[1]) === [];
            $found = ContrastFix::meeting($color, $demands);
            [$l, , $h] = $color->to(ColorSpace::Oklch)->coordinates();
            $best = INF;
            for ($l = 0.0; $l <= 1.0; $l += 0.01) {
                for ($c = 0.0; $c <= 0.33; $c += 0.015) {
                    $candidate = Color::in(ColorSpace::Oklch, $l, $c, $h);
                    if ($candidate->inGamut() && $holds($eight = Color::parse($candidate->hex()))) {
                        $best = min($best, Ciede2000::difference($color, $eight));
                    }
                }
            }
            if ($found === null) {
                self::assertSame(INF, $best, 'a color was there and was not found');

                continue;
            }
            self::assertTrue($holds($found));
            self::assertLessThan($best + 1.0, Ciede2000::difference($color, $found));
        }
    }

    /** On random looks: whatever can be mended is, what passed still passes, and what is left is named. */
    public function testNothingIsBrokenAndWhatIsLeftIsNamed(): void
    {
        mt_srand(20261128);
        [$css, $body] = Fixtures::everyRole();
        $html = Fixtures::inEveryScheme(Fixtures::theme(), $body);
        $plain = Fixtures::input($css, $html);
        $keys = ['paper', 'sheet', 'mist', 'main', 'second', 'accent', 'warm', 'cool', 'ink', 'thread'];
        $mended = 0;
        for ($i = 0; $i < 16; $i++) {
            $own = [];
            foreach ((array) array_rand(array_flip($keys), mt_rand(2, 5)) as $key) {
                $own["brand.$key"] = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
            }
            $input = new CheckInput(Fixtures::look($own), Fixtures::theme(), $plain->compiled, $plain->reach, $plain->store);
            $failing = static fn(CheckInput $in): array => array_map(static fn(ContrastFinding $f): string => $f->key, iterator_to_array((new PairContrast())->run($in), false));
            $mending = MendAll::of($input);
            $after = new CheckInput(Fixtures::look([...$own, ...$mending->changes]), Fixtures::theme(), $plain->compiled, $plain->reach, $plain->store);
            self::assertSame([], array_diff($failing($after), $failing($input)), 'a pair that was readable is not any more');
            self::assertSame($mending->left === [], $failing($after) === [], implode(' ', $failing($after)).json_encode($own));
            $mended += $mending->left === [] ? 1 : 0;
        }
        self::assertGreaterThan(13, $mended, 'most looks can be mended whole');
    }

    public function testAReadableLookIsLeftAlone(): void
    {
        [$css, $body] = Fixtures::everyRole();
        self::assertSame([], MendAll::of(Fixtures::input($css, Fixtures::inEveryScheme(Fixtures::theme(), $body)))->changes);
    }
}
