<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Words on one line, or on several. */
final readonly class TextCell implements CellType
{
    /**
     * @param int $most characters
     * @param bool $isOptional whether nothing is kept as null instead of an empty text
     */
    public function __construct(public int $most, public bool $hasLines = false, private bool $isOptional = false) {}

    public function read(string $typed, Names $names): string
    {
        $text = $this->hasLines
            ? (string) preg_replace('/\R/u', "\n", $typed)
            : (string) preg_replace('/[\s\p{Cc}]+/u', ' ', $typed);
        $length = mb_strlen($text);

        return $length <= $this->most
            ? $text
            : throw new UnreadableCell("$length characters, and $this->most fit: shorten it by ".($length - $this->most).'.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_string($value) ? $value : '';
    }

    public function nothing(): ?string
    {
        return $this->isOptional ? null : '';
    }

    public function field(): string
    {
        return $this->hasLines ? 'lines' : 'line';
    }
}
