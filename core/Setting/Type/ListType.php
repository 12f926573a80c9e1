<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** Several names in an order, none twice, written with commas. */
abstract readonly class ListType extends SettingType
{
    /** @param int $max how many */
    public function __construct(public int $max) {}

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        if (! is_string($value)) {
            throw UnacceptableValue::because($setting, $value, 'a list is written with commas.');
        }
        $names = array_map(trim(...), explode(',', $value));
        $names = array_values(array_filter($names, static fn(string $n): bool => $n !== ''));
        if (count($names) !== count(array_unique($names))) {
            throw UnacceptableValue::because($setting, $value, 'the same one stands in it twice.');
        }
        if (count($names) > $this->max) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('this has %d, at most %d fit. Take out %d.', count($names), $this->max, count($names) - $this->max),
            );
        }
        foreach ($names as $name) {
            $this->check($setting, $value, $name);
        }

        return implode(',', $names);
    }

    public function neutral(): string
    {
        return '';
    }

    public function describe(bool|float|string $value): string
    {
        return $value === '' ? 'none' : str_replace(',', ', ', (string) $value);
    }

    /** @throws UnacceptableValue when a name is none of the list's */
    abstract protected function check(Setting $setting, string $value, string $name): void;
}
