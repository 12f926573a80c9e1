<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** The least room, px, in which a text takes one line, two lines, three lines. */
final readonly class TextSteps
{
    /** Lines that are looked for at most. */
    public const MOST = 6;

    /**
     * @param non-empty-list<float> $rooms for one line, for two, and so on until more lines make it no narrower
     * @param float $word px of its longest word: in less room a line breaks within it
     */
    public function __construct(public array $rooms, public float $word = 0.0) {}
}
