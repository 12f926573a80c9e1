<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/** Where the thing itself stands in a picture, and what it stands on. */
final readonly class FoundObject
{
    /** Grounds: nothing at all, one color, or a scene. */
    public const CLEAR = 'clear';
    public const FLAT = 'flat';
    public const SCENE = 'scene';

    /**
     * @param float $left shares of the picture, 0..1, from its upper left corner; left < right, top < bottom
     * @param 'clear'|'flat'|'scene' $ground
     * @param ?string $color hex of a flat ground
     * @param bool $isFound false where nothing stands out, and the whole picture is taken for the thing
     * @param bool $isByHand whether somebody said so
     */
    public function __construct(
        public float $left,
        public float $top,
        public float $right,
        public float $bottom,
        public string $ground = self::SCENE,
        public ?string $color = null,
        public bool $isFound = true,
        public bool $isByHand = false,
    ) {}

    /** @param 'clear'|'flat'|'scene' $ground */
    public static function whole(string $ground = self::SCENE, ?string $color = null): self
    {
        return new self(0.0, 0.0, 1.0, 1.0, $ground, $color, false);
    }

    /** The same as somebody corrects it. Sides that leave too little are put apart. */
    public function corrected(float $left, float $top, float $right, float $bottom): self
    {
        $pair = static function (float $from, float $to): array {
            $from = max(0.0, min(0.98, $from));

            return [round($from, 4), round(max($from + 0.02, min(1.0, $to)), 4)];
        };
        [$left, $right] = $pair($left, $right);
        [$top, $bottom] = $pair($top, $bottom);

        return new self($left, $top, $right, $bottom, $this->ground, $this->color, true, true);
    }

    /**
     * @param array{
     *     left: float|int, top: float|int, right: float|int, bottom: float|int, ground: 'clear'|'flat'|'scene', color: ?string,
     *     isFound: bool, isByHand: bool
     * } $row as toArray() gave it
     */
    public static function fromArray(array $row): self
    {
        return new self(
            (float) $row['left'],
            (float) $row['top'],
            (float) $row['right'],
            (float) $row['bottom'],
            $row['ground'],
            $row['color'],
            $row['isFound'],
            $row['isByHand'],
        );
    }

    /**
     * @return array{
     *     left: float, top: float, right: float, bottom: float, ground: 'clear'|'flat'|'scene', color: ?string,
     *     isFound: bool, isByHand: bool
     * }
     */
    public function toArray(): array
    {
        return [
            'left' => $this->left, 'top' => $this->top, 'right' => $this->right, 'bottom' => $this->bottom, 'ground' => $this->ground,
            'color' => $this->color, 'isFound' => $this->isFound, 'isByHand' => $this->isByHand,
        ];
    }

    /** Whether it stands on nothing, and can be put on any ground. */
    public function isCutOut(): bool
    {
        return $this->ground === self::CLEAR;
    }
}
