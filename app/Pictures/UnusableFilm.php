<?php

declare(strict_types=1);

namespace App\Pictures;

/** A file that cannot become a product's film; the message says what to do. */
final class UnusableFilm extends \InvalidArgumentException
{
    public static function ofKind(string $name): self
    {
        return new self(sprintf('“%s” is no film Ikat can use. Choose a WebM or MP4 file.', mb_strimwidth($name, 0, 60, '…')));
    }

    public static function tooHeavy(string $name, int $most): self
    {
        return new self(sprintf(
            '“%s” is too heavy for a product’s page. Choose a film of at most %d MB: half a minute without sound is enough.',
            mb_strimwidth($name, 0, 60, '…'),
            intdiv($most, 1_000_000),
        ));
    }
}
