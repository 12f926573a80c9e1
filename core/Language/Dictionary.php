<?php

declare(strict_types=1);

namespace Ikat\Core\Language;

/**
 * What the words of a shop are in one of its languages, by what they are in its first.
 *
 * Words are known by what they say, not by where they stand: the same words are said once, and words that become others are not said until
 * somebody says them anew. What nobody has said stands in the first language.
 */
final readonly class Dictionary
{
    /** @param array<string, string> $words original => in this language: what the merchant says before what ships */
    private function __construct(public ShopLanguage $language, private array $words) {}

    /**
     * @param bool $isFirst whether it is the store's first language, in which the merchant's words stand as they are
     * @param array<string, string> $own what the merchant says: original => in this language; empty words are none
     */
    public static function of(ShopLanguage $language, bool $isFirst, array $own = []): self
    {
        $own = $isFirst ? [] : array_filter($own, static fn(string $words): bool => $words !== '');

        return new self($language, $own + ShippedWords::in($language->code));
    }

    /** Of a shop that speaks what its words are written in. */
    public static function plain(): self
    {
        return new self(new ShopLanguage(ShopLanguage::ORIGINAL), []);
    }

    /** What words in a language are known by, too long as they are to be compared: no two have the same. */
    public static function known(string $language, string $original): string
    {
        return "$language ".substr(hash('sha256', $original), 0, 16);
    }

    public function isEmpty(): bool
    {
        return $this->words === [];
    }

    public function knows(string $original): bool
    {
        return isset($this->words[$original]);
    }

    /**
     * @param array<string, string|int> $with what stands in it: name => value, for ":name"
     */
    public function say(string $original, array $with = []): string
    {
        $said = $this->words[$original] ?? $original;
        $names = array_map(static fn(string $name): string => ":$name", array_keys($with));

        return $with === [] ? $said : strtr($said, array_combine($names, array_map(strval(...), $with)));
    }

    /**
     * What is said with some words in this language.
     *
     * @param int $most how many
     *
     * @return list<string> originals
     */
    public function originalsWith(string $words, int $most): array
    {
        $sought = mb_strtolower(trim($words));
        $has = static fn(string $said): bool => str_contains(mb_strtolower($said), $sought);

        return $sought === '' ? [] : array_map(strval(...), array_slice(array_keys(array_filter($this->words, $has)), 0, $most));
    }

    /** The same key for the same words: what is reckoned from it is kept by it. */
    public function key(): string
    {
        return $this->words === [] ? $this->language->code : $this->language->code.' '.hash('xxh128', serialize($this->words));
    }
}
