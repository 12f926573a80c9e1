<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Type\OpenType\FontInstance;
use Ikat\Core\Type\OpenType\OpenTypeFont;

/**
 * Sets text on one line: which glyphs stand for it, and how wide each of its characters is.
 *
 * What was set is remembered in sizes, word by word where a font sets words apart, as browsers do: a shop's words come again, at many
 * sizes.
 */
final class Typesetter
{
    /** OpenType tags of scripts that are told apart; of all others the font's default is taken. */
    private const LATIN = [FontInstance::SCRIPTS['Latin']];
    private const GREEK = [FontInstance::SCRIPTS['Greek']];
    private const CYRILLIC = [FontInstance::SCRIPTS['Cyrillic']];

    /** What is never seen: joiners, marks of direction, soft hyphens where no line breaks. */
    private const UNSEEN = '/[\x{00AD}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{2064}\x{FE00}-\x{FE0F}\x{FEFF}]/u';

    /** Words and texts that are remembered. */
    private const MOST = 20_000;

    /** @var array<string, array<string, SetWord>> fonts and way of setting => text => as it is set */
    private array $known = [];

    private int $count = 0;

    /** @throws UnreadableFont */
    public function set(Typeface $face, TextStyle $style, string $text): SetText
    {
        $instances = array_map(static fn(OpenTypeFont $font): FontInstance => self::instance($font, $style), $face->fonts());
        $how = implode(' ', [
            ...array_map(static fn(FontInstance $instance): string => $instance->key, $instances),
            $style->spacing !== 0.0, $style->isCapitals, $style->isTabular, $style->isKerned,
        ]);
        $isApart = array_filter($face->fonts(), static fn(OpenTypeFont $font): bool => ! $font->setsWordsApart()) === [];
        $words = $isApart ? explode(' ', $text) : [$text];
        $widths = $kernings = $missing = [];
        foreach ($words as $number => $word) {
            // Between spaces, as it stands: they may be kerned to it. Of those around it the one before it is taken.
            $set = $this->known[$how][$word] ?? $this->remember($how, $word, $this->shape($face, $style, $isApart ? " $word " : $word));
            $last = count($set->widths) - ($isApart ? 2 : 1);
            for ($i = $isApart && $number === 0 ? 1 : 0; $i <= $last; $i++) {
                $widths[] = $set->widths[$i] * $style->size + $set->glyphs[$i] * $style->spacing;
                $kernings[] = $set->kernings[$i] * $style->size;
            }
            $missing = [...$missing, ...$set->missing];
        }
        if ($kernings !== []) {
            // Nothing follows what stands last.
            $kernings[count($kernings) - 1] = 0.0;
        }

        return SetText::of($widths, $kernings, array_values(array_unique($missing)));
    }

    private function remember(string $how, string $text, SetWord $set): SetWord
    {
        if (++$this->count > self::MOST) {
            $this->known = [];
            $this->count = 1;
        }

        return $this->known[$how][$text] = $set;
    }

    private function shape(Typeface $face, TextStyle $style, string $text): SetWord
    {
        $length = mb_strlen($text);
        $widths = $kernings = $length === 0 ? [] : array_fill(0, $length, 0.0);
        $counts = $length === 0 ? [] : array_fill(0, $length, 0);
        $missing = [];
        foreach ($this->runs($face, self::codes($text, $style->isCapitals)) as [$font, $scripts, $run]) {
            if ($font === null) {
                $missing = [...$missing, ...array_map(static fn(array $each): string => mb_chr($each[0]), $run)];

                continue;
            }
            $glyphs = self::instance($font, $style)->glyphs(
                array_column($run, 0),
                $scripts,
                $style->spacing !== 0.0,
                $style->isTabular ? ['tnum'] : [],
                $style->isKerned,
            );
            foreach ($glyphs as ['at' => $at, 'advance' => $advance, 'kerning' => $kerning]) {
                $character = $run[$at][1];
                // Of several glyphs of a character only the last one's kerning is to the next character.
                $widths[$character] += $kernings[$character] + $advance / $font->unitsPerEm;
                $kernings[$character] = $kerning / $font->unitsPerEm;
                $counts[$character]++;
            }
        }

        return new SetWord(array_values($widths), array_values($counts), array_values($kernings), array_values(array_unique($missing)));
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

    /** @throws UnreadableFont */
    private static function instance(OpenTypeFont $font, TextStyle $style): FontInstance
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
    private function runs(Typeface $face, array $codes): array
    {
        $runs = [];
        $scripts = null;
        $last = null;
        foreach ($codes as [$code, $at]) {
            $font = $face->fontOf($code);
            $own = self::scriptOf($code);
            if ($last === null || $runs[$last][0] !== $font || ($own !== null && $scripts !== null && $own !== $scripts)) {
                $runs[] = [$font, $own ?? $scripts ?? self::LATIN, []];
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
            $code >= 0xC0 && $code < 0x250 && $code !== 0xD7 && $code !== 0xF7 => self::LATIN,
            $code < 0x250 => null,
            $code >= 0x370 && $code < 0x400, $code >= 0x1F00 && $code < 0x2000 => self::GREEK,
            $code >= 0x400 && $code < 0x530 => self::CYRILLIC,
            $code >= 0x1E00 && $code < 0x1F00 => self::LATIN,
            default => null,
        };
    }
}
