<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Look\ResolvedLook;

/**
 * How many characters a line of running text holds, in the widest column that a page has.
 *
 * Reckoned by the average width of the font's letters as they occur in text (FontFamily::$averageWidths) and the space set between them.
 */
final readonly class LineLength
{
    /** Characters of a line that the eye follows with ease (common practice, no source). */
    public const FEWEST = 45;
    public const MOST = 75;

    /**
     * @param float $character em that one takes on average
     * @param float $phone size of the letters on a phone, px
     * @param float $desktop the same on a desktop
     * @param float $measure as wide as a column of text may get, em
     * @param float $page as wide as a page may get, px
     */
    private function __construct(
        private float $character,
        private float $phone,
        private float $desktop,
        private float $measure,
        private float $page,
    ) {}

    public static function of(ResolvedLook $look): self
    {
        return new self(
            SpokenFace::of($look, Voice::Body)->averageWidth() + (float) $look->value(Voice::Body->path('spacing')),
            (float) $look->value(Voice::Body->path('size.phone')),
            (float) $look->value(Voice::Body->path('size.desktop')),
            (float) $look->value(Voice::Body->path('measure')),
            (float) $look->value('page.width'),
        );
    }

    /**
     * Px that a page has between its edges, as every theme's stylesheet has it: clamp(16px, 4.4vw, 56px) is kept free at either side.
     *
     * @param float $screen px
     * @param float $page as wide as it may get, px
     */
    public static function frame(float $screen, float $page = INF): float
    {
        return min($screen - 2 * max(16.0, min(56.0, 0.044 * $screen)), $page);
    }

    /** Px of the widest column of text on a screen so wide. */
    public function column(float $screen): float
    {
        return min(self::frame($screen, $this->page), $this->measure * $this->size($screen));
    }

    public function characters(float $screen): float
    {
        return $this->charactersIn($this->column($screen), $this->size($screen));
    }

    /** Characters that a column holds on a line. @param float $width px @param float $size px of its letters */
    public function charactersIn(float $width, float $size): float
    {
        return $width / $size / $this->character;
    }

    /** The column that holds so many characters, em. */
    public function measureOf(float $characters): float
    {
        return $characters * $this->character;
    }

    /** The size of letters at which so many stand on a line of a screen, px. */
    public function sizeOf(float $characters, float $screen): float
    {
        return self::frame($screen, $this->page) / $characters / $this->character;
    }

    private function size(float $screen): float
    {
        return TypeScale::at($this->phone, $this->desktop, $screen);
    }
}
