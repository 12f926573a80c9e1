<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

use Ikat\Core\Store\Cell\MoneyCell;

/** One change to many numbers: set, added to, multiplied, rounded. */
final readonly class BulkChange
{
    public const WAYS = ['set', 'add', 'times', 'round'];

    /** Thousandths in which a factor is reckoned, so that no sum of money goes through a fraction of a machine's. */
    private const PARTS = 10_000;

    /**
     * @param string $way one of WAYS
     * @param int $by what is set, added or rounded to, in the unit of the column; of a factor, ten-thousandths
     */
    private function __construct(public string $way, public int $by) {}

    /**
     * @param bool $isMoney whether the column is one of money
     *
     * @throws UnreadableCell
     */
    public static function of(string $way, string $typed, bool $isMoney): self
    {
        $isLess = $way === 'add' && preg_match('/^[-\x{2212}]/u', $typed) === 1;
        $bare = $isLess ? (string) preg_replace('/^[-\x{2212}]\s*/u', '', $typed) : $typed;
        if ($way === 'times') {
            if (preg_match('/^(\d{1,4})(?:[.,](\d{1,4}))?$/D', $bare, $m) !== 1) {
                throw new UnreadableCell("“{$typed}” is no factor. Write it like 1.06.");
            }

            return new self($way, (int) $m[1] * self::PARTS + (int) str_pad($m[2] ?? '', 4, '0'));
        }
        if (! in_array($way, self::WAYS, true)) {
            throw new UnreadableCell('A column of numbers is set, added to, multiplied or rounded.');
        }
        if (! $isMoney && preg_match('/^\d{1,9}$/D', $bare) !== 1) {
            throw new UnreadableCell("“{$typed}” is no whole number.");
        }
        $by = $isMoney ? MoneyCell::cents($bare) : (int) $bare;
        if ($way === 'round' && $by === 0) {
            throw new UnreadableCell('Round to something more than nothing, like 0.05.');
        }

        return new self($way, $isLess ? -$by : $by);
    }

    /** What a number becomes; halves are rounded up. */
    public function applied(int $number): int
    {
        return match ($this->way) {
            'set' => $this->by,
            'add' => $number + $this->by,
            'times' => intdiv($number * $this->by + intdiv(self::PARTS, 2), self::PARTS),
            default => intdiv($number + intdiv($this->by, 2), $this->by) * $this->by,
        };
    }
}
