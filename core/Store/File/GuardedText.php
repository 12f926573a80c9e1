<?php

declare(strict_types=1);

namespace Ikat\Core\Store\File;

/**
 * Texts in files that spreadsheets open: what begins like a formula is written with an apostrophe before it, so that it is not
 * reckoned out there, and read again without it.
 *
 * Source: OWASP, "CSV Injection".
 */
final class GuardedText
{
    public static function written(string $text): string
    {
        return preg_match('/^\'*[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'$text" : $text;
    }

    public static function read(string $text): string
    {
        return preg_match('/^\'+[=+\-@\t\r]/', $text) === 1 ? substr($text, 1) : $text;
    }
}
