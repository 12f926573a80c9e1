<?php

declare(strict_types=1);

namespace Ikat\Core\Find;

/**
 * Finds entries by plain words, misspelt ones too.
 *
 * A word counts for an entry when it stands in it, begins one of its words, or is within a small edit distance of one
 * (one letter in short words, two in long ones: common practice, no source).
 */
final class Finder
{
    /**
     * @param list<Entry> $entries
     *
     * @return list<Entry> the best first
     */
    public static function find(string $asked, array $entries, int $most = 9): array
    {
        $words = self::words($asked);
        if ($words === []) {
            return [];
        }
        $scored = [];
        foreach ($entries as $i => $entry) {
            $score = self::score($words, $entry);
            if ($score > 0) {
                $scored[] = [$score, -$i, $entry];
            }
        }
        usort($scored, static fn(array $a, array $b): int => [$b[0], $b[1]] <=> [$a[0], $a[1]]);

        return array_map(static fn(array $s): Entry => $s[2], array_slice($scored, 0, $most));
    }

    /** @param list<string> $words */
    private static function score(array $words, Entry $entry): float
    {
        $title = self::words($entry->title);
        $more = self::words($entry->words);
        $sum = 0.0;
        foreach ($words as $word) {
            $best = max(2 * self::closest($word, $title), self::closest($word, $more));
            if ($best === 0.0) {
                return 0.0;
            }
            $sum += $best;
        }

        // Of two that fit alike, the shorter title says it more exactly.
        return $sum / count($words) + 1 / (10 + count($title));
    }

    /** @param list<string> $candidates */
    private static function closest(string $word, array $candidates): float
    {
        $best = 0.0;
        $length = strlen($word);
        foreach ($candidates as $candidate) {
            if ($candidate === $word) {
                return 1.0;
            }
            if ($length >= 2 && str_starts_with($candidate, $word)) {
                $best = max($best, 0.8);
            } elseif ($length >= 4 && levenshtein($word, $candidate) <= ($length >= 7 ? 2 : 1)) {
                $best = max($best, 0.6);
            }
        }

        return $best;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower(mb_substr(mb_scrub($text), 0, 400)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
