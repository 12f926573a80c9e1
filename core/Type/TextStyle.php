<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Look\ResolvedLook;

/** How a text is set: what a voice of a look says, at one screen width. */
final readonly class TextStyle
{
    /**
     * @param float $size px
     * @param int $weight 1..1000
     * @param float $spacing between letters, px
     * @param float $leading height of a line in sizes; 0 for the font's own
     * @param bool $isCapitals whether it is set in capitals (CSS: text-transform: uppercase)
     * @param bool $isTabular whether figures are all equally wide
     * @param bool $isKerned whether pairs are brought together, as browsers do unasked
     */
    public function __construct(
        public float $size,
        public int $weight = 400,
        public float $spacing = 0.0,
        public float $leading = 0.0,
        public bool $isCapitals = false,
        public bool $isTabular = false,
        public bool $isKerned = true,
    ) {}

    /** @param float $size px */
    public static function of(ResolvedLook $look, Voice $voice, float $size): self
    {
        return new self(
            $size,
            SpokenFace::of($look, $voice)->weight,
            (float) $look->value($voice->path('spacing')) * $size,
            (float) $look->value($voice->path('leading')),
            $look->value($voice->path('case')) === 'capitals',
        );
    }
}
