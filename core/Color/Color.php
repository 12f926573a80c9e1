<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * One color in one color space, with alpha 0..1. A null coordinate is CSS's `none`.
 */
final readonly class Color
{
    /** Rounding noise tolerated when asking whether a color is inside the sRGB gamut. */
    private const GAMUT_SLACK = 0.000075;

    private function __construct(
        public ColorSpace $space,
        public ?float $first,
        public ?float $second,
        public ?float $third,
        public float $alpha,
    ) {}

    /** @param float $alpha 0..1 */
    public static function in(ColorSpace $space, ?float $first, ?float $second, ?float $third, float $alpha = 1.0): self
    {
        return new self($space, $first, $second, $third, $alpha);
    }

    /** @param int $rgb 0x000000..0xFFFFFF */
    public static function fromRgbInteger(int $rgb): self
    {
        return new self(ColorSpace::Srgb, ($rgb >> 16 & 255) / 255, ($rgb >> 8 & 255) / 255, ($rgb & 255) / 255, 1.0);
    }

    /**
     * Reads any CSS Color 4 color; a hex color may lack its number sign.
     *
     * @throws UnreadableColor when the text is not one
     */
    public static function parse(string $text): self
    {
        return ColorParser::parse($text);
    }

    public static function tryParse(string $text): ?self
    {
        try {
            return ColorParser::parse($text);
        } catch (UnreadableColor) {
            return null;
        }
    }

    /** @return array{?float, ?float, ?float} */
    public function coordinates(): array
    {
        return [$this->first, $this->second, $this->third];
    }

    /** @return array{float, float, float} `none` read as 0 */
    public function numbers(): array
    {
        return [$this->first ?? 0.0, $this->second ?? 0.0, $this->third ?? 0.0];
    }

    /** Same color in another space; nothing is clipped. */
    public function to(ColorSpace $space): self
    {
        if ($space === $this->space) {
            return $this;
        }
        $straight = $this->space !== ColorSpace::Srgb ? null : match ($space) {
            ColorSpace::Oklab, ColorSpace::Oklch => FromSrgb::oklab($this->first, $this->second, $this->third),
            ColorSpace::Lab => FromSrgb::lab($this->first, $this->second, $this->third),
            default => null,
        };
        if ($straight !== null) {
            [$a, $b, $c] = $space === ColorSpace::Oklch ? Cylinders::toPolar($straight, ColorSpace::OKLCH_GRAY) : $straight;

            return new self($space, $a, $b, $c, $this->alpha);
        }
        // hsl and hwb are spellings of sRGB: going straight there keeps a gray exactly gray.
        if ($space === ColorSpace::Srgb && $this->space === ColorSpace::Hsl) {
            return new self($space, ...[...Cylinders::hslToSrgb($this->numbers()), $this->alpha]);
        }
        if ($space === ColorSpace::Srgb && $this->space === ColorSpace::Hwb) {
            return new self($space, ...[...Cylinders::hwbToSrgb($this->numbers()), $this->alpha]);
        }
        if ($this->space === ColorSpace::Srgb && $space === ColorSpace::Hsl) {
            return new self($space, ...[...Cylinders::srgbToHsl($this->numbers()), $this->alpha]);
        }
        if ($this->space === ColorSpace::Srgb && $space === ColorSpace::Hwb) {
            return new self($space, ...[...Cylinders::srgbToHwb($this->numbers()), $this->alpha]);
        }
        [$a, $b, $c] = $space->fromXyz($this->space->toXyz($this->numbers()));

        return new self($space, $a, $b, $c, $this->alpha);
    }

    /** @return array{float, float, float} CIE Lab, `none` read as 0 */
    public function lab(): array
    {
        $straight = $this->space === ColorSpace::Srgb ? FromSrgb::lab($this->first, $this->second, $this->third) : null;

        return $straight ?? $this->to(ColorSpace::Lab)->numbers();
    }

    public function withAlpha(float $alpha): self
    {
        return $alpha === $this->alpha ? $this : new self($this->space, $this->first, $this->second, $this->third, $alpha);
    }

    /** Whether a standard screen (sRGB) can show it. */
    public function inGamut(): bool
    {
        foreach ($this->to(ColorSpace::Srgb)->numbers() as $v) {
            if ($v < -self::GAMUT_SLACK || $v > 1 + self::GAMUT_SLACK) {
                return false;
            }
        }

        return true;
    }

    /** The color a standard screen shows for it, mapped as CSS Color 4 section 13.2 says; in sRGB. */
    public function shown(): self
    {
        $rgb = $this->to(ColorSpace::Srgb);

        return $this->inGamut() ? $rgb : GamutMapping::toSrgb($this);
    }

    /** #rrggbb, or #rrggbbaa when it is not opaque; gamut-mapped and rounded to 8 bits a channel. */
    public function hex(): string
    {
        $shown = $this->shown()->numbers();
        $hex = '#';
        foreach ($this->alpha < 1 ? [...$shown, $this->alpha] : $shown as $v) {
            $hex .= sprintf('%02x', (int) round(max(0.0, min(1.0, $v)) * 255));
        }

        return $hex;
    }
}
