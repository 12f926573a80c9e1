<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Type\OpenType\OpenTypeFont;

/** A family as a browser has it: one font, or several of which each is for some of the characters. */
final class Typeface
{
    /** @var array<int, ?OpenTypeFont> code point => its font, as far as it was asked for */
    private array $known = [];

    /**
     * @param non-empty-list<array{OpenTypeFont, ?UnicodeRange}> $fonts each with the characters it is for, null for all that it has; the
     *     first that is for a character and has it is the one it is set in
     */
    public function __construct(private readonly array $fonts) {}

    /** Which font a character is set in; null where none has it. */
    public function fontOf(int $code): ?OpenTypeFont
    {
        if (! array_key_exists($code, $this->known)) {
            $this->known[$code] = null;
            foreach ($this->fonts as [$font, $range]) {
                if (isset($font->characters[$code]) && ($range === null || $range->has($code))) {
                    $this->known[$code] = $font;
                    break;
                }
            }
        }

        return $this->known[$code];
    }

    /** @return array<int, true> all characters it has, by code point */
    public function characters(): array
    {
        $all = [];
        foreach ($this->fonts as [$font, $range]) {
            foreach (array_keys($font->characters) as $code) {
                if ($range === null || $range->has($code)) {
                    $all[$code] = true;
                }
            }
        }

        return $all;
    }

    /** @return non-empty-list<OpenTypeFont> */
    public function fonts(): array
    {
        return array_column($this->fonts, 0);
    }

    /** Whether its letters have other forms at other sizes (OpenType 1.9, design axis “opsz”). */
    public function hasOpticalSizes(): bool
    {
        return in_array('opsz', array_merge(...array_map(
            static fn(OpenTypeFont $font): array => array_column($font->axes->axes, 'tag'),
            $this->fonts(),
        )), true);
    }

    /** The font whose heights a line has. */
    public function first(): OpenTypeFont
    {
        return $this->fonts[0][0];
    }
}
