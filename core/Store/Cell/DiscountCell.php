<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** What a promotion code takes off: a share, "10%", a sum, "5.00", "free delivery" or "a gift"; kept as its kind and value. */
final readonly class DiscountCell implements CellType
{
    private const FREE = 'free delivery';
    private const GIFT = 'a gift';

    /** @return array{kind: string, value: int} percent and 1..100, amount and cents, delivery or gift and 0 */
    public function read(string $typed, Names $names): array
    {
        if (preg_match('/^(\d+)\s*(%|percent)$/Di', $typed, $m) === 1) {
            return (int) $m[1] >= 1 && (int) $m[1] <= 100
                ? ['kind' => 'percent', 'value' => (int) $m[1]]
                : throw new UnreadableCell('A share goes from 1% to 100%.');
        }
        if (in_array(mb_strtolower($typed), [self::FREE, 'delivery', 'free shipping'], true)) {
            return ['kind' => 'delivery', 'value' => 0];
        }
        if (in_array(mb_strtolower($typed), [self::GIFT, 'gift'], true)) {
            return ['kind' => 'gift', 'value' => 0];
        }
        $cents = MoneyCell::cents($typed);

        return $cents > 0
            ? ['kind' => 'amount', 'value' => $cents]
            : throw new UnreadableCell('Write a share like 10%, a sum like 5.00, free delivery or a gift.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        if (! is_array($value)) {
            return '';
        }

        return match ($value['kind'] ?? '') {
            'percent' => $value['value'].'%',
            'delivery' => self::FREE,
            'gift' => self::GIFT,
            default => MoneyCell::figures((int) ($value['value'] ?? 0)),
        };
    }

    public function nothing(): null
    {
        return null;
    }

    public function field(): string
    {
        return 'line';
    }
}
