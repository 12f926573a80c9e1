<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Compile\CssValue;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** One of several, by its key. */
readonly class ChoiceType extends SettingType
{
    /**
     * @param array<array-key, string> $choices key => plain words
     * @param array<string, string> $cssValues key => CSS, for choices that are a matter of style alone
     */
    public function __construct(public array $choices, public array $cssValues = []) {}

    public static function name(): string
    {
        return 'choice';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        if (! is_string($value) || ! isset($this->choices[$value])) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('“%s” is not one of its choices: %s.', self::quote($value), implode(', ', array_keys($this->choices))),
            );
        }

        return $value;
    }

    public function accepts(bool|float|string $value): bool
    {
        return is_string($value) && isset($this->choices[$value]);
    }

    public function neutral(): string
    {
        return (string) array_key_first($this->choices);
    }

    public function describe(bool|float|string $value): string
    {
        return $this->choices[(string) $value] ?? (string) $value;
    }

    public function isCss(): bool
    {
        return $this->cssValues !== [];
    }

    public function css(bool|float|string $value): string
    {
        return CssValue::plain($this->cssValues[(string) $value] ?? '');
    }

    public function facts(): array
    {
        return ['choices' => array_map(strval(...), array_keys($this->choices)), 'css' => $this->cssValues];
    }
}
