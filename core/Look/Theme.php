<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\Setting;

/** A shipped or imported base. Read-only. */
final readonly class Theme
{
    /**
     * @param string $name folder name
     * @param array<string, string> $brandColors key => label
     * @param array<string, string> $schemes key => label
     * @param array<string, bool|float|string> $values path => value or alias
     * @param array<string, Starter> $starters by name; the first is the one a new look begins with
     * @param string $foldedCss rules that hold while the menu is folded
     * @param string $suits what kind of shop it suits, in words
     * @param list<string> $offers what it does differently, in words
     * @param list<Setting> $own settings only this theme has
     * @param array<string, ThemeChange> $changes what became of an earlier version's settings, by that version
     */
    public function __construct(
        public string $name,
        public string $title,
        public string $version,
        public string $maker,
        public string $words,
        public array $brandColors,
        public array $schemes,
        public array $values,
        public array $starters,
        public string $foldedCss = '',
        public string $suits = '',
        public array $offers = [],
        public array $own = [],
        public array $changes = [],
    ) {}

    /** The theme with the brand colors and schemes a look has of it. */
    public function wearing(ColorInventory $inventory): self
    {
        return new self(
            $this->name,
            $this->title,
            $this->version,
            $this->maker,
            $this->words,
            $inventory->brand,
            $inventory->schemes,
            $this->values,
            $this->starters,
            $this->foldedCss,
            $this->suits,
            $this->offers,
            $this->own,
            $this->changes,
        );
    }

    /** The base made of this theme and one of its starters, or its first. */
    public function base(?string $starter = null): Base
    {
        return new Base(
            $this->name,
            $this->version,
            isset($this->starters[$starter ?? '']) ? (string) $starter : (string) array_key_first($this->starters),
        );
    }

    /**
     * The layers under the merchant's own changes.
     *
     * @return list<Layer>
     *
     * @throws UnknownStarter
     */
    public function layers(string $starter): array
    {
        $chosen = $this->starters[$starter] ?? throw UnknownStarter::named($starter, $this);

        return [
            new Layer(LayerKind::Theme, $this->title, $this->values),
            new Layer(LayerKind::Starter, $chosen->title, $chosen->values),
        ];
    }
}
