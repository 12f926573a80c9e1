<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** A few known things, all of them, in an order. */
final readonly class OrderType extends ListType
{
    /** @param non-empty-array<string, string> $things key => label */
    public function __construct(public array $things)
    {
        parent::__construct(count($things));
    }

    public static function name(): string
    {
        return 'order';
    }

    /** What is not named comes after what is. */
    public function normalize(Setting $setting, mixed $value): string
    {
        $named = array_filter(explode(',', parent::normalize($setting, $value)), static fn(string $n): bool => $n !== '');

        return implode(',', array_unique([...$named, ...array_keys($this->things)]));
    }

    public function accepts(bool|float|string $value): bool
    {
        if (! is_string($value)) {
            return false;
        }
        $named = explode(',', $value);
        sort($named);
        $known = array_map(strval(...), array_keys($this->things));
        sort($known);

        return $named === $known;
    }

    public function neutral(): string
    {
        return implode(',', array_keys($this->things));
    }

    public function describe(bool|float|string $value): string
    {
        return implode(', ', array_map(fn(string $key): string => $this->things[$key] ?? $key, explode(',', (string) $value)));
    }

    public function facts(): array
    {
        return ['choices' => array_map(strval(...), array_keys($this->things))];
    }

    /** @throws UnacceptableValue */
    protected function check(Setting $setting, string $value, string $name): void
    {
        if (! isset($this->things[$name])) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('“%s” is not one of them: %s.', self::quote($name), implode(', ', array_keys($this->things))),
            );
        }
    }
}
