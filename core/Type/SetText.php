<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** A text set on one line without an end: where each of its characters begins. */
final readonly class SetText
{
    /**
     * @param list<float> $begins from the beginning to each character, and to the end, px at the size it was set at
     * @param list<float> $kernings that each is wider for what follows it, px at that size
     * @param list<string> $missing characters that no font has
     * @param float $scale how many times larger it is now
     */
    private function __construct(private array $begins, private array $kernings, public array $missing, private float $scale = 1.0) {}

    /**
     * @param list<float> $widths px of each character of the text
     * @param list<float> $kernings px that each is wider for what follows it
     * @param list<string> $missing characters that no font has
     */
    public static function of(array $widths, array $kernings, array $missing): self
    {
        $begins = [0.0];
        $at = 0.0;
        foreach ($widths as $i => $width) {
            $begins[] = $at += $width + $kernings[$i];
        }

        return new self($begins, $kernings, $missing);
    }

    /** The same text larger or smaller, where its letters have the same forms at every size. */
    public function scaled(float $factor): self
    {
        return new self($this->begins, $this->kernings, $this->missing, $this->scale * $factor);
    }

    /** Px from one character to before another: what stands last is not kerned to what follows. */
    public function width(int $from, int $to): float
    {
        return $to > $from ? ($this->begins[$to] - $this->begins[$from] - $this->kernings[$to - 1]) * $this->scale : 0.0;
    }

    /** Px that are asked for from one character to before another: browsers look for the end of a line in the text as it was set whole. */
    public function room(int $from, int $to): float
    {
        return ($this->begins[$to] - $this->begins[$from]) * $this->scale;
    }
}
