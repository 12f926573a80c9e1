<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\ItemsType;

/** Which items the lists of a look have; the catalog is made for them. */
final readonly class ItemLists
{
    /** @param array<string, list<Item>> $items by the list's path */
    private function __construct(public array $items) {}

    /**
     * What the strongest layer says of each list.
     *
     * @param list<Setting> $lists settings of the type items
     * @param list<Layer> $layers weakest first
     */
    public static function in(array $lists, array $layers): self
    {
        return self::gathered($lists, static function (Setting $list) use ($layers): array {
            foreach (array_reverse($layers) as $layer) {
                if (is_string($layer->values[$list->path] ?? null)) {
                    return [$layer->values[$list->path]];
                }
            }

            return [(string) $list->default];
        });
    }

    /**
     * These and those that an edit would bring in; what is unreadable is left to the edit's own check.
     *
     * @param list<Setting> $lists
     * @param array<string, mixed> $wanted path => value
     */
    public function and(array $lists, array $wanted): self
    {
        return self::gathered($lists, fn(Setting $list): array => [
            implode(',', array_map(static fn(Item $i): string => $i->name(), $this->items[$list->path] ?? [])),
            is_string($wanted[$list->path] ?? null) ? $wanted[$list->path] : '',
        ]);
    }

    /** @return list<Item> */
    public function of(string $path): array
    {
        return $this->items[$path] ?? [];
    }

    /** The same for the same items in the same order. */
    public function key(): string
    {
        return implode(';', array_map(
            static fn(string $path, array $items): string => $path.'='.implode(
                ',',
                array_map(static fn(Item $i): string => $i->name(), $items),
            ),
            array_keys($this->items),
            $this->items,
        ));
    }

    /**
     * @param list<Setting> $lists
     * @param callable(Setting): list<string> $written
     */
    private static function gathered(array $lists, callable $written): self
    {
        $items = [];
        foreach ($lists as $list) {
            $names = array_unique(array_filter(explode(',', implode(',', $written($list)))));
            $items[$list->path] = $list->type instanceof ItemsType
                ? array_values(array_filter(array_map($list->type->item(...), $names)))
                : [];
        }

        return new self($items);
    }
}
