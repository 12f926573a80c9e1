<?php

declare(strict_types=1);

namespace Ikat\Core\Language;

/** A language a shop is served in, by its code of ISO 639-1. */
final readonly class ShopLanguage
{
    /** What the words that ship with every shop are written in. */
    public const ORIGINAL = 'en';

    /**
     * Codes of languages whose script runs from right to left: "layout/characters" of the Unicode CLDR, version 44, as ICU ships it.
     */
    private const RIGHT_TO_LEFT = ['ar', 'fa', 'he', 'ks', 'ps', 'sd', 'ug', 'ur', 'yi'];

    /** @param string $code two letters */
    public function __construct(public string $code) {}

    public function isRightToLeft(): bool
    {
        return in_array($this->code, self::RIGHT_TO_LEFT, true);
    }

    /** Its name in itself, as those who speak it look for it: Deutsch. */
    public function ownName(): string
    {
        return mb_convert_case((string) \Locale::getDisplayLanguage($this->code, $this->code), MB_CASE_TITLE);
    }

    /** Its name in English, for the merchant: German. */
    public function name(): string
    {
        return (string) \Locale::getDisplayLanguage($this->code, 'en');
    }

    /** What numbers and prices are written by. */
    public function locale(): string
    {
        return $this->code === self::ORIGINAL ? 'en_US' : $this->code;
    }
}
