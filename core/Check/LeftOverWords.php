<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\TextType;
use Ikat\Core\Type\LineLength;
use Ikat\Core\Type\MeasuredText;
use Ikat\Core\Type\Voice;

/** Headings that end in a single word on a phone, under a line of several: it looks lost there (common practice, no source). */
final class LeftOverWords implements Check
{
    /** The least of its size that a heading is made smaller to, so that it takes a line less; and by what steps, px. */
    private const SMALLEST = 0.8;
    private const STEP = 0.1;

    /** Px that words over a picture keep from the edges of their ground, on a phone. */
    private const OVER = 18.0;

    public function run(Inspection $input): iterable
    {
        foreach ([Voice::Heading, Voice::Second] as $voice) {
            $found = self::first($input, $voice);
            if ($found === null) {
                continue;
            }
            ['lines' => $lines, 'needs' => $needs, 'room' => $room] = $found;
            yield new SettingFinding(
                "word:$voice->value",
                Severity::Know,
                StepKey::FONTS,
                $voice->path('ends'),
                sprintf('%s: “%s” is left over on a phone', $voice->label(), $lines[count($lines) - 1]),
                sprintf(
                    '“%s” takes %d px, and there are %d. Evened-out line ends share the words out.',
                    implode(' ', $lines),
                    ceil($needs),
                    floor($room),
                ),
                [$voice->path('ends') => 'even'],
            );
        }
    }

    /**
     * The first heading of a voice that ends in a word of its own, on a phone.
     *
     * @return ?array{text: string, lines: list<string>, needs: float, room: float} its lines, px that its words take in one
     *     line, px of a line
     */
    public static function first(Inspection $input, Voice $voice): ?array
    {
        $breaks = $input->get(LineBreaks::class);
        if ($input->look->value($voice->path('ends')) !== 'fall') {
            return null;
        }
        foreach (self::headings($input->look, $voice) as [$text, $room]) {
            $lines = array_column($breaks->of($input->look, $voice, $text, TypeScale::NARROW, $room)->lines ?? [], 'text');
            $last = count($lines) - 1;
            if ($last > 0 && ! str_contains($lines[$last], ' ') && str_contains($lines[$last - 1], ' ')) {
                $whole = $breaks->of($input->look, $voice, $text, TypeScale::NARROW, INF);

                return ['text' => $text, 'lines' => $lines, 'needs' => $whole->width ?? 0.0, 'room' => $room];
            }
        }

        return null;
    }

    /**
     * Ways to keep the word from being left over, measured.
     *
     * @return list<array{words: string, lines: list<string>, widest: float, room: float, changes: array<string, float|string>}> the first
     *     is how it is now; widest and room in px
     */
    public static function ways(Inspection $input, Voice $voice): array
    {
        $found = self::first($input, $voice);
        if ($found === null) {
            return [];
        }
        ['text' => $text, 'room' => $room] = $found;
        $breaks = $input->get(LineBreaks::class);
        $now = $breaks->of($input->look, $voice, $text, TypeScale::NARROW, $room);
        $ways = [
            self::way('now', $now, $room, []),
            self::way('evened out', $breaks->evened($input->look, $voice, $text, TypeScale::NARROW, $room), $room, [
                $voice->path('ends') => 'even',
            ]),
        ];
        $size = (float) $input->look->value($voice->path('size.phone'));
        for ($smaller = floor($size * 10) / 10; $smaller >= $size * self::SMALLEST; $smaller = round($smaller - self::STEP, 1)) {
            $set = $breaks->at($input->look, $voice, $text, $smaller, $room);
            if ($set !== null && count($set->lines) < count($found['lines'])) {
                $ways[] = self::way("$smaller px on a phone", $set, $room, [$voice->path('size.phone') => $smaller]);
                break;
            }
        }

        return $ways;
    }

    /**
     * @param array<string, float|string> $changes
     *
     * @return array{words: string, lines: list<string>, widest: float, room: float, changes: array<string, float|string>}
     */
    private static function way(string $words, ?MeasuredText $set, float $room, array $changes): array
    {
        return [
            'words' => $words,
            'lines' => array_column($set->lines ?? [], 'text'),
            'widest' => $set->width ?? 0.0,
            'room' => $room,
            'changes' => $changes,
        ];
    }

    /** @return iterable<array{string, float}> headings of bands that a voice sets at its own size, and px that they have on a phone */
    private static function headings(ResolvedLook $look, Voice $voice): iterable
    {
        foreach ($look->all() as $path => $resolution) {
            if (preg_match('/^(band\.[a-z0-9-]+)\.heading$/D', $path, $m) !== 1 || ! $resolution->setting->type instanceof TextType) {
                continue;
            }
            $text = trim(ColoredText::plain((string) $resolution->value));
            // A lead speaks in the first voice whatever its place in the outline, at a size of its own choosing.
            $isLead = $look->catalog->has("$m[1].layout");
            $isOurs = $isLead
                ? $voice === Voice::Heading && $look->value("$m[1].size") === 'large'
                : $look->value("$m[1].level") === ($voice === Voice::Heading ? '1' : '2');
            if ($isOurs && $text !== '') {
                $isOver = $isLead && $look->value("$m[1].layout") === 'over';
                yield [$text, LineLength::frame(TypeScale::NARROW) - ($isOver ? 2 * self::OVER : 0.0)];
            }
        }
    }
}
