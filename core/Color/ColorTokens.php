<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * The tokens of a color as CSS writes it: CSS Syntax 3, section 4.3, as far as colors need it.
 *
 * Comments are nothing and keep apart what stands around them; escapes stand for their characters; blanks are space, tab, line feed,
 * carriage return and form feed, and no other; what is not closed at the end counts as closed.
 *
 * @internal to ColorParser
 */
final class ColorTokens
{
    public const SPACE = 'space';
    public const NUMBER = 'number';
    public const PERCENTAGE = 'percentage';
    public const DIMENSION = 'dimension';
    public const IDENT = 'ident';
    public const FUNCTION = 'function';
    public const HASH = 'hash';
    /** A comma, a slash, a closing bracket, or what belongs to no color. */
    public const OTHER = 'other';

    private const ESCAPE = '\\\\(?:[0-9a-fA-F]{1,6}[ \t\n\r\f]?|[^\n\r\f0-9a-fA-F])';
    private const NAME = '(?:[A-Za-z0-9_-]|[^\x00-\x7F]|'.self::ESCAPE.')';
    private const IDENTIFIER = '(?:--|-?(?:[A-Za-z_]|[^\x00-\x7F]|'.self::ESCAPE.'))'.self::NAME.'*';
    private const FIGURE = '[+-]?(?:\d+\.\d+|\.\d+|\d+)(?:[eE][+-]?\d+)?';

    /** The largest number there is, that of single precision: what is larger, 1e400 say, is taken for it (CSS Values 4, section 10.9). */
    public const MOST = 3.40282e38;

    /** @return list<array{string, string, float}> kind, text, number */
    public static function of(string $text): array
    {
        $tokens = [];
        $at = 0;
        while ($at < strlen($text)) {
            if (preg_match('#\G/\*(?:.*?\*/|.*$)#s', $text, $m, 0, $at)) {
                $at += strlen($m[0]);
                // What a comment parts is not one token, and no blank stands there either.
                $tokens[] = [self::SPACE, '', 0.0];

                continue;
            }
            [$token, $length] = self::next($text, $at);
            $tokens[] = $token;
            $at += $length;
        }

        return array_values(array_filter($tokens, static fn(array $t): bool => $t[0] !== self::SPACE || $t[1] !== ''));
    }

    /** @return array{array{string, string, float}, int} */
    private static function next(string $text, int $at): array
    {
        if (preg_match('/\G[ \t\n\r\f]+/', $text, $m, 0, $at)) {
            return [[self::SPACE, ' ', 0.0], strlen($m[0])];
        }
        if (preg_match('/\G'.self::FIGURE.'/', $text, $m, 0, $at)) {
            $number = max(-self::MOST, min(self::MOST, (float) $m[0]));
            $end = $at + strlen($m[0]);
            if (($text[$end] ?? '') === '%') {
                return [[self::PERCENTAGE, $m[0].'%', $number], strlen($m[0]) + 1];
            }

            return preg_match('/\G'.self::IDENTIFIER.'/', $text, $unit, 0, $end)
                ? [[self::DIMENSION, strtolower(self::plain($unit[0])), $number], strlen($m[0]) + strlen($unit[0])]
                : [[self::NUMBER, $m[0], $number], strlen($m[0])];
        }
        if (preg_match('/\G('.self::IDENTIFIER.')(\(?)/', $text, $m, 0, $at)) {
            return [[$m[2] === '(' ? self::FUNCTION : self::IDENT, strtolower(self::plain($m[1])), 0.0], strlen($m[0])];
        }
        if (preg_match('/\G#('.self::NAME.'+)/', $text, $m, 0, $at)) {
            return [[self::HASH, strtolower(self::plain($m[1])), 0.0], strlen($m[0])];
        }

        return [[self::OTHER, $text[$at], 0.0], 1];
    }

    /** A name with its escapes read. */
    private static function plain(string $name): string
    {
        return str_contains($name, '\\') ? (string) preg_replace_callback('/'.self::ESCAPE.'/', static function (array $m): string {
            $hex = rtrim(substr($m[0], 1));
            if (! ctype_xdigit($hex)) {
                return substr($m[0], 1);
            }
            $code = (int) hexdec($hex);

            return $code === 0 || $code > 0x10FFFF || ($code >= 0xD800 && $code <= 0xDFFF) ? "\u{FFFD}" : mb_chr($code, 'UTF-8');
        }, $name) : $name;
    }
}
