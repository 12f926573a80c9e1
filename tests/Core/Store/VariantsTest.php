<?php

declare(strict_types=1);

namespace Tests\Core\Store;

use Brick\Math\BigDecimal;
use Ikat\Core\Store\Cell\OptionsCell;
use Ikat\Core\Store\Cell\VariantsCell;
use Ikat\Core\Store\Goods;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\Price;
use Ikat\Core\Store\UnreadableCell;
use Ikat\Core\Store\Variant;
use Ikat\Core\Store\Variants;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VariantsTest extends TestCase
{
    private const OPTIONS = ['Size' => 'small, large', 'Color' => 'red, blue'];

    public function testAReducedPriceCountsFromItsFirstMomentToItsLast(): void
    {
        $moment = static fn(string $at): \DateTimeImmutable => new \DateTimeImmutable($at, new \DateTimeZone('UTC'));
        $price = new Price(3800, 3000, $moment('2026-10-20 07:00'), $moment('2026-11-09 08:00'));
        $charged = array_map(static fn(string $at): int => $price->at($moment($at)), [
            '2026-10-20 06:59:59', '2026-10-20 07:00', '2026-11-09 07:59:59', '2026-11-09 08:00',
        ]);
        self::assertSame([3800, 3000, 3000, 3800], $charged);
        self::assertSame([0, 21], [$price->savedAt($moment('2026-10-19')), $price->savedAt($moment('2026-10-21'))]);
        $course = static fn(string $now): array => array_map(
            static fn(array $step): array => [$step[0]?->format('m-d'), $step[1]],
            $price->course($moment($now)),
        );
        self::assertSame([[null, 3800], ['10-20', 3000], ['11-09', 3800]], $course('2026-10-01'));
        self::assertSame([[null, 3000], ['11-09', 3800]], $course('2026-10-21'));
        self::assertSame([[null, 3800]], $course('2026-12-01'));
        self::assertSame([[null, 900]], (new Price(900, 1000))->course($moment('2026-12-01')));
        self::assertSame(3000, $price->lowest());
    }

    public function testPricesOfVariantsAreWholeCentsAgainstASecondComputation(): void
    {
        $now = new \DateTimeImmutable('2026-11-30');
        mt_srand(13);
        for ($i = 0; $i < 500; $i++) {
            [$regular, $off, $more] = [mt_rand(1, 100_000), mt_rand(0, 99), mt_rand(-200, 5_000)];
            $reduced = $off === 0 ? null : intdiv($regular * (100 - $off), 100);
            $variant = (new Price($regular, $reduced))->plus($more);
            $whole = BigDecimal::ofUnscaledValue($reduced ?? $regular, 2)->plus(BigDecimal::ofUnscaledValue($more, 2));
            $expected = $whole->isNegative() ? BigDecimal::of('0.00') : $whole;
            self::assertSame((string) $expected->getUnscaledValue(), (string) $variant->at($now), "$regular $reduced $more");
            if ($variant->isReducedAt($now)) {
                $saved = BigDecimal::of($variant->regular - $variant->at($now))->multipliedBy(100)
                    ->quotient(BigDecimal::of($variant->regular));
                self::assertSame((string) $saved, (string) $variant->savedAt($now));
            }
        }
    }

    public function testOptionsMakeEveryWayAndAllAreThereUntilOneIsNamed(): void
    {
        $ways = Variants::of(self::OPTIONS, []);
        self::assertSame(['small / red', 'small / blue', 'large / red', 'large / blue'], $ways->every());
        self::assertFalse($ways->haveStock());
        self::assertNotNull($ways->find('large / red'));
        self::assertNull($ways->find('large / green'));
        $named = $ways->with(new Variant('large / red', 600, 3))->with(new Variant('small / blue', 0, 2));
        self::assertSame(['small / blue' => ';2;;', 'large / red' => '600;3;;'], $named->kept());
        self::assertNull($named->find('small / red'));
        self::assertSame(5, $named->stock());
        self::assertSame([0, 600], $named->span());
        self::assertNull($named->with(new Variant('small / red'))->stock());
        $sold = $named->with($named->named['small / blue']->without(2));
        self::assertSame([3, [600, 600]], [$sold->stock(), $sold->span()]);
        self::assertSame(['large / red'], array_keys($sold->without('small / blue')->kept()));
        self::assertEquals($named, Variants::of(self::OPTIONS, $named->kept()));
    }

    /**
     * @param array<string, string> $options
     * @param list<string> $called
     */
    #[DataProvider('changedOptions')]
    public function testVariantsFollowTheirOptions(array $options, array $called): void
    {
        $kept = ['small / red' => ';1;;', 'small / blue' => ';2;;', 'large / red' => ';3;;'];
        $after = Variants::of(self::OPTIONS, $kept)->under(Variants::of($options, []));
        self::assertSame($called, array_map(strval(...), array_keys($after->kept())));
    }

    /** @return iterable<string, array{array<string, string>, list<string>}> */
    public static function changedOptions(): iterable
    {
        $before = ['small / red', 'small / blue', 'large / red'];
        yield 'renamed value' => [['Size' => 'little, large', 'Color' => 'red, blue'], ['little / red', 'little / blue', 'large / red']];
        yield 'one more' => [['Size' => 'small, large, huge', 'Color' => 'red, blue'], $before];
        yield 'one less' => [['Size' => 'small, large', 'Color' => 'red, green, white'], ['small / red', 'large / red']];
        yield 'another thing to choose' => [
            [...self::OPTIONS, 'Wick' => 'thin, thick'],
            ['small / red / thin', 'small / blue / thin', 'large / red / thin'],
        ];
        yield 'a thing less' => [['Size' => 'small, large'], ['small', 'large']];
        yield 'figures' => [['Size' => '14, 20', 'Color' => 'red, blue'], ['14 / red', '14 / blue', '20 / red']];
        yield 'nothing to choose' => [[], []];
    }

    public function testWhatIsWrittenIsReadAgainAndFaultsSayWhatToDo(): void
    {
        $options = "Size: 14 in, 20 in\nColor: Natural, Ember";
        self::assertSame($options, (new OptionsCell())->write((new OptionsCell())->read($options, self::names()), self::names()));
        $variants = "14 in / Natural; ; 3; 210; heron\n14 in / Ember; -2.50; 0\n20 in / Natural; 8.00\n20 in / Ember";
        $read = (new VariantsCell())->read($variants, self::names());
        self::assertSame(
            ['14 in / Natural' => ';3;210;7', '14 in / Ember' => '-250;0;;', '20 in / Natural' => '800;;;', '20 in / Ember' => ';;;'],
            $read,
        );
        self::assertSame($variants, (new VariantsCell())->write($read, self::names()));
        foreach ([
            'Size small' => 'needs what is chosen', 'Size: small,,large' => 'needs what is chosen', 'Size: a/b' => 'stand between values',
            'Size: a, a' => 'twice', "A: b\nC: d\nE: f\nG: h" => 'At most 3', 'N: '.implode(', ', range(1, 101)) => '101 ways',
            'Size: '.str_repeat('x', 41) => 'too long',
        ] as $typed => $why) {
            self::assertStringContainsString($why, self::refusal(static fn() => (new OptionsCell())->read($typed, self::names())));
        }
        foreach ([
            '; 3' => 'needs what it is called', "a;;1\na;;2" => 'stands there twice', 'a;;;;moth' => 'no picture called',
            'a;;x' => 'whole number', 'a; 1; 2; 3; heron; 5' => 'semicolon', 'a; six' => 'no sum of money',
        ] as $typed => $why) {
            self::assertStringContainsString($why, self::refusal(static fn() => (new VariantsCell())->read($typed, self::names())));
        }
    }

    public function testStockFollowsFromVariantsAndAWayMustBeOneTheOptionsMake(): void
    {
        $kind = Goods::kind(new \DateTimeZone('UTC'));
        $row = [
            'price' => 1000, 'reduced' => null, 'reduced_from' => null, 'reduced_until' => null, 'stock' => 9, 'options' => self::OPTIONS,
            'variants' => ['small / red' => ';4;;', 'large / red' => ';1;;'],
        ];
        self::assertSame(['variants' => $row['variants'], 'stock' => 5], $kind->following($row, null));
        self::assertSame(['variants' => []], $kind->following([...$row, 'variants' => []], null));
        $renamed = $kind->following([...$row, 'options' => ['Size' => 'small, large', 'Color' => 'rust, blue']], $row);
        self::assertSame(['small / rust' => ';4;;', 'large / rust' => ';1;;'], $renamed['variants']);
        self::assertNull($kind->fault($row));
        self::assertSame('variants', $kind->fault([...$row, 'variants' => ['huge / red' => ';1;;']])[0] ?? '');
        self::assertStringContainsString('Say first', $kind->fault([...$row, 'options' => []])[1] ?? '');
        self::assertSame('reduced', $kind->fault([...$row, 'reduced' => 1000])[0] ?? '');
        $ends = ['reduced_from' => '2026-11-30 10:00:00', 'reduced_until' => '2026-11-30 10:00:00'];
        self::assertSame('reduced_until', $kind->fault([...$row, 'reduced' => 900, ...$ends])[0] ?? '');
    }

    private static function refusal(callable $read): string
    {
        try {
            $read();
        } catch (UnreadableCell $e) {
            return $e->getMessage();
        }

        return '';
    }

    private static function names(): Names
    {
        return new class implements Names {
            public function idOf(string $kind, string $called): ?int
            {
                return $called === 'heron' ? 7 : null;
            }

            public function nameOf(string $kind, int $id): string
            {
                return $id === 7 ? 'heron' : '';
            }
        };
    }
}
