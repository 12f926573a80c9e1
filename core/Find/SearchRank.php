<?php

declare(strict_types=1);

namespace Ikat\Core\Find;

/**
 * How well a product answers a question: what stands in its name counts more than what stands elsewhere, and whole words more than parts.
 */
final class SearchRank
{
    /** @return int the higher the better; 0 for what only the text answers */
    public static function of(string $asked, string $name, string $note): int
    {
        $rank = 0;
        foreach (SearchTerms::asked($asked) as $word) {
            $rank += match (true) {
                self::has($name, $word, true, true) => 8,
                self::has($name, $word, true, false) => 6,
                self::has($name, $word, false, false) => 4,
                self::has($note, $word, true, true) => 3,
                self::has($note, $word, false, false) => 1,
                default => 0,
            };
        }

        return $rank;
    }

    private static function has(string $text, string $word, bool $begins, bool $ends): bool
    {
        $quoted = preg_quote($word, '/');

        return preg_match('/'.($begins ? '(?<![\p{L}\p{N}])' : '').$quoted.($ends ? '(?![\p{L}\p{N}])' : '').'/iu', $text) === 1;
    }
}
