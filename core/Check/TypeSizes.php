<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\FontShelf;
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

    /** Families on a page: more are seldom told apart, and each has to be fetched (common practice, no source). */
    private const FAMILIES = 3;

    public function run(Inspection $input): iterable
    {
        $look = $input->look;
        yield from self::text($look);
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
        $families = array_unique(array_map(static fn(Voice $v): string => $look->text($v->path('family')), Voice::cases()));
        if (count($families) > self::FAMILIES) {
            $bytes = array_sum(array_map(static fn(string $key): int => FontShelf::get($key)->bytes['latin'] ?? 0, $families));
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
