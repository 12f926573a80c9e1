<?php

declare(strict_types=1);

namespace Tests\Core\Checkout;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ikat\Core\Checkout\Exchange;
use Ikat\Core\Store\Cell\RateCell;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;
use PHPUnit\Framework\TestCase;

final class ExchangeTest extends TestCase
{
    /** Against a second computation in exact fractions (brick/math). */
    public function testAmountsAreThoseOfExactFractions(): void
    {
        mt_srand(13);
        for ($n = 0; $n < 2000; $n++) {
            [$cents, $rate] = [mt_rand(-100_000, 100_000_000), mt_rand(1, 90_000_000)];
            $exact = BigRational::of($cents)->multipliedBy($rate)->dividedBy(1_000_000)->toScale(0, RoundingMode::HALF_UP)->toInt();
            self::assertSame($exact, (new Exchange($rate))->of($cents), "$cents at $rate");
        }
        self::assertSame(12_345, (new Exchange())->of(12_345));
        self::assertSame([46, 47], [(new Exchange(920_000))->of(50), (new Exchange(930_000))->of(50)], 'halves go up');
    }

    public function testARateIsReadAsItIsWritten(): void
    {
        $cell = new RateCell();
        $names = $this->createStub(Names::class);
        foreach ([
            '0.92' => 920_000,
            '1' => 1_000_000,
            '1,5' => 1_500_000,
            '0.000001' => 1,
            '99999.999999' => 99_999_999_999,
        ] as $typed => $kept) {
            self::assertSame($kept, $cell->read((string) $typed, $names));
            self::assertSame($kept, $cell->read($cell->write($kept, $names), $names));
        }
        self::assertSame('0.92', $cell->write(920_000, $names));
        foreach (['0', '0.000', '-1', 'one', '1.1234567', '', '1e3'] as $typed) {
            try {
                $cell->read($typed, $names);
                self::fail($typed);
            } catch (UnreadableCell $e) {
                self::assertStringContainsString('no rate', $e->getMessage());
            }
        }
    }
}
