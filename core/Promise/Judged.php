<?php

declare(strict_types=1);

namespace Ikat\Core\Promise;

/** What became of a claim that was looked up. */
final readonly class Judged
{
    /**
     * @param string $why what the store really offers, as a sentence
     * @param array<string, string> $instead words of the text => what would be true in their place
     * @param array{string, int}|null $row of the Storeroom it is about: codes or delivery, and its number
     */
    public function __construct(
        public Claim $claim,
        public bool $isTrue,
        public string $why,
        public array $instead = [],
        public ?array $row = null,
    ) {}

    /** The text with what is true in it; null where other words would have to be found. */
    public function mended(string $text): ?string
    {
        if ($this->instead === []) {
            return null;
        }
        $mended = str_replace(array_keys($this->instead), array_values($this->instead), $text);

        return $mended === $text ? null : $mended;
    }
}
