<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/**
 * Where a card's words stand: below its picture, or beside it as long as there is room for both. All lengths in px.
 * As the stylesheets have it.
 */
final readonly class CardStand
{
    public const WAYS = ['below' => 'below the picture', 'beside' => 'beside the picture, where there is room'];

    /** Room of a card from which words stand beside its picture. */
    public const ROOM = 240.0;

    /** Share of that room that the picture has, and what is between it and the words. */
    private const SHARE = 0.42;
    private const GAP = 14.0;

    /** Between a picture and words that may stand beside one another and stand below. */
    private const BELOW = 8.0;

    public function __construct(private bool $isBeside = false) {}

    /** @param array<string, bool|float|string> $values by path; what an earlier Ikat published does not have it */
    public static function ofValues(array $values): self
    {
        // Pictures in rows and in columns are as wide as their cards.
        return new self(($values['card.stand'] ?? '') === 'beside' && ! in_array($values['grid.arrange'] ?? '', ['rows', 'columns'], true));
    }

    /** @param float $room of a card, without the space within it */
    public function splits(float $room): bool
    {
        return $this->isBeside && $room >= self::ROOM;
    }

    /** Width of a picture. */
    public function picture(float $room): float
    {
        return $this->splits($room) ? self::SHARE * $room : $room;
    }

    /** Width of the words. */
    public function words(float $room): float
    {
        return max(1.0, $this->splits($room) ? $room - self::GAP - self::SHARE * $room : $room);
    }

    /** Height of a card's picture and words together. */
    public function tall(float $room, float $picture, float $words): float
    {
        return $this->splits($room) ? max($picture, $words) : $picture + ($this->isBeside ? self::BELOW : 0.0) + $words;
    }
}
