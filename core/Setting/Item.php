<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** One item of a list: a band of the home page, a block of the footer, a message, a season. */
final readonly class Item
{
    private function __construct(public string $prefix, public string $kind, public int $number) {}

    /** @param string $name as it stands in the list: row-2 */
    public static function named(string $prefix, string $name): self
    {
        [$kind, $number] = explode('-', $name, 2) + [1 => '1'];

        return new self($prefix, $kind, (int) $number);
    }

    public function name(): string
    {
        return "$this->kind-$this->number";
    }

    /** @param string $suffix heading => band.row-2.heading */
    public function path(string $suffix): string
    {
        return "$this->prefix.{$this->name()}.$suffix";
    }

    /** The class that hands its own lengths to its elements. */
    public function cssClass(): string
    {
        return "its-$this->prefix-{$this->name()}";
    }
}
