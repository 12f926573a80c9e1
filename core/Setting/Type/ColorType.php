<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\UnreadableColor;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** A color of CSS Color 4, stored in its shortest exact form. */
final readonly class ColorType extends SettingType
{
    private const NEUTRAL = '#808080';

    public static function name(): string
    {
        return 'color';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        if (! is_string($value)) {
            throw UnacceptableValue::because($setting, $value, 'a color is written as text, for example #2c2b76.');
        }
        try {
            return Color::parse($value)->hex();
        } catch (UnreadableColor $e) {
            throw UnacceptableValue::because($setting, $value, $e->getMessage());
        }
    }

    public function neutral(): string
    {
        return self::NEUTRAL;
    }

    public function isCss(): bool
    {
        return true;
    }

    public function css(bool|float|string $value): string
    {
        return preg_match('/^#[0-9a-f]{6}$/D', (string) $value) === 1 ? (string) $value : Color::parse((string) $value)->hex();
    }
}
