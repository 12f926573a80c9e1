<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Measure;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** A number between bounds. */
abstract readonly class RangeType extends SettingType
{
    /**
     * @param float $increment the step of a control
     * @param string $unit px, % or none
     */
    public function __construct(public float $min, public float $max, public float $increment = 1, public string $unit = '') {}

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): float
    {
        if (is_string($value) && ! is_numeric($value)) {
            $value = Measure::read($value, $this->unit) ?? $value;
        }
        if (! is_numeric($value) || ! is_finite((float) $value)) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('“%s” is not a number. Write one from %s.', self::quote($value), $this->range()),
            );
        }
        if (! $this->accepts((float) $value)) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('%s is outside its range. Write a number from %s.', Setting::plainNumber((float) $value), $this->range()),
            );
        }

        return (float) $value;
    }

    public function accepts(bool|float|string $value): bool
    {
        return is_float($value) && $value >= $this->min && $value <= $this->max;
    }

    public function neutral(): float
    {
        return $this->min;
    }

    public function describe(bool|float|string $value): string
    {
        return trim(Setting::plainNumber($value)." $this->unit");
    }

    public function facts(): array
    {
        return ['least' => $this->min, 'most' => $this->max, 'increment' => $this->increment, 'unit' => $this->unit];
    }

    private function range(): string
    {
        return sprintf('%s to %s', Setting::plainNumber($this->min), $this->describe($this->max));
    }
}
