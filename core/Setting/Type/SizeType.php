<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;

/** The size of letters at one end of the screens' widths, in px; a stylesheet gets the bare number, to reckon with. */
final readonly class SizeType extends RangeType
{
    public function __construct(float $min, float $max, float $increment = 0.5)
    {
        parent::__construct($min, $max, $increment, 'px');
    }

    public static function name(): string
    {
        return 'size';
    }

    public function isCss(): bool
    {
        return true;
    }

    public function css(bool|float|string $value): string
    {
        return Setting::plainNumber($value);
    }
}
