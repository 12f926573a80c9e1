<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\LineLength;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\Voice;

/** What of a look's type is hard to read, does not grow when it is asked to, or costs more than it gives. */
final class TypeSizes implements Check
{
    /** Px under which text is small on a phone (common practice, no source). */
    private const TEXT = 16.0;

    /** Lines of text closer than this are hard to follow: the line height that WCAG 2.2, 1.4.8 asks of blocks of text. */
    private const LEADING = 1.5;

    /**
     * How many times larger than on a phone letters may be on a desktop: what grows with the window shrinks in it when somebody zooms, and
     * browsers zoom to 500 %, where a window of 1,950 px is as narrow as a phone. Five times the smaller size is then twice the larger
     * (WCAG 2.2, 1.4.4).
     */
    private const GROWTH = 2.5;

    /** Screens on which lines of text are looked at => what they are called, px. */
    private const SCREENS = [1280 => 'a desktop', 768 => 'a tablet'];
    private const PHONE = 390;

    /** Weights of a family that are told apart (common practice, no source). */
    private const WEIGHTS = 4;

    /** Families on a page: more are seldom told apart, and each has to be fetched (common practice, no source). */
    private const FAMILIES = 3;

    public function run(Inspection $input): iterable
    {
        $look = $input->look;
        yield from self::text($look);
        yield from self::lines($look);
        yield from self::weights($look);
        foreach (Voice::cases() as $voice) {
            $phone = (float) $look->value($voice->path('size.phone'));
            $desktop = (float) $look->value($voice->path('size.desktop'));
            if ($desktop > self::GROWTH * $phone) {
                yield self::finding(
                    "zoom:$voice->value",
                    Severity::ShouldFix,
                    $voice->path('size.desktop'),
                    sprintf('%s cannot be zoomed to twice its size', $voice->label()),
                    sprintf(
                        'It grows %s times from a phone to a desktop; up to %s times, zoom reaches 200%% (WCAG 2.2, 1.4.4).',
                        round($desktop / $phone, 1),
                        self::GROWTH,
                    ),
                    floor(self::GROWTH * $phone * 2) / 2,
                );
            }
        }
        $families = [];
        foreach (Voice::cases() as $voice) {
            $family = SpokenFace::of($look, $voice)->family;
            $families[$family->key] = $family->bytes['latin'] ?? 0;
        }
        if (count($families) > self::FAMILIES) {
            $bytes = array_sum($families);
            yield self::finding(
                'families',
                Severity::Know,
                Voice::Heading->path('family'),
                sprintf('The shop speaks in %d families', count($families)),
                sprintf(
                    'They take %s kB on a page. Two or three are told apart more easily, and come sooner.',
                    number_format($bytes / 1000, 1),
                ),
            );
        }
    }

    /** @return iterable<Finding> */
    private static function text(ResolvedLook $look): iterable
    {
        $phone = (float) $look->value(Voice::Body->path('size.phone'));
        if ($phone < self::TEXT) {
            yield self::finding(
                'text-size',
                Severity::ShouldFix,
                Voice::Body->path('size.phone'),
                'Text is small on a phone',
                sprintf('It has %s px; from %s px on, most people read it at arm’s length without zooming.', round($phone, 1), self::TEXT),
                self::TEXT,
            );
        }
        $leading = (float) $look->value(Voice::Body->path('leading'));
        if ($leading < self::LEADING) {
            yield self::finding(
                'text-leading',
                Severity::ShouldFix,
                Voice::Body->path('leading'),
                'Lines of text are close',
                sprintf('They stand %s sizes apart; from %s on, the eye finds the next line.', round($leading, 2), self::LEADING),
                self::LEADING,
            );
        }
        if ($look->value(Voice::Body->path('case')) === 'capitals') {
            yield self::finding(
                'text-capitals',
                Severity::ShouldFix,
                Voice::Body->path('case'),
                'Text is set in capitals',
                'Lines of capitals have no outlines of words to read by. Keep them for labels and short buttons.',
                'typed',
            );
        }
    }

    /** @return iterable<Finding> */
    private static function lines(ResolvedLook $look): iterable
    {
        $length = LineLength::of($look);
        foreach (self::SCREENS as $screen => $called) {
            if (round($length->characters($screen)) > LineLength::MOST) {
                yield self::finding(
                    'line-long',
                    Severity::Know,
                    Voice::Body->path('measure'),
                    sprintf('A line of text holds %d characters on %s', round($length->characters($screen)), $called),
                    sprintf('From %d to %d the eye finds the next line with ease.', LineLength::FEWEST, LineLength::MOST),
                    floor($length->measureOf(LineLength::MOST) * 2) / 2,
                );
                break;
            }
        }
        if (round($length->characters(self::PHONE)) < LineLength::FEWEST) {
            $size = floor($length->sizeOf(LineLength::FEWEST, self::PHONE) * 2) / 2;
            $narrowest = round($length->column(self::PHONE)) < floor(LineLength::frame(self::PHONE));
            [$path, $to] = match (true) {
                $narrowest => [Voice::Body->path('measure'), ceil($length->measureOf(LineLength::FEWEST) * 2) / 2],
                $size >= self::TEXT => [Voice::Body->path('size.phone'), $size],
                default => [Voice::Body->path('family'), null],
            };
            yield self::finding(
                'line-short',
                Severity::Know,
                $path,
                sprintf('A line of text holds %d characters on a phone', round($length->characters(self::PHONE))),
                $to === null
                    ? 'Its letters are wide: in a narrower family more of them stand on a line.'
                    : sprintf('From %d on, sentences are not torn into bits.', LineLength::FEWEST),
                $to,
            );
        }
    }

    /** @return iterable<Finding> */
    private static function weights(ResolvedLook $look): iterable
    {
        $families = [];
        foreach (Voice::cases() as $voice) {
            $face = SpokenFace::of($look, $voice);
            $families[$face->family->name][$face->weight][] = $voice;
        }
        foreach ($families as $name => $weights) {
            if (count($weights) <= self::WEIGHTS) {
                continue;
            }
            ksort($weights);
            $all = array_keys($weights);
            // The two that are least told apart; the fewer voices give way to the more.
            $pairs = array_map(static fn(int $a, int $b): array => [$a, $b], array_slice($all, 0, -1), array_slice($all, 1));
            usort($pairs, static fn(array $a, array $b): int => [$a[1] - $a[0], count($weights[$a[0]]) + count($weights[$a[1]])]
                <=> [$b[1] - $b[0], count($weights[$b[0]]) + count($weights[$b[1]])]);
            [$one, $other] = $pairs[0];
            [$from, $to] = count($weights[$one]) <= count($weights[$other]) ? [$one, $other] : [$other, $one];
            yield new SettingFinding(
                "type:weights:$name",
                Severity::Know,
                StepKey::FONTS,
                $weights[$from][0]->path('weight'),
                sprintf('%s speaks in %d weights', $name, count($weights)),
                sprintf('%s: three or four are told apart; %d and %d are nearly one.', implode(', ', $all), $one, $other),
                array_fill_keys(
                    array_map(static fn(Voice $v): string => $v->path('weight'), $weights[$from]),
                    (float) $to,
                ),
            );
        }
    }

    private static function finding(
        string $key,
        Severity $severity,
        string $path,
        string $words,
        string $remedy,
        float|string|null $to = null,
    ): SettingFinding {
        $fix = $to === null ? [] : [$path => $to];

        return new SettingFinding("type:$key", $severity, StepKey::FONTS, $path, $words, $remedy, $fix);
    }
}
