<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use Ikat\Core\Grid\CardPicture;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\Proportion;

/**
 * The frame over all pictures: across their proportions, each time as much wider as the next mark; upward a share. A picture is a dot at
 * its own proportion, as high as it has empty margin on the side that is cut; the line says what the frame cuts. Dots under the line lose
 * part of their thing.
 */
final readonly class FrameDrawing
{
    public const WIDTH = 816;
    public const HEIGHT = 236;

    /** The chart, px: its sides, its top and its foot, and the share its top stands for. */
    public const LEFT = 48.0;
    public const RIGHT = 500.0;
    public const TOP = 58.0;
    public const FOOT = 206.0;
    public const MOST = 0.8;

    /** Pictures that are shown with their crop. */
    private const WORST = 6;

    /** Marks below the chart: width and height. */
    private const MARKS = [[1, 2], [2, 3], [3, 4], [1, 1], [4, 3], [3, 2], [2, 1]];

    public function __construct(public CardPictures $pictures, public float $frame) {}

    public function x(float $proportion): float
    {
        $share = log($proportion / Proportion::LEAST) / log(Proportion::MOST / Proportion::LEAST);

        return round(self::LEFT + max(0.0, min(1.0, $share)) * (self::RIGHT - self::LEFT), 1);
    }

    public function y(float $share): float
    {
        return round(self::FOOT - min(self::MOST, $share) / self::MOST * (self::FOOT - self::TOP), 1);
    }

    /** What a frame cuts off a picture of each proportion: the same line for every frame, only elsewhere. */
    public function line(): string
    {
        $points = [];
        $wide = (self::RIGHT - self::LEFT) / log(Proportion::MOST / Proportion::LEAST);
        for ($by = -30; $by <= 30; $by++) {
            $points[] = round($this->x($this->frame) + $by / 20 * $wide, 1).' '.$this->y(1 - exp(-abs($by) / 20));
        }

        return 'M'.implode('L', $points);
    }

    /** @return array<string, float> words => where they stand across */
    public function marks(): array
    {
        $marks = [];
        foreach (self::MARKS as [$wide, $tall]) {
            $marks["$wide:$tall"] = $this->x($wide / $tall);
        }

        return $marks;
    }

    /**
     * @return list<array{picture: CardPicture, x: float, y: float, state: 'whole'|'pointed'|'cut'}> whole, whole if it were pointed
     * otherwise, or cut
     */
    public function dots(): array
    {
        return array_map(fn(CardPicture $picture): array => [
            'picture' => $picture,
            'x' => $this->x($picture->framed->proportion),
            'y' => $this->y($picture->framed->margin($this->frame)),
            'state' => match (true) {
                ! $picture->framed->isThingCut($this->frame) => 'whole',
                $picture->framed->leastThingCut($this->frame) < 0.01 => 'pointed',
                default => 'cut',
            },
        ], $this->pictures->pictures);
    }

    /** @return list<CardPicture> those whose thing is cut most, and then those of which most is */
    public function worst(): array
    {
        return array_map(
            fn(int $n): CardPicture => $this->pictures->pictures[$n],
            array_slice($this->pictures->frames->worst($this->frame), 0, self::WORST),
        );
    }

    /** @return array{float, float} px of a frame on the plate that is dragged */
    public function plate(): array
    {
        return $this->frame > 1 ? [34.0, round(34 / $this->frame, 1)] : [round(34 * $this->frame, 1), 34.0];
    }
}
