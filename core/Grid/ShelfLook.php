<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Look\ResolvedLook;

/** What a look says of its shelves: how many stand in a row, with what between them, and what becomes of a last row that is not full. */
final readonly class ShelfLook
{
    /** Widest screens that count as a phone and as a tablet, px: as the stylesheets have them. */
    public const PHONE = 759;
    public const TABLET = 1023;

    /** What becomes of the places that stay empty in a last row. */
    public const LAST = [
        'leave' => 'they stay empty', 'center' => 'the row stands in the middle', 'stretch' => 'its cards grow, up to twice as wide',
        'more' => 'a tile fills them, and leads on',
    ];

    /** Where a category's shelf can be asked for less. */
    public const FILTERS = [
        'above' => 'over the shelf', 'side' => 'at its side, on a phone behind a button', 'folded' => 'behind a button',
        'none' => 'nowhere',
    ];

    /** Px of what stands at the side, with the space between; as the stylesheets have it. */
    private const ASIDE = 248.0;

    /** How products stand. */
    public const ARRANGED = [
        'tiles' => 'equal tiles', 'rows' => 'even rows', 'columns' => 'staggered columns',
    ];

    /**
     * @param array{phone: int, tablet: int, desktop: int} $columns
     * @param float $gap between cards, px
     * @param float $page width of the page, px
     * @param float $space within a card, px
     * @param int $count products on a page
     * @param string $last one of LAST
     * @param float $proportion of a picture, width by height
     * @param key-of<self::ARRANGED> $arrange
     * @param CardStand $stand of a card's words
     * @param string $filters where a category's shelf can be asked for less, one of FILTERS: at its side that takes of its room
     */
    public function __construct(
        public array $columns,
        public float $gap,
        public float $page,
        public float $space,
        public int $count,
        public string $last,
        public float $proportion = 1.0,
        public string $arrange = 'tiles',
        public CardStand $stand = new CardStand(),
        public string $filters = 'above',
    ) {}

    public static function of(ResolvedLook $look): self
    {
        return self::ofValues($look->values());
    }

    /**
     * @param array<string, bool|float|string> $values by path; what an earlier Ikat published has not all of them, nor all as they are now
     */
    public static function ofValues(array $values): self
    {
        $number = static fn(string $path, float $least): float => max($least, (float) ($values[$path] ?? 0));

        return new self(
            [
                'phone' => (int) $number('grid.columns.phone', 1), 'tablet' => (int) $number('grid.columns.tablet', 1),
                'desktop' => (int) $number('grid.columns.desktop', 1),
            ],
            $number('grid.gap', 0),
            $number('page.width', 320),
            $number('card.space', 0),
            (int) $number('grid.count', 1),
            (string) ($values['grid.last'] ?? 'leave'),
            is_numeric($values['card.proportion'] ?? null) ? $number('card.proportion', 0.1) : 1.0,
            self::arranged((string) ($values['grid.arrange'] ?? '')),
            CardStand::ofValues($values),
            (string) ($values['grid.filters'] ?? 'above'),
        );
    }

    /**
     * @param array<string, int> $columns device => as many as it would have
     */
    public function with(
        array $columns = [],
        ?int $count = null,
        ?string $last = null,
        ?string $arrange = null,
        ?string $filters = null,
    ): self {
        return new self(
            [
                'phone' => $columns['phone'] ?? $this->columns['phone'], 'tablet' => $columns['tablet'] ?? $this->columns['tablet'],
                'desktop' => $columns['desktop'] ?? $this->columns['desktop'],
            ],
            $this->gap,
            $this->page,
            $this->space,
            $count ?? $this->count,
            $last ?? $this->last,
            $this->proportion,
            $arrange === null ? $this->arrange : self::arranged($arrange),
            $arrange === null || $arrange === 'tiles' ? $this->stand : new CardStand(),
            $filters ?? $this->filters,
        );
    }

    /** The same of a shelf that is not a category's: it has the page to itself. */
    public function alone(): self
    {
        return new self(
            $this->columns,
            $this->gap,
            $this->page,
            $this->space,
            $this->count,
            $this->last,
            $this->proportion,
            $this->arrange,
            $this->stand,
        );
    }

    /** Px of what stands beside a shelf on a desktop. */
    public function aside(): float
    {
        return $this->filters === 'side' ? self::ASIDE : 0.0;
    }

    /** @return key-of<self::ARRANGED> */
    private static function arranged(string $way): string
    {
        return isset(self::ARRANGED[$way]) ? $way : 'tiles';
    }

    /** @return 'phone'|'tablet'|'desktop' */
    public static function deviceOf(float $screen): string
    {
        return match (true) {
            $screen <= self::PHONE => 'phone',
            $screen <= self::TABLET => 'tablet',
            default => 'desktop',
        };
    }
}
