<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextSteps;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Voice;

/** The texts at the top of a page as the look sets them: each is measured once in each of the sizes it comes in. */
final class TopText
{
    /** @var array<string, array{float, float}> sizes of each voice on a phone and on a desktop, px */
    private array $ends = [];

    public function __construct(private readonly TopLook $look, private readonly LineBreaks $breaks) {}

    /** Whether anything can be measured: somebody has the fonts. */
    public function isKnown(): bool
    {
        return $this->breaks->steps($this->look->face(Voice::Menu), $this->look->style(Voice::Menu, 16.0), 'a') !== null;
    }

    public function of(Voice $voice, string $words): SizedText
    {
        return $this->set($this->look->face($voice), fn(float $size): TextStyle => $this->look->style($voice, $size), $words);
    }

    /**
     * A text in the family of a voice, in a weight of its own.
     *
     * @param float $spacing between letters, in sizes
     */
    public function weighing(Voice $voice, int $weight, string $words, float $spacing, bool $isCapitals): SizedText
    {
        $own = $this->look->face($voice);
        $face = SpokenFace::from($own->family, $own->isItalic ? 'italic' : 'upright', $weight);
        $style = static fn(float $size): TextStyle => new TextStyle($size, $face->weight, $spacing * $size, 0.0, $isCapitals);

        return $this->set($face, $style, $words);
    }

    /** @return list<string> lines of a text that weighs so, as it breaks in a room; itself where nobody has the fonts */
    public function broken(Voice $voice, int $weight, string $words, float $spacing, bool $isCapitals, float $size, float $room): array
    {
        $own = $this->look->face($voice);
        $face = SpokenFace::from($own->family, $own->isItalic ? 'italic' : 'upright', $weight);
        $style = new TextStyle($size, $face->weight, $spacing * $size, 0.0, $isCapitals);
        $set = $this->breaks->set($face, $style, $words, $room);

        return $set === null ? [$words] : array_column($set->lines, 'text');
    }

    /** Size of a voice on a screen, px. */
    public function size(Voice $voice, float $screen): float
    {
        [$phone, $desktop] = $this->ends[$voice->value]
            ??= [$this->look->number($voice->path('size.phone')), $this->look->number($voice->path('size.desktop'))];

        return TypeScale::at($phone, $desktop, $screen);
    }

    /** Height of a line of a voice, px. */
    public function line(Voice $voice, float $size): float
    {
        return $this->look->number($voice->path('leading')) * $size;
    }

    /** @param \Closure(float): TextStyle $style in a size */
    private function set(SpokenFace $face, \Closure $style, string $words): SizedText
    {
        return new SizedText(
            $words,
            fn(float $size): TextSteps => $this->breaks->steps($face, $style($size), $words) ?? new TextSteps([0.0]),
        );
    }
}
