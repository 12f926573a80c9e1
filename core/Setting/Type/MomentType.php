<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** A moment on the store's own clock. */
final readonly class MomentType extends SettingType
{
    public static function name(): string
    {
        return 'moment';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        $text = is_string($value) ? trim($value) : '?';
        if ($text === '') {
            return '';
        }
        $isDay = preg_match('/^(\d{4})-(\d{2})-(\d{2})[T ]([01]\d|2[0-3]):([0-5]\d)$/D', $text, $m) === 1
            && checkdate((int) $m[2], (int) $m[3], (int) $m[1]);
        if (! $isDay) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('“%s” is not a day and time. Write one such as 2027-02-28 18:00.', self::quote($value)),
            );
        }

        return "$m[1]-$m[2]-$m[3]T$m[4]:$m[5]";
    }

    public function neutral(): string
    {
        return '';
    }

    public function describe(bool|float|string $value): string
    {
        return $value === '' ? 'no time' : str_replace('T', ' ', (string) $value);
    }
}
