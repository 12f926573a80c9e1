<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\RichText;
use Ikat\Core\Store\UnreadableCell;

/** Words with form, kept as HTML of a few elements; plain words with blank lines between paragraphs are read, too. */
final readonly class RichCell implements CellType
{
    /** @param int $most characters, with those of its elements */
    public function __construct(public int $most) {}

    public function read(string $typed, Names $names): string
    {
        $html = mb_strlen($typed) > $this->most ? null : RichText::of($typed);

        return $html !== null && mb_strlen($html) <= $this->most
            ? $html
            : throw new UnreadableCell(sprintf('This is too long: at most %s characters fit.', number_format($this->most)));
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_string($value) ? RichText::of($value) : '';
    }

    public function nothing(): string
    {
        return '';
    }

    public function field(): string
    {
        return 'rich';
    }
}
