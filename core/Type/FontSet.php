<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** The families a store can choose from: its own, and the shelf that ships. */
final class FontSet
{
    /** @var ?array<string, FontFamily> */
    private ?array $all = null;

    /** @var ?array<string, string> */
    private ?array $labels = null;

    /** @var ?array<string, string> */
    private ?array $stacks = null;

    /**
     * @param array<string, FontFamily> $own by key
     * @param array<string, string> $coming key => name of families that can be chosen but are not measured yet: they come with a package
     */
    public function __construct(public readonly array $own = [], private readonly array $coming = []) {}

    /** @return array<string, FontFamily> by key, the store's own first */
    public function all(): array
    {
        return $this->all ??= [...$this->own, ...FontShelf::all()];
    }

    /** @throws UnknownFont */
    public function get(string $key): FontFamily
    {
        return $this->own[$key] ?? FontShelf::get($key);
    }

    /** @return array<string, string> key => plain words */
    public function labels(): array
    {
        return $this->labels ??= [...$this->coming, ...array_map(static fn(FontFamily $f): string => $f->label, $this->all())];
    }

    /** @return array<string, string> key => CSS font-family list */
    public function stacks(): array
    {
        return $this->stacks ??= [
            ...array_map(static fn(string $name): string => "\"$name\"", $this->coming),
            ...array_map(static fn(FontFamily $f): string => $f->stack(), $this->all()),
        ];
    }

    /** @return list<string> keys of families with more than one weight */
    public function withWeights(): array
    {
        return [...array_keys(array_filter($this->own, static fn(FontFamily $f): bool => $f->hasWeights())), ...FontShelf::withWeights()];
    }

    /** @return list<string> keys of families with an italic drawn for them */
    public function withItalics(): array
    {
        return FontShelf::withItalics();
    }

    /** What tells one set from another: keys of own families are made of what is in their files. */
    public function key(): string
    {
        return implode(' ', array_keys([...$this->own, ...$this->coming]));
    }
}
