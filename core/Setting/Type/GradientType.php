<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Color\ColorException;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Gradient;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** Several colors running into each other, or nothing for a plain ground. */
final readonly class GradientType extends SettingType
{
    public static function name(): string
    {
        return 'gradient';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        if (! is_string($value)) {
            throw UnacceptableValue::because($setting, $value, 'a gradient is written as text.');
        }
        try {
            return trim($value) === '' ? '' : Gradient::parse($value)->text();
        } catch (ColorException $e) {
            throw UnacceptableValue::because($setting, $value, $e->getMessage());
        }
    }

    public function neutral(): string
    {
        return '';
    }

    public function describe(bool|float|string $value): string
    {
        return $value === '' ? 'plain' : (string) $value;
    }

    public function isCss(): bool
    {
        return true;
    }

    public function css(bool|float|string $value): string
    {
        return $value === '' ? 'none' : Gradient::parse((string) $value)->css();
    }

    public function linksIn(string $written): array
    {
        return str_contains($written, '{') ? Gradient::tryParse($written)?->followed() ?? [] : [];
    }

    public function relinked(string $written, callable $change): string
    {
        return Gradient::parse($written)
            ->with(static fn(string $color): string => ($path = Alias::target($color)) === null ? $color : $change($path))
            ->text();
    }
}
