<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** One item of a list: a band of the home page, a block of the footer, a message, a season. */
final readonly class Item
{
    private const NAME = '([a-z]+)-([1-9][0-9]{0,3})';

    private function __construct(public string $prefix, public string $kind, public int $number) {}

    /**
     * @param string $name as it stands in the list: row-2
     *
     * @throws \LogicException when that is no item's name: lists are read through ItemLists or their type, which leave such names out
     */
    public static function named(string $prefix, string $name): self
    {
        return self::tryNamed($prefix, $name) ?? throw new \LogicException("“{$name}” is no item of “{$prefix}”.");
    }

    public static function tryNamed(string $prefix, string $name): ?self
    {
        return preg_match('/^'.self::NAME.'$/D', $name, $m) === 1 ? new self($prefix, $m[1], (int) $m[2]) : null;
    }

    /** The item a part of the storefront is: band-row-2. */
    public static function ofPart(string $part): ?self
    {
        [$prefix, $name] = explode('-', $part, 2) + ['', ''];

        return in_array($prefix, SettingPath::ITEM_PREFIXES, true) ? self::tryNamed($prefix, $name) : null;
    }

    /**
     * The items a stored list names; what is no item's name is passed over.
     *
     * @return list<self>
     */
    public static function listed(string $prefix, string $names): array
    {
        return array_values(array_filter(array_map(
            static fn(string $name): ?self => self::tryNamed($prefix, $name),
            explode(',', $names),
        )));
    }

    public function name(): string
    {
        return "$this->kind-$this->number";
    }

    /** The part of the storefront it is. */
    public function part(): string
    {
        return "$this->prefix-{$this->name()}";
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
