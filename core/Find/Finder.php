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
    /** Words that say nothing of what is looked for. */
    private const EMPTY = [
        'a', 'an', 'and', 'change', 'do', 'for', 'how', 'i', 'in', 'is', 'it', 'make', 'my', 'of', 'on', 'put', 'set', 'show', 'the', 'to',
        'want',
        'where', 'with',
    ];

    /** What people say for what a setting is called. */
    private const MEANT = [
        'big' => 'size', 'bigger' => 'size', 'larger' => 'size', 'small' => 'size', 'smaller' => 'size', 'tall' => 'height',
        'taller' => 'height',
        'lower' => 'height', 'wide' => 'width', 'wider' => 'width', 'narrower' => 'width', 'bold' => 'weight', 'bolder' => 'weight',
        'thinner' => 'weight', 'rounder' => 'corners', 'round' => 'corners', 'gap' => 'space', 'padding' => 'space', 'margin' => 'space',
        'photo' => 'picture', 'image' => 'picture', 'pic' => 'picture', 'typeface' => 'font', 'colour' => 'color', 'telephone' => 'phone',
        'shipping' => 'delivery', 'basket' => 'cart', 'bag' => 'cart', 'banner' => 'lead', 'hero' => 'lead', 'navigation' => 'menu',
    ];

    /**
     * @param list<Entry> $entries
     *
     * @return list<Entry> the best first
     */
    public static function find(string $asked, array $entries, int $most = 9): array
    {
        $all = self::words($asked);
        $words = array_values(array_diff($all, self::EMPTY)) ?: $all;
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
            $best = 0.0;
            foreach ([[$word, 1.0], [self::MEANT[$word] ?? '', 0.9]] as [$meant, $weight]) {
                if ($meant !== '') {
                    $best = max($best, $weight * max(2 * self::closest($meant, $title), self::closest($meant, $more)));
                }
            }
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
            } elseif (
                $length >= 4
                && (levenshtein($word, $candidate) <= ($length >= 7 ? 2 : 1) || self::isSwapped($word, $candidate))
            ) {
                $best = max($best, 0.6);
            }
        }

        return $best;
    }

    /** Whether two neighboring letters have changed places, the commonest slip of fingers (common practice, no source). */
    private static function isSwapped(string $word, string $candidate): bool
    {
        if (strlen($word) !== strlen($candidate) || levenshtein($word, $candidate) !== 2) {
            return false;
        }
        $at = 0;
        while ($word[$at] === $candidate[$at]) {
            $at++;
        }

        return $word[$at] === ($candidate[$at + 1] ?? '') && ($word[$at + 1] ?? '') === $candidate[$at];
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower(mb_substr(mb_scrub($text), 0, 400)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
