<?php

declare(strict_types=1);

namespace App\Pictures;

/** A file that cannot become a picture of the library; the message says what to do. */
final class UnusablePicture extends \InvalidArgumentException
{
    public static function ofKind(string $name): self
    {
        return new self(sprintf(
            '“%s” is not a picture Ikat can use. Choose a PNG, JPEG, WebP, GIF, AVIF or SVG file.',
            self::short($name),
        ));
    }

    public static function tooHeavy(string $name, int $most): self
    {
        return new self(sprintf(
            '“%s” is too heavy. Choose a file of at most %d MB.',
            self::short($name),
            max(1, intdiv($most, 1_000_000)),
        ));
    }

    public static function tooLarge(string $name, int $width, int $height): self
    {
        return new self(sprintf(
            '“%s” is %d by %d pixels. Make it smaller, at most 40 million pixels, and try again.',
            self::short($name),
            $width,
            $height,
        ));
    }

    public static function tooLong(string $name, int $width, int $height, int $most): self
    {
        return new self(sprintf(
            '“%s” is %d by %d pixels. Make its longer side at most %s pixels, and try again.',
            self::short($name),
            $width,
            $height,
            number_format($most),
        ));
    }

    public static function drawing(string $name, string $why): self
    {
        return new self(sprintf('“%s”: %s', self::short($name), $why));
    }

    /** @param int $least px of either side */
    public static function tooSmall(string $name, int $least): self
    {
        return new self(sprintf('“%s” must keep at least %d by %d pixels.', self::short($name), $least, $least));
    }

    public static function broken(string $name): self
    {
        return new self(sprintf(
            '“%s” is broken and cannot be read. Save it again from where it came from, then try once more.',
            self::short($name),
        ));
    }

    private static function short(string $name): string
    {
        return mb_substr(mb_scrub($name), 0, 60);
    }

    public static function withoutGround(string $name): self
    {
        return new self(sprintf(
            '“%s” has no ground of one color that could be taken away. Its edges are to show one color nearly all around.',
            self::short($name),
        ));
    }
}
