<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** Whether what a look stands on is all there. */
final readonly class BaseState implements Measurement
{
    /** @param ?string $missing what is gone and a way on, in words; null when all is there */
    public function __construct(public ?string $missing = null) {}

    public static function measure(Inspection $inspection): self
    {
        return new self();
    }
}
