<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** The items of a list, each with settings of its own. */
final readonly class ItemsType extends ListType
{
    /**
     * @param array<string, string> $kinds kind => plain words
     * @param string $prefix with which the paths of its items begin: band
     * @param string $switch the suffix of the setting that shows or hides an item
     */
    public function __construct(public array $kinds, public string $prefix, int $max, public string $switch = 'show')
    {
        parent::__construct($max);
    }

    public static function name(): string
    {
        return 'items';
    }

    /** @return ?Item null when the name is none of its items' */
    public function item(string $name): ?Item
    {
        $item = Item::tryNamed($this->prefix, $name);

        return $item !== null && isset($this->kinds[$item->kind]) ? $item : null;
    }

    public function facts(): array
    {
        return ['most' => (float) $this->max, 'choices' => array_keys($this->kinds), 'of' => $this->prefix];
    }

    /** @throws UnacceptableValue */
    protected function check(Setting $setting, string $value, string $name): void
    {
        if ($this->item($name) === null) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('“%s” is not one of its kinds: %s.', self::quote($name), implode(', ', array_keys($this->kinds))),
            );
        }
    }
}
