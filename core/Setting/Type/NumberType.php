<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;

/** A plain number pages are styled with: a weight, a factor. */
final readonly class NumberType extends RangeType
{
    public static function name(): string
    {
        return 'number';
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
