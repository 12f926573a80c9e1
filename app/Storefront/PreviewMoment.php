<?php

declare(strict_types=1);

namespace App\Storefront;

use Ikat\Core\Season\LocalMoment;

/**
 * The moment a preview shows, as its address writes it: "now", or a day and time on the store's clock, 20271224-1800.
 * What is tried on follows behind a tilde: now~6f1e…
 */
final readonly class PreviewMoment
{
    private function __construct(public \DateTimeImmutable $moment, public string $written, public string $trial) {}

    public static function now(): self
    {
        return new self(now()->toImmutable(), 'now', '');
    }

    /** Null when the address is not one Ikat writes. */
    public static function read(string $written, \DateTimeZone $zone): ?self
    {
        [$time, $trial] = [...explode('~', $written, 2), ''];
        if ($time === 'now') {
            return new self(now()->toImmutable(), $written, $trial);
        }
        if (
            ! preg_match('/^(\d{4})(\d{2})(\d{2})-([01]\d|2[0-3])([0-5]\d)$/', $time, $m)
            || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1])
        ) {
            return null;
        }

        return new self(LocalMoment::at("$m[1]-$m[2]-$m[3]T$m[4]:$m[5]", $zone), $written, $trial);
    }
}
