<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Type\FontType;

/** What a voice of a look really speaks in: a family, a weight it has, and its italic only where one was drawn. */
final readonly class SpokenFace
{
    /** @param int $weight 100..900, one that the family has */
    private function __construct(public FontFamily $family, public int $weight, public bool $isItalic) {}

    public static function of(ResolvedLook $look, Voice $voice): self
    {
        $type = $look->catalog->get($voice->path('family'))->type;
        assert($type instanceof FontType);

        return self::from(
            $type->fonts->get($look->text($voice->path('family'))),
            $look->text($voice->path('style')),
            (float) $look->value($voice->path('weight')),
        );
    }

    /**
     * @param string $style upright or italic
     */
    public static function from(FontFamily $family, string $style, float $weight = 400): self
    {
        return new self($family, $family->nearestWeight((int) $weight), $family->hasItalic() && $style === 'italic');
    }

    /** Address of the file that sets its Latin letters. */
    public function address(): string
    {
        return $this->family->address(isItalic: $this->isItalic);
    }

    /** Em that its letters take on average, as they occur in running text. */
    public function averageWidth(): float
    {
        $widths = $this->isItalic ? $this->family->italicWidths : $this->family->averageWidths;

        return $widths[$this->weight] / $this->family->unitsPerEm;
    }

    /** Bytes of that file. */
    public function bytes(): int
    {
        return $this->family->bytes[$this->isItalic ? 'latin-italic' : 'latin'];
    }
}
