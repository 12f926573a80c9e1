<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/**
 * How wide a card's picture is on any screen, as the "sizes" of a picture say it: a list of widths, each for screens up to one.
 * Source: HTML, 4.8.4.2.2, sizes attributes.
 */
final readonly class PictureSizes
{
    /** Narrowest and widest screen that is told apart, px. */
    private const FROM = 320;
    private const TO = 2560;

    /** Px that a picture may be wider or narrower than is said. */
    private const NEAR = 0.25;

    public function __construct(private ShelfSolver $solver) {}

    /**
     * @param float $screen width, px
     * @param ?float $own proportion of the picture, where rows keep it; null for that of the frame
     *
     * @return float px
     */
    public function at(float $screen, ?float $own = null): float
    {
        $form = $this->solver->at($screen);
        if ($form->arrange !== 'rows') {
            return $form->pictureWide();
        }

        // A row is filled by growing: on average by half of what one more card would have taken.
        return min($form->room, ($own ?? $this->solver->look->proportion) * $form->picture * (1 + 0.5 / $form->columns));
    }

    /** @param ?float $own as at() takes it */
    public function attribute(?float $own = null): string
    {
        $parts = [];
        $at = fn(int $screen): float => $this->at($screen, $own);
        $pieces = [
            ...$this->pieces($at, self::FROM, ShelfLook::PHONE), ...$this->pieces($at, ShelfLook::PHONE + 1, ShelfLook::TABLET),
            ...$this->pieces($at, ShelfLook::TABLET + 1, self::TO),
        ];
        foreach ($pieces as [$from, $to, $first, $last]) {
            $slope = $to === $from ? 0.0 : ($last - $first) / ($to - $from);
            $before = $parts[count($parts) - 1] ?? null;
            // Two pieces of one line are one piece.
            $goesOn = $before === null ? INF : abs($before['first'] + $slope * ($from - $before['from']) - $first);
            if ($before !== null && abs($before['slope'] - $slope) < 1e-4 && $goesOn < self::NEAR) {
                $parts[count($parts) - 1]['to'] = $to;
            } else {
                $parts[] = ['from' => $from, 'to' => $to, 'first' => $first, 'slope' => $slope];
            }
        }
        $said = array_map(
            static fn(array $p): array => [$p['to'], self::length($p['slope'], $p['first'] - $p['slope'] * $p['from'])],
            $parts,
        );
        $last = array_pop($said);

        return implode(', ', [...array_map(static fn(array $p): string => "(max-width: $p[0]px) $p[1]", $said), $last[1]]);
    }

    private static function length(float $slope, float $px): string
    {
        $write = static fn(float $number, int $digits): string => rtrim(rtrim(number_format($number, $digits, '.', ''), '0'), '.');
        $share = $write(100 * $slope, 2);

        return $share === '0' || $share === '-0'
            ? $write($px, 1).'px'
            : sprintf('calc(%svw %s %spx)', $share, $px < 0 ? '-' : '+', $write(abs($px), 1));
    }

    /**
     * Straight pieces of a line.
     *
     * @param \Closure(int): float $at
     *
     * @return non-empty-list<array{int, int, float, float}> from, to, and what it is there
     */
    private function pieces(\Closure $at, int $from, int $to): array
    {
        [$first, $last] = [$at($from), $at($to)];
        $isStraight = true;
        foreach ([0.25, 0.5, 0.75] as $share) {
            $between = (int) round($from + $share * ($to - $from));
            $straight = $first + ($last - $first) * ($to === $from ? 0 : ($between - $from) / ($to - $from));
            $isStraight = $isStraight && abs($at($between) - $straight) < self::NEAR;
        }
        $middle = intdiv($from + $to, 2);

        return $isStraight || $to - $from < 2
            ? ($isStraight ? [[$from, $to, $first, $last]] : [[$from, $from, $first, $first], [$to, $to, $last, $last]])
            : [...$this->pieces($at, $from, $middle), ...$this->pieces($at, $middle + 1, $to)];
    }
}
