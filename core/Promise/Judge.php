<?php

declare(strict_types=1);

namespace Ikat\Core\Promise;

use Ikat\Core\Checkout\Promotion;
use Ikat\Core\Checkout\PromotionKind;
use Ikat\Core\Season\LocalMoment;

/** Looks up in what a store offers whether words keep what they promise. */
final readonly class Judge
{
    private const PERCENT_NEAR = 0.5;

    private ClaimReader $reader;

    public function __construct(private Offers $offers)
    {
        $this->reader = new ClaimReader(
            array_values(array_map(static fn(Promotion $p): string => $p->code, $offers->codes)),
            $offers->moment,
            $offers->zone,
            $offers->currency,
        );
    }

    /** @return list<Judged> what a text promises, each looked up */
    public function of(string $text): array
    {
        return array_map($this->look(...), $this->reader->read($text));
    }

    private function look(Claim $claim): Judged
    {
        return match ($claim->kind) {
            ClaimKind::Code => $this->code($claim),
            ClaimKind::Reduction => $this->reduction($claim),
            ClaimKind::AmountOff => $this->amountOff($claim),
            ClaimKind::FreeFrom => $this->freeFrom($claim),
            ClaimKind::FreeDelivery => $this->freeDelivery($claim),
            ClaimKind::DeliveryPrice => $this->deliveryPrice($claim),
            ClaimKind::Until => $this->until($claim),
        };
    }

    private function code(Claim $claim): Judged
    {
        foreach ($this->offers->codes as $id => $code) {
            if (mb_strtoupper($code->code) === mb_strtoupper($claim->code)) {
                return $this->known($claim, $id, $code);
            }
        }

        return new Judged($claim, false, "there is no code $claim->code in the store");
    }

    private function known(Claim $claim, int $id, Promotion $code): Judged
    {
        $row = ['codes', $id];
        $moment = $this->offers->moment;
        $day = fn(\DateTimeImmutable $at): string => $at->setTimezone($this->offers->zone)->format('F j, Y');
        $last = $code->endsAt?->modify('-1 second');
        if ($code->startsAt !== null && $moment < $code->startsAt) {
            $isSaid = $claim->from !== null && $claim->from >= $code->startsAt->setTimezone($this->offers->zone)->format('Y-m-d');

            return $isSaid ? new Judged($claim, true, "$code->code begins on {$day($code->startsAt)}", row: $row)
                : new Judged($claim, false, "$code->code begins only on {$day($code->startsAt)}", row: $row);
        }
        if ($last !== null && $moment > $last) {
            return new Judged($claim, false, "$code->code ended on {$day($last)}", row: $row);
        }
        if ($code->left !== null && $code->left <= 0) {
            return new Judged($claim, false, "$code->code has been used as often as it can be", row: $row);
        }
        $gives = $this->gives($code);
        $wrong = match (true) {
            $claim->percent !== null => $code->kind !== PromotionKind::Percent || abs($code->value - $claim->percent) > self::PERCENT_NEAR,
            $claim->amount !== null => $code->kind !== PromotionKind::Amount || $code->value !== $claim->amount,
            $claim->givesDelivery => $code->kind !== PromotionKind::Delivery,
            default => false,
        };
        if ($wrong) {
            $instead = match (true) {
                $claim->percent !== null && $code
                    ->kind === PromotionKind::Percent && preg_match('/\d/', $claim->written['percent'] ?? '') === 1
                    => [
                        $claim->written['percent'] => self::share($claim->written['percent'], $code->value),
                    ],
                $claim->amount !== null && $code->kind === PromotionKind::Amount => $this
                    ->sum($claim->written['amount'] ?? '', $code->value),
                default => [],
            };
            $said = $claim->percent !== null
                ? $this->percent($claim->percent)
                : ($claim->amount !== null ? $this->money($claim->amount) : 'free delivery');

            return new Judged($claim, false, "$code->code gives $gives, the words say $said", $instead, $row);
        }
        if ($claim->minimum !== null && $claim->minimum < $code->minimum) {
            return new Judged(
                $claim,
                false,
                "$code->code counts from {$this->money($code->minimum)}, the words say {$this->money($claim->minimum)}",
                $this->sum($claim->written['minimum'] ?? '', $code->minimum),
                $row,
            );
        }
        if ($claim->until !== null && $last !== null && $claim->until > $last->setTimezone($this->offers->zone)->format('Y-m-d')) {
            return new Judged($claim, false, "$code->code ends on {$day($last)}, before the day the words name", row: $row);
        }

        return new Judged($claim, true, "$code->code gives $gives".($last === null ? '' : ", until {$day($last)}"), row: $row);
    }

    private function gives(Promotion $code): string
    {
        return match ($code->kind) {
            PromotionKind::Percent => $this->percent($code->value).' off',
            PromotionKind::Amount => $this->money($code->value).' off',
            PromotionKind::Delivery => 'free delivery',
            PromotionKind::Gift => 'a gift',
        }.($code->minimum > 0 ? ' from '.$this->money($code->minimum) : '');
    }

    private function reduction(Claim $claim): Judged
    {
        $moment = $this->offers->moment;
        $shares = array_column(array_filter(
            $this->offers->reductions,
            static fn(array $r): bool => ($r['from'] === null || $r['from'] <= $moment) && ($r['until'] === null || $moment < $r['until']),
        ), 'percent');
        foreach ($this->offers->codes as $id => $code) {
            if ($code->kind === PromotionKind::Percent && $code->refusal($moment, PHP_INT_MAX) === null) {
                $shares[] = (float) $code->value;
            }
        }
        $most = $shares === [] ? 0.0 : max($shares);
        $kept = $claim->isMost
            ? $most + self::PERCENT_NEAR >= (float) $claim->percent
            : array_filter($shares, static fn(float $s): bool => abs($s - (float) $claim->percent) <= self::PERCENT_NEAR) !== [];
        if ($kept) {
            return new Judged($claim, true, $this->percent((float) $claim->percent).' off is there to be had');
        }
        $written = $claim->written['percent'] ?? '';

        return new Judged(
            $claim,
            false,
            $most > 0
                ? "the most that anything is reduced by now is {$this->percent($most)}"
                : 'nothing is reduced now, and no code gives a share off',
            $most > 0 && preg_match('/\d/', $written) === 1
                ? [$written => self::share($written, (int) floor($most))]
                : [],
        );
    }

    private function amountOff(Claim $claim): Judged
    {
        foreach ($this->offers->codes as $id => $code) {
            if (
                $code->kind === PromotionKind::Amount && $code->value === $claim->amount
                && $code->refusal($this->offers->moment, $claim->minimum ?? PHP_INT_MAX) === null
            ) {
                return new Judged($claim, true, "$code->code gives {$this->gives($code)}", row: ['codes', $id]);
            }
        }

        return new Judged($claim, false, "no code that counts now gives {$this->money((int) $claim->amount)} off");
    }

    private function freeFrom(Claim $claim): Judged
    {
        $from = array_filter(array_map(
            static fn(array $d): ?int => $d['price'] === 0 && ! $d['isCollected'] ? 0 : $d['freeFrom'],
            $this->offers->deliveries,
        ), static fn(?int $f): bool => $f !== null);
        if ($from === []) {
            return new Judged($claim, false, 'no way of delivery becomes free from any sum on');
        }
        $least = min($from);
        $id = (int) array_search($least, $from, true);
        if (in_array($claim->amount, $from, true) || $least === 0) {
            $found = array_search($claim->amount, $from, true);
            $id = $found === false ? $id : $found;

            return new Judged(
                $claim,
                true,
                "{$this->offers->deliveries[$id]['name']} is free from {$this->money((int) $claim->amount)}",
                row: ['delivery', $id],
            );
        }

        return new Judged(
            $claim,
            false,
            "free delivery starts at {$this->money($least)}, the words say {$this->money((int) $claim->amount)}",
            $this->sum($claim->written['amount'] ?? '', $least),
            ['delivery', $id],
        );
    }

    private function freeDelivery(Claim $claim): Judged
    {
        $least = null;
        foreach ($this->offers->deliveries as $id => $offer) {
            if ($offer['price'] === 0 && ! $offer['isCollected']) {
                return new Judged($claim, true, "{$offer['name']} costs nothing", row: ['delivery', $id]);
            }
            if ($offer['freeFrom'] !== null && ($least === null || $offer['freeFrom'] < $least[0])) {
                $least = [$offer['freeFrom'], $id];
            }
        }

        return $least === null
            ? new Judged($claim, false, 'no way of delivery is free')
            : new Judged($claim, false, "delivery is free only from {$this->money($least[0])} on", row: ['delivery', $least[1]]);
    }

    private function deliveryPrice(Claim $claim): Judged
    {
        $prices = array_filter(array_column($this->offers->deliveries, 'price'));
        if (in_array($claim->amount, $prices, true)) {
            $id = (int) array_search($claim->amount, array_map(static fn(array $d): int => $d['price'], $this->offers->deliveries), true);

            return new Judged(
                $claim,
                true,
                "{$this->offers->deliveries[$id]['name']} costs {$this->money((int) $claim->amount)}",
                row: ['delivery', $id],
            );
        }
        $told = implode(
            ', ',
            array_map(fn(array $d): string => "{$d['name']} {$this->money($d['price'])}", array_values($this->offers->deliveries)),
        );

        return new Judged(
            $claim,
            false,
            $told === '' ? 'the store delivers nowhere yet' : "no delivery costs {$this->money((int) $claim->amount)}: $told",
        );
    }

    private function until(Claim $claim): Judged
    {
        $today = $this->offers->moment->setTimezone($this->offers->zone)->format('Y-m-d');

        return $claim->until >= $today
            ? new Judged($claim, true, 'that day is still to come')
            : new Judged(
                $claim,
                false,
                'that day has passed: '.LocalMoment::at("{$claim->until}T00:00", $this->offers->zone)->format('F j, Y'),
            );
    }

    /**
     * A sum in the place of another, written as that was.
     *
     * @return array<string, string>
     */
    private function sum(string $written, int $hundredths): array
    {
        if (preg_match('/\d/', $written) !== 1) {
            return [];
        }
        $figures = $hundredths % 100 === 0 ? (string) intdiv($hundredths, 100) : number_format($hundredths / 100, 2, '.', '');

        return [$written => (string) preg_replace('/\d[\d.,’\' ]*\d|\d/u', $figures, $written, 1)];
    }

    /** A share in the place of another, written as that was. */
    private static function share(string $written, int $percent): string
    {
        return (string) preg_replace('/\d+(?:[.,]\d+)?/', (string) $percent, $written, 1);
    }

    private function percent(float $percent): string
    {
        return rtrim(rtrim(number_format($percent, 1, '.', ''), '0'), '.').'%';
    }

    private function money(int $hundredths): string
    {
        $format = new \NumberFormatter('en', \NumberFormatter::CURRENCY);
        if ($hundredths % 100 === 0) {
            $format->setAttribute(\NumberFormatter::FRACTION_DIGITS, 0);
        }

        return (string) $format->formatCurrency($hundredths / 100, $this->offers->currency);
    }
}
