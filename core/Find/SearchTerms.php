<?php

declare(strict_types=1);

namespace Ikat\Core\Find;

/**
 * What a full-text index that finds the beginnings of words is given so that it finds their middles and ends too: "tern" is the
 * beginning of one of the tails of "lantern".
 */
final class SearchTerms
{
    /** Shorter words are in no full-text index (InnoDB, innodb_ft_min_token_size). */
    public const LEAST = 3;

    /** Letters of a word that count. */
    private const MOST = 24;

    /** Words of a question that count. */
    private const ASKED = 6;

    /** InnoDB's own list of words that are in no index (INFORMATION_SCHEMA.INNODB_FT_DEFAULT_STOPWORD). */
    private const STOPWORDS = [
        'about', 'are', 'com', 'for', 'from', 'how', 'that', 'the', 'this', 'was', 'what', 'when', 'where', 'who', 'will', 'with', 'und',
        'www',
    ];

    /**
     * @param string $name counts more than the rest
     * @param string $text found by the beginnings of its words
     *
     * @return string small letters and figures, apart by blanks
     */
    public static function index(string $name, string $note, string $text): string
    {
        $tails = [];
        foreach (self::words("$name $note") as $word) {
            for ($from = 1; $from <= mb_strlen($word) - self::LEAST; $from++) {
                $tails[] = mb_substr($word, $from);
            }
        }

        return implode(
            ' ',
            [
                ...self::words($name), ...self::words($name), ...self::words($note), ...array_unique($tails),
                ...array_unique(self::words($text)),
            ],
        );
    }

    /** @return list<string> the words of a question that an index could know, small letters */
    public static function asked(string $asked): array
    {
        return array_slice(array_diff(array_unique(self::words($asked)), self::STOPWORDS), 0, self::ASKED);
    }

    /** A question in boolean mode that wants every word; null when it has none that an index could know. */
    public static function question(string $asked): ?string
    {
        $words = self::asked($asked);

        return $words === [] ? null : implode(' ', array_map(static fn(string $word): string => "+$word*", $words));
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower(mb_scrub($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_values(array_filter(
            array_map(static fn(string $w): string => mb_substr($w, 0, self::MOST), $words),
            static fn(string $w): bool => mb_strlen($w) >= self::LEAST,
        ));
    }
}
