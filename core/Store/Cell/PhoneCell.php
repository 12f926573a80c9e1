<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** A telephone number as people write it: figures, and what groups them. */
final readonly class PhoneCell extends WordCell
{
    private const MOST = 40;

    public function read(string $typed, Names $names): string
    {
        return preg_match('#^\+?[0-9 ()./-]+$#D', $typed) === 1 && preg_match_all('/\d/', $typed) >= 3 && strlen($typed) <= self::MOST
            ? $typed
            : throw new UnreadableCell("“{$typed}” is no telephone number. Write one such as +1 202 555 0123.");
    }

    /** The number for a link: figures alone, with the + of a whole one before them (RFC 3966, without its visual separators). */
    public static function link(string $number): string
    {
        return 'tel:'.(str_starts_with($number, '+') ? '+' : '').preg_replace('/\D/', '', $number);
    }
}
