<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/**
 * How fast files come. Source: Lighthouse 12, core/config/constants.js, which simulates a phone on a slow fourth-generation network, and a
 * computer on a good one, with these.
 */
enum Connection: string
{
    case Phone = 'phone';
    case Computer = 'computer';

    /** Kilobits in a second, of 1,024 bits as its source has them. */
    public function kilobits(): int
    {
        return match ($this) {
            self::Phone => 1638,
            self::Computer => 10_240,
        };
    }

    /** Seconds until the first answer to anything comes back. */
    public function wait(): float
    {
        return match ($this) {
            self::Phone => 0.15,
            self::Computer => 0.04,
        };
    }

    /** Seconds that files take which are asked for together. */
    public function seconds(int $bytes): float
    {
        return $bytes <= 0 ? 0.0 : $this->wait() + 8 * $bytes / (1024 * $this->kilobits());
    }

    /** What it is called. */
    public function words(): string
    {
        return match ($this) {
            self::Phone => '1.6 Mbit/s',
            self::Computer => '10 Mbit/s',
        };
    }

    /** That of a screen of such a kind. */
    public static function ofDevice(string $device): self
    {
        return $device === 'desktop' ? self::Computer : self::Phone;
    }
}
