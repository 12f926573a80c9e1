<?php

declare(strict_types=1);

namespace Ikat\Core\Compile;

/**
 * The text of one declaration's value: keywords, numbers, colors, functions with balanced brackets, quoted family names.
 *
 * What could end the declaration, open a block or a comment, escape a character or load something is none (CSS Syntax 3, sections 4 and 5).
 */
final class CssValue
{
    private const PLAIN = '/^(?<in>(?:[A-Za-z0-9#%.,+ _-]|\*(?!\/)|\/(?!\*)|"[A-Za-z0-9 ,._-]*"|\'[A-Za-z0-9 ,._-]*\'|\((?&in)*\)))+$/D';
    private const LOADS = '/(?:url|src|image|image-set|cross-fade|element|paint|expression)\s*\(/i';

    /** @throws UnsafeCss */
    public static function plain(string $value): string
    {
        return self::isPlain($value) ? $value : throw UnsafeCss::value($value);
    }

    public static function isPlain(string $value): bool
    {
        return strlen($value) <= 600
            && trim($value) !== ''
            && preg_match(self::PLAIN, $value) === 1
            && preg_match(self::LOADS, $value) === 0;
    }
}
