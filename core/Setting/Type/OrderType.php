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
        return implode(',', self::whole(parent::normalize($setting, $value), $this->things));
    }

    /**
     * All things in an order that names some of them: what it does not name comes last, and what nobody knows any more is left out.
     *
     * @param string $order keys between commas
     * @param array<string, mixed> $things by key
     *
     * @return list<string>
     */
    public static function whole(string $order, array $things): array
    {
        $named = array_filter(explode(',', $order), static fn(string $key): bool => isset($things[$key]));

        return array_values(array_unique([...$named, ...array_keys($things)]));
    }

    /** An order from before there was something more names fewer. */
    public function accepts(bool|float|string $value): bool
    {
        $named = is_string($value) ? explode(',', $value) : [];

        return $named !== [] && $named === array_unique($named) && array_diff($named, array_keys($this->things)) === [];
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
