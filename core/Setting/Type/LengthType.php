<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Compile\CssValue;
use Ikat\Core\Setting\Setting;

/** A length or share, in px or %. */
final readonly class LengthType extends RangeType
{
    public static function name(): string
    {
        return 'length';
    }

    public function isCss(): bool
    {
        return true;
    }

    public function css(bool|float|string $value): string
    {
        return CssValue::plain(Setting::plainNumber($value).$this->unit);
    }
}
