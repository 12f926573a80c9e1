<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/**
 * Puts cards in their places: in equal tiles, in rows of pictures that keep their own proportions, or in columns of such.
 *
 * Sources: CSS Flexible Box Layout Level 1, 9.3 and 9.7, for how a line is filled and what is left is shared out; CSS Multi-column Layout
 * Level 1, 3.4 and 7, for how many columns there are and how they are balanced. All lengths in px, from the upper left of the shelf.
 */
final readonly class ShelfArranger
{
    /** How often wider than it need be a card may get in a last row that stands in the middle, and in one that grows. */
    private const GROWS = ['center' => 1.5, 'stretch' => 2.0];

    /** Px that a card in a row has at least: its words have to be read. */
    private const LEAST = 84.0;

    /** Px that a tile which leads on has at least, and how tall it is alone. */
    private const TILE = 110.0;
    private const TILE_TALL = 120.0;
    private const TILE_IN_COLUMN = 180.0;

    private const NEAR = 0.01;

    /**
     * @param \Closure(int, float, float): array{float, int} $card number, width of the card and height of its picture => height of what
     *     it shows, and lines of its name
     * @param float $tile proportion of pictures, where one is given to them
     * @param float $around px of a card beside its picture, both sides together
     */
    public function __construct(
        private ShelfForm $form,
        private \Closure $card,
        private float $tile,
        private float $around,
    ) {}

    /**
     * @param list<float> $proportions of the pictures of the goods, as they are shown
     *
     * @return array{list<PlacedCard>, float, list<array{x: float, y: float, width: float, height: float}>} cards, where they end, and
     *     places that no product has
     */
    public function place(array $proportions): array
    {
        return match (true) {
            $proportions === [] => [[], 0.0, []],
            $this->form->arrange === 'rows' => $this->rows($proportions),
            $this->form->arrange === 'columns' => $this->columns($proportions),
            default => $this->tiles(count($proportions)),
        };
    }

    /** @return array{list<PlacedCard>, float, list<array{x: float, y: float, width: float, height: float}>} */
    private function tiles(int $count): array
    {
        $form = $this->form;
        $cards = [];
        $y = 0.0;
        $last = $form->rows($count) - 1;
        for ($row = 0; $row <= $last; $row++) {
            $in = min($form->columns, $count - $row * $form->columns);
            $width = $row === $last ? $form->lastCard($count) : $form->card;
            $isInMiddle = in_array($form->last, ['center', 'stretch'], true);
            $x = $isInMiddle ? ($form->room - $in * $width - ($in - 1) * $form->gap) / 2 : 0.0;
            $tall = 0.0;
            for ($i = 0; $i < $in; $i++) {
                $card = $this->card(count($cards), $x, $y, $width, $form->stand->picture($width - $this->around) / $this->tile);
                $tall = max($tall, $card->height);
                $cards[] = $card;
                $x += $width + $form->gap;
            }
            $y += $tall + $form->rowGap;
        }
        $y -= $form->rowGap;
        $first = $cards[$last * $form->columns];

        return [$cards, $y, $this->places($count, $first->y, $y - $first->y)];
    }

    /**
     * Places of a last row of tiles that no product has.
     *
     * @return list<array{x: float, y: float, width: float, height: float}>
     */
    private function places(int $count, float $y, float $height): array
    {
        $form = $this->form;
        $left = $form->leftOver($count);
        if ($left === 0) {
            return [];
        }
        $at = static fn(int $column): float => $column * ($form->card + $form->gap);
        $in = $form->columns - $left;
        $taken = $in * $form->lastCard($count) + ($in - 1) * $form->gap;
        $beside = ($form->room - $taken) / 2;
        $places = match ($form->last) {
            'more' => [[$at($in), $form->room - $at($in)]],
            'leave' => array_map(static fn(int $n): array => [$at($in + $n), $form->card], range(0, $left - 1)),
            default => $this->besideLast($beside, $taken),
        };

        return array_map(static fn(array $p): array => ['x' => $p[0], 'y' => $y, 'width' => $p[1], 'height' => $height], $places);
    }

    /** @return list<array{float, float}> from where and how wide it is empty beside a row in the middle */
    private function besideLast(float $beside, float $taken): array
    {
        $gap = $this->form->gap;

        return $beside < $gap + 2 ? [] : [[0.0, $beside - $gap], [$beside + $taken + $gap, $beside - $gap]];
    }

    /**
     * @param list<float> $proportions
     *
     * @return array{list<PlacedCard>, float, list<array{x: float, y: float, width: float, height: float}>}
     */
    private function rows(array $proportions): array
    {
        $form = $this->form;
        $least = array_map(fn(float $p): float => min($form->room, max(self::LEAST, $this->around + $p * $form->picture)), $proportions);
        $rows = [[]];
        $taken = -$form->gap;
        foreach ($least as $n => $width) {
            if ($rows[count($rows) - 1] !== [] && $taken + $form->gap + $width > $form->room + self::NEAR) {
                $rows[] = [];
                $taken = -$form->gap;
            }
            $rows[count($rows) - 1][] = $n;
            $taken += $form->gap + $width;
        }
        $free = $form->room - $taken;
        $isTileBeside = $form->last === 'more' && $free >= $form->gap + self::TILE - self::NEAR;
        $cards = $places = [];
        $y = $x = 0.0;
        foreach ($rows as $r => $row) {
            $isLast = $r === count($rows) - 1;
            $widths = $this->shared(
                array_map(static fn(int $n): float => $least[$n], $row),
                array_map(static fn(int $n): float => $proportions[$n], $row),
                $isLast && ($form->last === 'leave' || $isTileBeside),
            );
            $whole = array_sum($widths) + (count($row) - 1) * $form->gap;
            $isInMiddle = isset(self::GROWS[$form->last]);
            $x = $isInMiddle ? ($form->room - $whole) / 2 : 0.0;
            $tall = 0.0;
            foreach ($row as $i => $n) {
                $card = $this->card($n, $x, $y, $widths[$i], ($widths[$i] - $this->around) / $proportions[$n]);
                $tall = max($tall, $card->height);
                $cards[] = $card;
                $x += $widths[$i] + $form->gap;
            }
            if ($isLast) {
                $beside = $isInMiddle ? $this->besideLast(($form->room - $whole) / 2, $whole) : [[$x, $form->room - $x]];
                foreach ($beside as [$from, $wide]) {
                    $places = $wide > 2 ? [...$places, ['x' => $from, 'y' => $y, 'width' => $wide, 'height' => $tall]] : $places;
                }
            }
            $y += $tall + $form->rowGap;
        }
        if ($form->last === 'more' && ! $isTileBeside) {
            $places = [['x' => 0.0, 'y' => $y, 'width' => $form->room, 'height' => self::TILE_TALL]];
            $y += self::TILE_TALL + $form->rowGap;
        }

        return [$cards, $y - $form->rowGap, $places];
    }

    /**
     * Widths of a row's cards: each grows by its proportion, so that all pictures stay as tall as one another.
     *
     * @param list<float> $least
     * @param list<float> $proportions
     * @param bool $stays whether something else takes what is left
     *
     * @return list<float>
     */
    private function shared(array $least, array $proportions, bool $stays): array
    {
        $form = $this->form;
        $free = $form->room - array_sum($least) - (count($least) - 1) * $form->gap;
        $most = ((self::GROWS[$form->last] ?? INF) - 1) * $form->picture;
        $each = $stays ? 0.0 : min($most, $free / array_sum($proportions));

        return array_map(
            static fn(float $width, float $proportion): float => min($form->room, $width + $proportion * max(0.0, $each)),
            $least,
            $proportions,
        );
    }

    /**
     * @param list<float> $proportions
     *
     * @return array{list<PlacedCard>, float, list<array{x: float, y: float, width: float, height: float}>}
     */
    private function columns(array $proportions): array
    {
        $form = $this->form;
        $width = $form->card;
        $cards = [];
        foreach ($proportions as $n => $proportion) {
            $cards[] = $this->card($n, 0.0, 0.0, $width, ($width - $this->around) / $proportion);
        }
        $heights = array_map(static fn(PlacedCard $card): float => $card->height, $cards);
        $tile = $form->last === 'more' ? self::TILE_IN_COLUMN : null;
        $all = $tile === null ? $heights : [...$heights, $tile];
        $tops = $this->balanced($all);
        $placed = $places = [];
        $ends = 0.0;
        foreach ($tops as $n => [$column, $y]) {
            $x = $column * ($width + $form->gap);
            $ends = max($ends, $y + $all[$n]);
            if (isset($cards[$n])) {
                $card = $cards[$n];
                $placed[] = new PlacedCard($x, $y, $width, $card->height, $card->picture, $card->lines);
            } else {
                $places[] = ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $all[$n]];
            }
        }

        return [$placed, $ends, $places];
    }

    /**
     * Where things stand in columns of the least height that holds them all.
     *
     * @param list<float> $heights
     *
     * @return list<array{int, float}> column, and how far down
     */
    private function balanced(array $heights): array
    {
        $form = $this->form;
        $whole = array_sum($heights) + (count($heights) - 1) * $form->rowGap;
        $tall = max([...$heights, $whole / $form->columns]);
        while (true) {
            [$column, $y, $short] = [0, 0.0, INF];
            $tops = [];
            foreach ($heights as $height) {
                if ($y > 0 && $y + $height > $tall + self::NEAR) {
                    $short = min($short, $y + $height - $tall);
                    $column++;
                    $y = 0.0;
                }
                $tops[] = [$column, $y];
                $y += $height + $form->rowGap;
            }
            if ($column < $form->columns) {
                return $tops;
            }
            $tall += $short;
        }
    }

    private function card(int $n, float $x, float $y, float $width, float $picture): PlacedCard
    {
        [$height, $lines] = ($this->card)($n, $width, $picture);

        return new PlacedCard($x, $y, $width, $height, $picture, $lines);
    }
}
