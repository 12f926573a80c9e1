<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/**
 * How a shelf of products stands on any screen: as many columns as are set, fewer where cards would be too narrow.
 *
 * Source: CSS Grid Layout Level 2, 7.2.3.2, repeat-to-fill: as many tracks as fit with the gaps between them, each at least one.
 */
final readonly class ShelfSolver implements Measurement
{
    /** Px of a page's own sides on the widest screens, both together; and the least and the share of a screen of one of them. */
    private const SIDES = 112.0;
    private const LEAST_SIDE = 16.0;
    private const SIDE = 0.044;

    /** Least px of a card without the space within it, on a phone and elsewhere. */
    private const NARROWEST_ON_PHONE = 96.0;
    private const NARROWEST = 110.0;

    /** Most px between cards, and within one, that a phone keeps. */
    private const PHONE_GAP = 14.0;
    private const PHONE_SPACE = 10.0;

    /** Rows stand this much farther apart than columns. */
    private const ROWS = 1.35;

    /** Px that a card is narrower than its share, so that as many as are set always fit. */
    private const SLACK = 0.1;

    /** Products on a page, at most. */
    public const MOST = 48;

    public function __construct(public ShelfLook $look) {}

    public static function measure(Inspection $inspection): self
    {
        return new self(ShelfLook::of($inspection->look));
    }

    /** For shelves that are not a category's. */
    public function alone(): self
    {
        return new self($this->look->alone());
    }

    /** @param float $screen width, px */
    public function at(float $screen): ShelfForm
    {
        $device = ShelfLook::deviceOf($screen);
        $isPhone = $device === 'phone';
        $gap = $isPhone ? min($this->look->gap, self::PHONE_GAP) : $this->look->gap;
        $space = $isPhone ? min($this->look->space, self::PHONE_SPACE) : $this->look->space;
        $side = max(self::LEAST_SIDE, min(self::SIDES / 2, self::SIDE * $screen));
        $aside = $device === 'desktop' ? $this->look->aside() : 0.0;
        $room = min($this->look->page + self::SIDES, $screen) - 2 * $side - $aside;
        $wanted = $this->look->columns[$device];
        $least = max(
            ($isPhone ? self::NARROWEST_ON_PHONE : self::NARROWEST) + 2 * $space,
            ($room - ($wanted - 1) * $gap) / $wanted - self::SLACK,
        );
        $columns = max(1, (int) floor(($room + $gap) / ($least + $gap) + 1e-6));
        // A row that is put in lines keeps its cards at their least; one of tracks shares out what is left.
        $card = in_array($this->look->last, ['center', 'more'], true) && $this->look->arrange === 'tiles'
            ? min($least, $room)
            : ($room - ($columns - 1) * $gap) / $columns;
        $picture = ($least - 2 * $space) / $this->look->proportion;

        return new ShelfForm(
            $room,
            $columns,
            $card,
            $least,
            $gap,
            self::ROWS * $gap,
            2 * $space,
            $picture,
            $this->look->last,
            $this->look->arrange,
            $this->look->stand,
            $aside,
        );
    }

    /**
     * Counts of products that leave no place empty on any of some screens.
     *
     * @param non-empty-list<float> $screens px
     *
     * @return list<int> up to MOST
     */
    public function even(array $screens): array
    {
        $forms = array_map($this->at(...), $screens);

        return array_values(array_filter(
            range(1, self::MOST),
            static fn(int $count): bool => array_filter($forms, static fn(ShelfForm $f): bool => $f->leftOver($count) > 0) === [],
        ));
    }

    /**
     * Places that stay empty, of all pages of some shelves.
     *
     * @param array<array-key, int> $counts products of each shelf
     */
    public function empty(array $counts, float $screen): float
    {
        $form = $this->at($screen);
        $empty = 0.0;
        foreach ($counts as $count) {
            foreach (ShelfForm::pages($count, max(1, $this->look->count)) as $page) {
                $empty += $form->empty($page);
            }
        }

        return $empty;
    }
}
