<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Type\OpenType\FontInstance;
use Ikat\Core\Type\OpenType\OpenTypeFont;

/**
 * How wide a text is, and where its lines break.
 *
 * Sources: OpenType 1.9; CSS Text 3 (white space, line breaking, letter spacing, text-transform); UAX 14, by ICU.
 */
final class TextMeasure
{
    /** OpenType tags of scripts that are told apart; of all others the font's default is taken. */
    private const SCRIPTS = ['Latin' => ['latn'], 'Greek' => ['grek'], 'Cyrillic' => ['cyrl']];

    /** What is never seen: joiners, marks of direction, soft hyphens where no line breaks. */
    private const UNSEEN = '/[\x{00AD}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{2064}\x{FE00}-\x{FE0F}\x{FEFF}]/u';

    /**
     * A space between a closing quote and an opening bracket: lines may break there since Unicode 15.1 (UAX 14, LB15a); ICU may be older.
     */
    private const AFTER_QUOTE = '/(?<=[\p{Pf}"\']) (?=\p{Ps})/u';

    /** Room that a line is let run over by what binary fractions leave, px. */
    private const SLACK = 0.001;

    private ?\IntlBreakIterator $breaks = null;

    /** Px, on one line. @throws UnreadableFont */
    public function width(Typeface $face, TextStyle $style, string $text): float
    {
        $text = self::collapsed($text);
        $set = $this->set($face, $style, $text);

        return $set->width(0, mb_strlen($text));
    }

    /**
     * @param float $room px that a line may take; INF for one line
     *
     * @throws UnreadableFont
     */
    public function measure(Typeface $face, TextStyle $style, string $text, float $room = INF): MeasuredText
    {
        $text = self::collapsed($text);
        $set = $this->set($face, $style, $text);
        $lines = $this->lines($set, $text, $room);
        $font = $face->first();
        // Browsers round a font's own heights to whole px, each by itself.
        [$above, $below, $gap] = array_map(
            static fn(int $units): float => round($units * $style->size / $font->unitsPerEm),
            [$font->ascent, -$font->descent, $font->lineGap],
        );
        $line = $style->leading > 0 ? $style->leading * $style->size : $above + $below + $gap;

        return new MeasuredText(
            $lines === [] ? 0.0 : max(array_column($lines, 'width')),
            $lines,
            $line * count($lines),
            ($line - $above - $below) / 2 + $above,
            $set->missing,
        );
    }

    /** White space as it shows in running text: one space for any of it, none at the ends. */
    private static function collapsed(string $text): string
    {
        return trim((string) preg_replace('/[ \t\n\r\f]+/', ' ', mb_scrub($text)), ' ');
    }

    /** @return list<array{text: string, width: float}> */
    private function lines(SetText $set, string $text, float $room): array
    {
        $characters = mb_str_split($text);
        $lines = [];
        $start = 0;
        $fits = 0;
        // Spaces at the end of a line take no room.
        $end = static fn(int $from, int $to): int => $to > $from && $characters[$to - 1] === ' ' ? $to - 1 : $to;
        $take = static function (int $to) use (&$lines, &$start, $set, $characters, $end): void {
            $last = $end($start, $to);
            $lines[] = ['text' => implode('', array_slice($characters, $start, $last - $start)), 'width' => $set->width($start, $last)];
            $start = $to;
        };
        foreach ($this->opportunities($text) as $at) {
            if ($set->room($start, $end($start, $at)) > $room + self::SLACK && $fits > $start) {
                $take($fits);
            }
            $fits = $at;
        }
        if ($start < count($characters)) {
            $take(count($characters));
        }

        return $lines;
    }

    /** @return list<int> characters before which a line may break, and the end */
    private function opportunities(string $text): array
    {
        if ($text === '') {
            return [];
        }
        $this->breaks ??= \IntlBreakIterator::createLineInstance('en') ?? throw new \LogicException('ICU has no rules for lines.');
        $this->breaks->setText($text);
        $places = [];
        for ($at = $this->breaks->first(); $at !== \IntlBreakIterator::DONE; $at = $this->breaks->next()) {
            $places[] = $at;
        }
        preg_match_all(self::AFTER_QUOTE, $text, $matches, PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [, $at]) {
            $places[] = $at + 1;
        }
        sort($places);
        $found = [];
        $bytes = 0;
        $characters = 0;
        foreach (array_filter(array_unique($places)) as $at) {
            $characters += mb_strlen(substr($text, $bytes, $at - $bytes));
            $bytes = $at;
            $found[] = $characters;
        }

        return $found;
    }

    private function set(Typeface $face, TextStyle $style, string $text): SetText
    {
        $codes = self::codes($text, $style->isCapitals);
        $widths = $kernings = $text === '' ? [] : array_fill(0, mb_strlen($text), 0.0);
        $missing = [];
        foreach ($this->runs($face, $codes, $style) as [$font, $scripts, $run]) {
            if ($font === null) {
                foreach ($run as [$code]) {
                    $missing[mb_chr($code)] = true;
                }

                continue;
            }
            $features = $style->isTabular ? ['tnum'] : [];
            $scale = $style->size / $font->unitsPerEm;
            $glyphs = $this->instance($font, $style)->glyphs(
                array_column($run, 0),
                $scripts,
                $style->spacing !== 0.0,
                $features,
                $style->isKerned,
            );
            foreach ($glyphs as ['at' => $at, 'advance' => $advance, 'kerning' => $kerning]) {
                $character = $run[$at][1];
                // Of several glyphs of a character only the last one's kerning is to the next character.
                $widths[$character] += $kernings[$character] + $advance * $scale + $style->spacing;
                $kernings[$character] = $kerning * $scale;
            }
        }

        return new SetText(array_values($widths), array_values($kernings), array_map(strval(...), array_keys($missing)));
    }

    /** @return list<array{int, int}> code points as they are shown, each with the number of the character it comes from */
    private static function codes(string $text, bool $isCapitals): array
    {
        if (! $isCapitals && preg_match(self::UNSEEN, $text) !== 1) {
            return array_map(static fn(string $one, int $at): array => [mb_ord($one), $at], $all = mb_str_split($text), array_keys($all));
        }
        $codes = [];
        foreach (mb_str_split($text) as $at => $character) {
            // A capital may be made of more than one: each is counted to the character it came from.
            $shown = $isCapitals ? mb_strtoupper($character) : $character;
            foreach (preg_match(self::UNSEEN, $shown) === 1 ? [] : mb_str_split($shown) as $one) {
                $codes[] = [mb_ord($one), $at];
            }
        }

        return $codes;
    }

    private function instance(OpenTypeFont $font, TextStyle $style): FontInstance
    {
        // A font with sizes of its own takes that of the text (CSS Fonts 4, font-optical-sizing).
        return $font->at(['wght' => (float) $style->weight, 'opsz' => $style->size]);
    }

    /**
     * Stretches of one font and one script.
     *
     * @param list<array{int, int}> $codes
     *
     * @return list<array{?OpenTypeFont, list<string>, list<array{int, int}>}>
     */
    private function runs(Typeface $face, array $codes, TextStyle $style): array
    {
        $runs = [];
        $scripts = null;
        $last = null;
        foreach ($codes as [$code, $at]) {
            $font = $face->fontOf($code);
            $own = self::scriptOf($code);
            if ($last === null || $runs[$last][0] !== $font || ($own !== null && $scripts !== null && $own !== $scripts)) {
                $runs[] = [$font, $own ?? $scripts ?? self::SCRIPTS['Latin'], []];
                $last = count($runs) - 1;
            }
            // What belongs to no script goes with what it stands beside; at the beginning, with what comes first.
            if ($own !== null && $scripts === null) {
                $runs[$last][1] = $own;
            }
            $scripts = $own ?? $scripts;
            $runs[$last][2][] = [$code, $at];
        }

        return $runs;
    }

    /** @return ?list<string> null for what belongs to no script: figures, signs, spaces */
    private static function scriptOf(int $code): ?array
    {
        return match (true) {
            $code < 0x41 => null,
            $code < 0x5B, $code > 0x60 && $code < 0x7B,
            $code >= 0xC0 && $code < 0x250 && $code !== 0xD7 && $code !== 0xF7 => self::SCRIPTS['Latin'],
            $code < 0x250 => null,
            $code >= 0x370 && $code < 0x400, $code >= 0x1F00 && $code < 0x2000 => self::SCRIPTS['Greek'],
            $code >= 0x400 && $code < 0x530 => self::SCRIPTS['Cyrillic'],
            $code >= 0x1E00 && $code < 0x1F00 => self::SCRIPTS['Latin'],
            default => null,
        };
    }
}
