<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** A text set on one line without an end: where each of its characters begins. */
final readonly class SetText
{
    /** @var list<float> px from the beginning to each character, and to the end */
    private array $begins;

    /**
     * @param list<float> $widths px of each character of the text
     * @param list<float> $kernings px that each is wider for what follows it
     * @param list<string> $missing characters that no font has
     */
    public function __construct(array $widths, private array $kernings, public array $missing)
    {
        $begins = [0.0];
        $at = 0.0;
        foreach ($widths as $i => $width) {
            $begins[] = $at += $width + $kernings[$i];
        }
        $this->begins = $begins;
    }

    /** Px from one character to before another: what stands last is not kerned to what follows. */
    public function width(int $from, int $to): float
    {
        return $to > $from ? $this->begins[$to] - $this->begins[$from] - $this->kernings[$to - 1] : 0.0;
    }

    /** Px that are asked for from one character to before another: browsers look for the end of a line in the text as it was set whole. */
    public function room(int $from, int $to): float
    {
        return $this->begins[$to] - $this->begins[$from];
    }
}
