<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Storefront;
use App\Models\Translation;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Language\ShopLanguage;
use Illuminate\Support\Facades\Cache;

/** What a storefront's words are in the languages it speaks; read once for a version of the Storeroom's contents. */
final class Dictionaries
{
    private const SECONDS = 86_400;

    /** @param string $code of a language it speaks; empty for its first */
    public static function of(Storefront $storefront, string $code = ''): Dictionary
    {
        $first = $storefront->firstLanguage();
        $language = new ShopLanguage($code === '' ? $first : $code);
        if ($language->code === $first) {
            return Dictionary::of($language, true);
        }

        return Dictionary::of($language, false, Cache::remember(
            "dictionary $storefront->store_id $storefront->id $language->code $storefront->content_version",
            self::SECONDS,
            static fn(): array => Translation::query()->where('language', $language->code)->whereNotNull('words')
                ->pluck('words', 'original')->all(),
        ));
    }

    /** @return array<string, Dictionary> of every language but the first, by its code */
    public static function others(Storefront $storefront): array
    {
        $codes = $storefront->otherLanguages();

        return array_combine($codes, array_map(static fn(string $code): Dictionary => self::of($storefront, $code), $codes));
    }
}
