<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** The last part of an address: small letters of the alphabet, figures and single hyphens. */
final readonly class AddressCell extends WordCell
{
    public const MOST = 80;

    /** @param string $before what stands before it in the shop: /product/ */
    public function __construct(public string $before) {}

    public function read(string $typed, Names $names): string
    {
        $made = self::of($typed);

        return $made !== ''
            ? $made
            : throw new UnreadableCell('An address needs letters from a to z or figures, such as blue-chair.');
    }

    /** The address a name gives: "Crème brûlée, 6 in" becomes creme-brulee-6-in; empty where it has no letter or figure to give. */
    public static function of(string $name): string
    {
        // Most names need no rules of other scripts, which take long to load.
        $plain = preg_match('/[^\x20-\x7E]/', $name) === 1
            ? \Transliterator::create('Any-Latin; Latin-ASCII; Lower()')?->transliterate($name)
            : strtolower($name);
        $joined = trim((string) preg_replace('/[^a-z0-9]+/', '-', is_string($plain) ? $plain : ''), '-');

        return rtrim(substr($joined, 0, self::MOST), '-');
    }
}
