<?php

declare(strict_types=1);

namespace Ikat\Core\Season;

/**
 * A wall-clock moment in a time zone, as a point in time.
 *
 * Around a clock change: a moment that is skipped is read with the offset before the change, and one that comes twice
 * means its first coming (RFC 5545, section 3.3.5, form 3).
 */
final class LocalMoment
{
    /**
     * @param string $written 2027-02-28T18:00
     *
     * @return \DateTimeImmutable in UTC
     *
     * @throws UnreadableMoment when it is written otherwise
     */
    public static function at(string $written, \DateTimeZone $zone): \DateTimeImmutable
    {
        $moment = \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $written, $zone);
        if ($moment === false) {
            throw UnreadableMoment::written($written);
        }

        return $moment->setTimezone(new \DateTimeZone('UTC'));
    }

    /** The same day and time some years later; 29 February becomes 28 February where the year has none (common practice, no source). */
    public static function yearsLater(string $written, int $years): string
    {
        $year = (int) substr($written, 0, 4) + $years;
        $rest = substr($written, 4);
        if (str_starts_with($rest, '-02-29') && ! checkdate(2, 29, $year)) {
            $rest = '-02-28'.substr($rest, 6);
        }

        return sprintf('%04d%s', $year, $rest);
    }
}
