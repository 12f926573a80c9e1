<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\ItemsType;

/** Where an item stands in its list, and the values of the list once it has moved or is gone. */
final readonly class ListPlace
{
    /** @param list<string> $names of the list's items */
    private function __construct(public Setting $list, public Item $item, public array $names, public int $at) {}

    /** @return ?self null for a part that is no item of a list, or of one that does not name it */
    public static function of(string $part, ResolvedLook $look): ?self
    {
        $item = Item::ofPart($part);
        $list = $item === null ? null : $look->catalog->listOf($item);
        if ($item === null || $list === null) {
            return null;
        }
        $names = array_values(array_filter(explode(',', $look->text($list->path))));
        $at = array_search($item->name(), $names, true);

        return $at === false ? null : new self($list, $item, $names, $at);
    }

    /** The list with the item a place further on, or back; null where it cannot go. */
    public function moved(int $by): ?string
    {
        $names = $this->names;
        $to = $this->at + $by;
        if (! isset($names[$to])) {
            return null;
        }
        [$names[$this->at], $names[$to]] = [$names[$to], $names[$this->at]];

        return implode(',', $names);
    }

    public function without(): string
    {
        return implode(',', array_diff($this->names, [$this->item->name()]));
    }

    /** Path of the setting that hides and shows it. */
    public function switchPath(): string
    {
        assert($this->list->type instanceof ItemsType);

        return $this->item->path($this->list->type->switch);
    }
}
