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
    /** Hours either way in which a zone changes its clocks at most once; more than any offset from UTC. */
    private const AROUND = 36;

    /**
     * @param string $written 2027-02-28T18:00
     *
     * @return \DateTimeImmutable in UTC
     *
     * @throws UnreadableMoment when it is written otherwise
     */
    public static function at(string $written, \DateTimeZone $zone): \DateTimeImmutable
    {
        $utc = new \DateTimeZone('UTC');
        $wall = \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $written, $utc);
        if ($wall === false) {
            throw UnreadableMoment::written($written);
        }
        // PHP reads a repeated hour as the second one in some zones and as the first in others; the offsets on both sides say it all.
        [$before, $after] = [
            $zone->getOffset($wall->modify(self::AROUND.' hours ago')),
            $zone->getOffset($wall->modify('+'.self::AROUND.' hours')),
        ];
        $holding = array_filter(
            [$before, $after],
            static fn(int $offset): bool => $zone->getOffset($wall->modify(sprintf('%+d seconds', -$offset))) === $offset,
        );

        // None holds where the moment was skipped; both do where it comes twice, and the larger offset is the earlier coming.
        return $wall->modify(sprintf('%+d seconds', -($holding === [] ? $before : max($holding))));
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
