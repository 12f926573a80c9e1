<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Color\Contrast;

/** What was measured on the pixels of a look's logo and icon. */
final readonly class LogoMeasures implements Measurement
{
    /**
     * @param ?int $height px of the logo's file; null when the logo is words or a drawing, sharp at any size
     * @param list<array{label: string, path: string, ratio: float}> $places where the logo stands, the setting that decides its ground,
     *     contrast of its edge
     * @param float $markKept share of the icon's light and dark that is left at 16 px
     * @param float $markContrast between its darkest and lightest tenth there
     */
    public function __construct(public ?int $height, public array $places, public float $markKept, public float $markContrast) {}

    /** Nothing that falls short: whoever has the pixels supplies what they measure. */
    public static function measure(Inspection $inspection): self
    {
        return new self(null, [], 1.0, Contrast::BEST);
    }
}
