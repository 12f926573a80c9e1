<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/**
 * How wide a text is, and where its lines break.
 *
 * Sources: OpenType 1.9; CSS Text 3 (white space, line breaking, letter spacing, text-transform); UAX 14, by ICU.
 */
final class TextMeasure
{
    /**
     * A space between a closing quote and an opening bracket: lines may break there since Unicode 15.1 (UAX 14, LB15a); ICU may be older.
     */
    private const AFTER_QUOTE = '/(?<=[\p{Pf}"\']) (?=\p{Ps})/u';

    /** Room that a line is let run over by what binary fractions leave, px. */
    private const SLACK = 0.001;

    /** Width of a letter that the font does not have, in sizes (an average of Latin, Greek and Cyrillic; common practice, no source). */
    private const UNKNOWN = 0.55;

    /** Px to which the room for so many lines is found. */
    private const NEAR = 0.005;

    private readonly Typesetter $setter;

    private ?\IntlBreakIterator $breaks = null;

    /** @var ?array{Typeface, string, float, SetText} what was set last: in what, how, at which size, px */
    private ?array $last = null;

    /** @var array{string, list<int>} the text that was looked at last for where lines may break, and the places */
    private array $lastPlaces = ['', []];

    public function __construct()
    {
        $this->setter = new Typesetter();
    }

    /** Px, on one line. @throws UnreadableFont */
    public function width(Typeface $face, TextStyle $style, string $text): float
    {
        $text = self::collapsed($text);
        $set = $this->setter->set($face, $style, $text);

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

    /**
     * The rooms in which a text takes one line more.
     *
     * @throws UnreadableFont
     */
    public function steps(Typeface $face, TextStyle $style, string $text): TextSteps
    {
        $text = self::collapsed($text);
        $set = $this->set($face, $style, $text);
        // What the font does not have is set in another one, whose widths nobody knows here: a letter is taken to be so wide.
        $unknown = count(array_intersect(mb_str_split($text), $set->missing)) * self::UNKNOWN * $style->size;
        $rooms = [$set->width(0, mb_strlen($text)) + $unknown];
        $longest = $unknown > 0 ? $rooms[0] : max([0.0, ...array_column($this->lines($set, $text, 0.0, true), 'width')]);
        while (count($rooms) < TextSteps::MOST && end($rooms) - $longest > self::NEAR) {
            // As few lines as before take more room than this, and so many as are looked for take no more.
            [$least, $most] = [$longest, end($rooms)];
            while ($most - $least > self::NEAR) {
                $middle = ($least + $most) / 2;
                $isEnough = count($this->lines($set, $text, $middle, true)) <= count($rooms) + 1;
                [$least, $most] = $isEnough ? [$least, $middle] : [$middle, $most];
            }
            $rooms[] = $most;
        }

        return new TextSteps($rooms, $unknown > 0 ? 0.0 : max([0.0, ...array_column($this->lines($set, $text, 0.0), 'width')]));
    }

    /**
     * One text is asked for on several screens, one after the other: it is set once, and grows with its size.
     *
     * @throws UnreadableFont
     */
    private function set(Typeface $face, TextStyle $style, string $text): SetText
    {
        $how = implode(' ', [
            $style->weight, round($style->spacing / $style->size, 9), (int) $style->isCapitals, (int) $style->isTabular,
            (int) $style->isKerned, $text,
        ]);
        if ($this->last !== null && $this->last[0] === $face && $this->last[1] === $how && ! $face->hasOpticalSizes()) {
            return $this->last[3]->scaled($style->size / $this->last[2]);
        }
        $set = $this->setter->set($face, $style, $text);
        $this->last = [$face, $how, $style->size, $set];

        return $set;
    }

    /** White space as it shows in running text: one space for any of it, none at the ends. */
    private static function collapsed(string $text): string
    {
        return trim((string) preg_replace('/[ \t\n\r\f]+/', ' ', mb_scrub($text)), ' ');
    }

    /**
     * @param bool $isAnywhere whether a word that is wider than a line breaks within itself (CSS Text 3, overflow-wrap: anywhere)
     *
     * @return list<array{text: string, width: float}>
     */
    private function lines(SetText $set, string $text, float $room, bool $isAnywhere = false): array
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
        if ($this->lastPlaces[0] !== $text) {
            $this->lastPlaces = [$text, $this->opportunities($text)];
        }
        foreach ($this->lastPlaces[1] as $at) {
            if ($set->room($start, $end($start, $at)) > $room + self::SLACK && $fits > $start) {
                $take($fits);
            }
            for ($to = $start + 1; $isAnywhere && $to < $at && $set->room($start, $end($start, $at)) > $room + self::SLACK; $to++) {
                if ($set->width($start, $to + 1) > $room + self::SLACK) {
                    $take($to);
                }
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
}
