<?php

declare(strict_types=1);

namespace Ikat\Core\Language;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/** How many words of the store's shops nobody has said yet in a language beside the first. */
final readonly class UnsaidWords implements Measurement
{
    /** @param array<string, array{missing: int, all: int}> $counts by the code of the language */
    public function __construct(public array $counts = []) {}

    /** A store of one language: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self();
    }
}
