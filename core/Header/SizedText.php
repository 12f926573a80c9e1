<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Type\TextSteps;

/** A text in sizes that change with the screen: how wide it is and into how many lines it breaks. All lengths in px. */
final class SizedText
{
    /** Sizes it is measured in; between two of them a width is a straight line, in fonts with sizes of their own too. */
    private const STEP = 0.5;

    /** Browsers keep lengths in this part of a px and round what a text takes up to it. */
    private const UNIT = 64;

    /** @var array<int, TextSteps> by size in steps */
    private array $measured = [];

    /** @param \Closure(float): TextSteps $steps of the text in a size, px */
    public function __construct(public readonly string $words, private readonly \Closure $steps) {}

    /** On one line. */
    public function width(float $size): float
    {
        return $this->words === '' ? 0.0 : ceil($this->at($size, 0) * self::UNIT - 0.01) / self::UNIT;
    }

    /** @param float $room that a line may take */
    public function lines(float $size, float $room): int
    {
        if ($this->words === '') {
            return 0;
        }
        $most = count($this->of((int) ($size / self::STEP)));
        for ($lines = 1; $lines < $most; $lines++) {
            if ($this->at($size, $lines - 1) <= $room + 1 / self::UNIT) {
                break;
            }
        }

        return $lines;
    }

    /** The least room in which it takes so many lines. */
    public function roomFor(float $size, int $lines): float
    {
        return $this->at($size, $lines - 1);
    }

    private function at(float $size, int $step): float
    {
        $at = $size / self::STEP;
        $low = (int) $at;
        $first = $this->of($low);
        $width = $first[$step] ?? $first[count($first) - 1];
        if ($at > $low) {
            $next = $this->of($low + 1);
            $width += (($next[$step] ?? $next[count($next) - 1]) - $width) * ($at - $low);
        }

        return $width;
    }

    /** Width of its longest word. */
    public function word(float $size): float
    {
        $steps = (int) ceil($size / self::STEP);

        return $this->words === '' ? 0.0 : $this->in($steps)->word * $size / ($steps * self::STEP);
    }

    private function in(int $steps): TextSteps
    {
        return $this->measured[$steps] ??= ($this->steps)($steps * self::STEP);
    }

    /**
     * @param int $steps its size in steps
     *
     * @return non-empty-list<float>
     */
    private function of(int $steps): array
    {
        return $this->in($steps)->rooms;
    }
}
