<?php

declare(strict_types=1);

namespace Tests\Core\Access;

use Ikat\Core\Access\Base32;
use Ikat\Core\Access\OneTimePassword;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OneTimePasswordTest extends TestCase
{
    private const SEED = '12345678901234567890';

    /** @return iterable<array{int, string}> RFC 4226, appendix D */
    public static function counters(): iterable
    {
        foreach ([
            '755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489',
        ] as $counter => $password) {
            yield [$counter, $password];
        }
    }

    #[DataProvider('counters')]
    public function testCounters(int $counter, string $password): void
    {
        self::assertSame($password, OneTimePassword::at(self::SEED, $counter));
    }

    /** @return iterable<array{int, string, string}> RFC 6238, appendix B, with the seeds of its erratum 2866 */
    public static function times(): iterable
    {
        $table = [
            59 => ['94287082', '46119246', '90693936'], 1111111109 => ['07081804', '68084774', '25091201'],
            1111111111 => ['14050471', '67062674', '99943326'],
            1234567890 => ['89005924', '91819424', '93441116'], 2000000000 => ['69279037', '90698825', '38618901'],
            20000000000 => ['65353130', '77737706', '47863826'],
        ];
        foreach ($table as $time => $passwords) {
            foreach (['sha1', 'sha256', 'sha512'] as $i => $algorithm) {
                yield [$time, $algorithm, $passwords[$i]];
            }
        }
    }

    #[DataProvider('times')]
    public function testTimes(int $time, string $algorithm, string $password): void
    {
        $seed = substr(str_repeat(self::SEED, 4), 0, ['sha1' => 20, 'sha256' => 32, 'sha512' => 64][$algorithm]);
        self::assertSame($password, OneTimePassword::at($seed, intdiv($time, OneTimePassword::PERIOD), 8, $algorithm));
    }

    public function testAPasswordHoldsAStepEitherWayAndOnce(): void
    {
        $time = 1_700_000_010;
        $step = intdiv($time, 30);
        foreach ([-2 => null, -1 => $step - 1, 0 => $step, 1 => $step + 1, 2 => null] as $away => $expected) {
            self::assertSame($expected, OneTimePassword::step(self::SEED, OneTimePassword::at(self::SEED, $step + $away), $time));
        }
        self::assertNull(OneTimePassword::step(self::SEED, OneTimePassword::at(self::SEED, $step), $time, $step), 'taken already');
        self::assertNull(OneTimePassword::step(self::SEED, '', $time));
    }

    /** RFC 4648, section 10, without its padding. */
    public function testBase32(): void
    {
        foreach ([
            '' => '', 'f' => 'MY', 'fo' => 'MZXQ', 'foo' => 'MZXW6', 'foob' => 'MZXW6YQ', 'fooba' => 'MZXW6YTB', 'foobar' => 'MZXW6YTBOI',
        ] as $plain => $written) {
            self::assertSame($written, Base32::encode((string) $plain));
            self::assertSame((string) $plain, Base32::decode($written));
        }
        $this->expectException(\InvalidArgumentException::class);
        Base32::decode('MZX1');
    }
}
