<?php

declare(strict_types=1);

namespace Ikat\Core\Store\File;

/**
 * How a file of comma-separated values is written, found from its beginning: RFC 4180 with any delimiter, in any common encoding.
 */
final readonly class FileShape
{
    /** As iconv names them => how they are called. */
    public const ENCODINGS = [
        'UTF-8' => 'Unicode (UTF-8)', 'UTF-16LE' => 'Unicode (UTF-16, little end first)', 'UTF-16BE' => 'Unicode (UTF-16, big end first)',
        'WINDOWS-1252' => 'Western (Windows)', 'MACINTOSH' => 'Western (Macintosh)', 'ISO-8859-15' => 'Western (ISO 8859-15)',
        'WINDOWS-1250' => 'Central European (Windows)',
    ];

    /** As it stands => how it is called. */
    public const DELIMITERS = [',' => 'commas', ';' => 'semicolons', "\t" => 'tabs', '|' => 'upright strokes'];

    /** Encodings of one byte a letter that are told apart by what they make of a text. */
    private const OF_ONE_BYTE = ['WINDOWS-1252', 'MACINTOSH', 'ISO-8859-15', 'WINDOWS-1250'];

    private const MARKS = ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];

    public function __construct(public string $encoding, public string $delimiter) {}

    /** @param string $beginning its first bytes; the last letter of them may be cut */
    public static function of(string $beginning): self
    {
        $encoding = self::encodingOf($beginning);

        return new self($encoding, self::delimiterOf(self::decoded($beginning, $encoding)));
    }

    /** Bytes of the mark at the beginning that says the encoding. */
    public static function markLength(string $beginning): int
    {
        foreach (array_keys(self::MARKS) as $mark) {
            if (str_starts_with($beginning, $mark)) {
                return strlen($mark);
            }
        }

        return 0;
    }

    /** The beginning as UTF-8, without a mark; what cannot be read left out. */
    public static function decoded(string $beginning, string $encoding): string
    {
        $text = substr($beginning, self::markLength($beginning));
        if (str_starts_with($encoding, 'UTF-16')) {
            $text = substr($text, 0, strlen($text) - strlen($text) % 2);
        }

        return self::asUnicode($text, $encoding);
    }

    /** A text of an encoding as UTF-8; bytes that mean nothing in it become U+FFFD. */
    public static function asUnicode(string $text, string $encoding): string
    {
        if ($encoding === 'UTF-8') {
            return mb_scrub($text);
        }
        $whole = @iconv($encoding, 'UTF-8', $text);
        if ($whole !== false) {
            return $whole;
        }
        $size = str_starts_with($encoding, 'UTF-16') ? 2 : 1;

        return implode('', array_map(static function (string $letter) use ($encoding): string {
            $read = @iconv($encoding, 'UTF-8', $letter);

            return $read === false ? "\u{FFFD}" : $read;
        }, str_split($text, $size)));
    }

    private static function encodingOf(string $beginning): string
    {
        foreach (self::MARKS as $mark => $encoding) {
            if (str_starts_with($beginning, $mark)) {
                return $encoding;
            }
        }
        // Latin letters of two bytes have an empty one at each other place.
        $pairs = str_split(substr($beginning, 0, 2000), 2);
        $ends = count(array_filter($pairs, static fn(string $p): bool => ($p[1] ?? '') === "\0"));
        $begins = count(array_filter($pairs, static fn(string $p): bool => $p[0] === "\0"));
        if (max($ends, $begins) > count($pairs) / 2) {
            return $ends > $begins ? 'UTF-16LE' : 'UTF-16BE';
        }
        // A letter may be cut at the end.
        foreach ([0, 1, 2, 3] as $cut) {
            if (mb_check_encoding(substr($beginning, 0, strlen($beginning) - $cut), 'UTF-8')) {
                return 'UTF-8';
            }
        }
        $likely = ['', -PHP_INT_MAX];
        foreach (self::OF_ONE_BYTE as $encoding) {
            $score = self::likeliness($beginning, $encoding);
            $likely = $score > $likely[1] ? [$encoding, $score] : $likely;
        }

        return $likely[0];
    }

    /** How much like written words a text is when read in an encoding: letters within words, and signs that are used. */
    private static function likeliness(string $bytes, string $encoding): int
    {
        $text = @iconv($encoding, 'UTF-8', $bytes);
        if ($text === false) {
            return -PHP_INT_MAX + 1;
        }

        return preg_match_all('/[à-öø-ÿœšžčřěłńśźżőűąęć€£’‘“”„–—…×°½¼¾]/u', $text)
            + preg_match_all('/(?<![\p{Ll}])[À-ÖØ-ÞŒŠŽČŁŚŻ](?=\p{Ll})/u', $text)
            - 3 * preg_match_all('/(?<=\p{Ll})[\p{Lu}](?=\p{Ll})|[\p{Cc}¤¦¬¶§ˆ˜˘˙˛◊∂∑∏∫Ω√∆](?<![\r\n\t])/u', $text);
    }

    /** The delimiter that cuts the lines into the same number of cells, the more the better. */
    private static function delimiterOf(string $text): string
    {
        $best = [',', 0.0];
        foreach (array_keys(self::DELIMITERS) as $delimiter) {
            $counts = self::cellsOf($text, (string) $delimiter);
            $most = max([0, ...$counts]);
            $alike = count(array_filter($counts, static fn(int $c): bool => $c === $counts[0]));
            $score = $counts === [] || $counts[0] === 0 ? 0.0 : $alike / count($counts) * (1 + $counts[0] / ($most + 1));
            $best = $score > $best[1] ? [(string) $delimiter, $score] : $best;
        }

        return $best[0];
    }

    /** @return list<int> delimiters outside quotes of each of the first lines */
    private static function cellsOf(string $text, string $delimiter): array
    {
        [$counts, $now, $isQuoted] = [[], 0, false];
        for ($i = 0, $length = strlen($text); $i < $length && count($counts) < self::LINES; $i++) {
            $isQuoted = $text[$i] === '"' ? ! $isQuoted : $isQuoted;
            if (! $isQuoted && $text[$i] === $delimiter) {
                $now++;
            } elseif (! $isQuoted && $text[$i] === "\n") {
                $counts[] = $now;
                $now = 0;
            }
        }

        return $counts;
    }

    private const LINES = 40;
}
