<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Type\MeasuredText;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextSteps;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Voice;

/** Where the lines of a shop's texts break, asked for one by one: a font is read only where something is asked of it. */
final readonly class LineBreaks implements Measurement
{
    /** Px that evened-out lines may be wider than the narrowest. */
    private const EVENED = 1.0;

    /**
     * @param ?\Closure(SpokenFace, TextStyle, string, float): ?MeasuredText $measured with the room of a line, px; null where nobody has
     *     the fonts, and nothing can be said of lines
     * @param ?\Closure(SpokenFace, TextStyle, string): ?TextSteps $steps the rooms in which it takes one line more
     */
    public function __construct(private ?\Closure $measured, private ?\Closure $steps = null) {}

    public static function measure(Inspection $inspection): self
    {
        return new self(null);
    }

    /**
     * @param float $screen px
     * @param float $room px that a line may take
     */
    public function of(ResolvedLook $look, Voice $voice, string $text, float $screen, float $room): ?MeasuredText
    {
        $size = TypeScale::at(
            (float) $look->value($voice->path('size.phone')),
            (float) $look->value($voice->path('size.desktop')),
            $screen,
        );

        return $this->at($look, $voice, $text, $size, $room);
    }

    /** @param float $room px that a line may take */
    public function set(SpokenFace $face, TextStyle $style, string $text, float $room): ?MeasuredText
    {
        return $this->measured === null ? null : ($this->measured)($face, $style, $text, $room);
    }

    /** The rooms in which a text takes one line more; null where nobody has the fonts. */
    public function steps(SpokenFace $face, TextStyle $style, string $text): ?TextSteps
    {
        return $this->steps === null ? null : ($this->steps)($face, $style, $text);
    }

    /** @param float $size of the letters, px */
    public function at(ResolvedLook $look, Voice $voice, string $text, float $size, float $room): ?MeasuredText
    {
        return $this->measured === null
            ? null
            : ($this->measured)(SpokenFace::of($look, $voice), TextStyle::of($look, $voice, $size), $text, $room);
    }

    /**
     * The lines of a text evened out: as narrow as they can be without one more (CSS Text 4, text-wrap: balance).
     *
     * @param float $room px that a line may take
     */
    public function evened(ResolvedLook $look, Voice $voice, string $text, float $screen, float $room): ?MeasuredText
    {
        $best = $this->of($look, $voice, $text, $screen, $room);
        $least = 0.0;
        while ($best !== null && $room - $least > self::EVENED) {
            $middle = ($least + $room) / 2;
            $tried = $this->of($look, $voice, $text, $screen, $middle);
            if ($tried === null || count($tried->lines) > count($best->lines) || $tried->width > $middle) {
                $least = $middle;
            } else {
                [$best, $room] = [$tried, $middle];
            }
        }

        return $best;
    }
}
