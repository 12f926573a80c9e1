<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** On or off. */
final readonly class SwitchType extends SettingType
{
    public static function name(): string
    {
        return 'switch';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): bool
    {
        return match ($value) {
            true, 1, '1', 'true', 'on', 'yes' => true,
            false, 0, '0', 'false', 'off', 'no', '' => false,
            default => throw UnacceptableValue::because($setting, $value, sprintf('“%s” is neither on nor off.', self::quote($value))),
        };
    }

    public function accepts(bool|float|string $value): bool
    {
        return is_bool($value);
    }

    public function neutral(): bool
    {
        return false;
    }

    public function describe(bool|float|string $value): string
    {
        return $value ? 'on' : 'off';
    }
}
