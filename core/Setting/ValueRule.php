<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorException;
use Ikat\Core\Color\UnreadableColor;
use Ikat\Core\Look\ColorInventory;

/** Turns what somebody wrote into a setting's canonical value, or says why it cannot. */
final class ValueRule
{
    /**
     * @return bool|float|string an alias stays an alias; a color becomes its shortest exact CSS form
     *
     * @throws UnacceptableValue
     */
    public static function normalize(Setting $setting, mixed $value): bool|float|string
    {
        if (Alias::target($value) !== null) {
            return $value;
        }

        return match ($setting->type) {
            SettingType::Color => self::color($setting, $value),
            SettingType::Length, SettingType::Number => self::number($setting, $value),
            SettingType::Choice, SettingType::Font => self::choice($setting, $value),
            SettingType::Switch => self::switch($setting, $value),
            SettingType::Text => self::text($setting, $value),
            SettingType::Count => self::count($setting, $value),
            SettingType::Target => self::target($setting, $value),
            SettingType::Picture => self::name($setting, $value),
            SettingType::Picks => self::picks($setting, $value),
            SettingType::Items => self::items($setting, $value),
            SettingType::Keys => self::keys($setting, $value),
            SettingType::Gradient => self::gradient($setting, $value),
            SettingType::Moment => self::moment($setting, $value),
        };
    }

    private static function color(Setting $setting, mixed $value): string
    {
        if (! is_string($value)) {
            throw UnacceptableValue::because($setting, $value, 'a color is written as text, for example #2c2b76.');
        }
        try {
            $color = Color::parse($value);
        } catch (UnreadableColor $e) {
            throw UnacceptableValue::because($setting, $value, $e->getMessage());
        }

        return $color->hex();
    }

    private static function number(Setting $setting, mixed $value): float
    {
        if (is_string($value)) {
            $value = preg_replace('/\s*'.preg_quote($setting->unit, '/').'$/', '', trim($value));
        }
        if (! is_numeric($value) || ! is_finite((float) $value)) {
            throw UnacceptableValue::because($setting, $value, sprintf('“%s” is not a number. Write one from %s to %s.', self::quote($value), Setting::plainNumber($setting->min), trim(Setting::plainNumber($setting->max).' '.$setting->unit)));
        }
        $number = (float) $value;
        if ($number < $setting->min || $number > $setting->max) {
            throw UnacceptableValue::because($setting, $value, sprintf('%s is outside its range. Write a number from %s to %s.', Setting::plainNumber($number), Setting::plainNumber($setting->min), trim(Setting::plainNumber($setting->max).' '.$setting->unit)));
        }

        return $number;
    }

    private static function choice(Setting $setting, mixed $value): string
    {
        if (! is_string($value) || ! isset($setting->choices[$value])) {
            throw UnacceptableValue::because($setting, $value, sprintf('“%s” is not one of its choices: %s.', self::quote($value), implode(', ', array_keys($setting->choices))));
        }

        return $value;
    }

    private static function switch(Setting $setting, mixed $value): bool
    {
        return match ($value) {
            true, 1, '1', 'true', 'on', 'yes' => true,
            false, 0, '0', 'false', 'off', 'no', '' => false,
            default => throw UnacceptableValue::because($setting, $value, sprintf('“%s” is neither on nor off.', self::quote($value))),
        };
    }

    private static function text(Setting $setting, mixed $value): string
    {
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8')) {
            throw UnacceptableValue::because($setting, $value, 'this is not readable text (UTF-8).');
        }
        $clean = trim((string) preg_replace('/[\x00-\x08\x0B-\x1F\x7F]/u', '', str_replace(["\r\n", "\r"], "\n", $value)));
        // What gives words a color is not read by anybody.
        $length = mb_strlen($setting->of === Setting::IN_COLORS ? ColoredText::plain($clean) : $clean);
        if ($length > $setting->max) {
            throw UnacceptableValue::because($setting, $value, sprintf('this has %d characters, at most %d fit. Shorten it by %d.', $length, $setting->max, $length - $setting->max));
        }

        return $clean;
    }

    private static function count(Setting $setting, mixed $value): float
    {
        $number = self::number($setting, $value);
        if ($number !== floor($number)) {
            throw UnacceptableValue::because($setting, $value, sprintf('%s is not a whole number.', Setting::plainNumber($number)));
        }

        return $number;
    }

    private static function target(Setting $setting, mixed $value): string
    {
        $address = self::text($setting, $value);
        $isFit = $setting->of === 'shop'
            ? preg_match('#^(/[a-z0-9/_-]*(\?[a-z0-9=&_%+-]*)?)?$#', $address) === 1 && ! str_contains($address, '//')
            // Only what a browser opens as a page: a javascript: or data: address would run what somebody else wrote.
            : $address === '' || preg_match('#^https?://[^\s<>"\']+$#i', $address) === 1 && filter_var($address, FILTER_VALIDATE_URL) !== false;
        if (! $isFit) {
            throw UnacceptableValue::because($setting, $value, $setting->of === 'shop'
                ? sprintf('“%s” is not a page of the shop. Choose one from the list, such as /category/candles.', self::quote($value))
                : sprintf('“%s” is not a web address. Write one that begins with https://', self::quote($value)));
        }

        return $address;
    }

    private static function name(Setting $setting, mixed $value): string
    {
        if (! is_string($value) || ! preg_match('/^([a-z0-9]+(-[a-z0-9]+)*)?$/', $value) || strlen($value) > $setting->max) {
            throw UnacceptableValue::because($setting, $value, sprintf('“%s” is not a picture of the library. Choose one there.', self::quote($value)));
        }

        return $value;
    }

    private static function picks(Setting $setting, mixed $value): string
    {
        $names = self::split($setting, $value);
        foreach ($names as $name) {
            if (! preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $name)) {
                throw UnacceptableValue::because($setting, $value, sprintf('“%s” is not the name of a %s.', self::quote($name), $setting->of));
            }
        }

        return implode(',', $names);
    }

    private static function items(Setting $setting, mixed $value): string
    {
        $names = self::split($setting, $value);
        foreach ($names as $name) {
            if (! preg_match('/^([a-z]+)-[1-9][0-9]{0,3}$/', $name, $m) || ! isset($setting->choices[$m[1]])) {
                throw UnacceptableValue::because($setting, $value, sprintf('“%s” is not one of its kinds: %s.', self::quote($name), implode(', ', array_keys($setting->choices))));
            }
        }

        return implode(',', $names);
    }

    private static function keys(Setting $setting, mixed $value): string
    {
        $keys = self::split($setting, $value);
        foreach ($keys as $key) {
            if (! isset($setting->choices[$key]) && ($setting->of === Setting::PUT_AWAY || ! preg_match(ColorInventory::OWN, $key))) {
                throw UnacceptableValue::because($setting, $value, sprintf('“%s” is not one of them: %s.', self::quote($key), implode(', ', array_keys($setting->choices))));
            }
        }
        if ($setting->of === Setting::PUT_AWAY ? count($keys) === count($setting->choices) : $keys === []) {
            throw UnacceptableValue::because($setting, $value, 'at least one has to stay.');
        }

        return implode(',', $keys);
    }

    private static function gradient(Setting $setting, mixed $value): string
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

    /** @return list<string> */
    private static function split(Setting $setting, mixed $value): array
    {
        if (! is_string($value)) {
            throw UnacceptableValue::because($setting, $value, 'a list is written with commas.');
        }
        $names = array_values(array_filter(array_map(trim(...), explode(',', $value)), static fn(string $n): bool => $n !== ''));
        if (count($names) !== count(array_unique($names))) {
            throw UnacceptableValue::because($setting, $value, 'the same one stands in it twice.');
        }
        if (count($names) > $setting->max) {
            throw UnacceptableValue::because($setting, $value, sprintf('this has %d, at most %d fit. Take out %d.', count($names), $setting->max, count($names) - $setting->max));
        }

        return $names;
    }

    private static function moment(Setting $setting, mixed $value): string
    {
        $text = is_string($value) ? trim($value) : '?';
        if ($text === '') {
            return '';
        }
        $isDay = preg_match('/^(\d{4})-(\d{2})-(\d{2})[T ]([01]\d|2[0-3]):([0-5]\d)$/', $text, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1]);
        if (! $isDay) {
            throw UnacceptableValue::because($setting, $value, sprintf('“%s” is not a day and time. Write one such as 2027-02-28 18:00.', self::quote($value)));
        }

        return "$m[1]-$m[2]-$m[3]T$m[4]:$m[5]";
    }

    private static function quote(mixed $value): string
    {
        return is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, 60) : get_debug_type($value);
    }
}
