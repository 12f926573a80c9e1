<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** A whole number that pages are made with rather than styled with: how many products a row shows. */
final readonly class CountType extends RangeType
{
    public static function name(): string
    {
        return 'count';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): float
    {
        $number = parent::normalize($setting, $value);
        if ($number !== floor($number)) {
            throw UnacceptableValue::because($setting, $value, sprintf('%s is not a whole number.', Setting::plainNumber($number)));
        }

        return $number;
    }
}
