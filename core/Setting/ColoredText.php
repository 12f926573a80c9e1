<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/**
 * Words of a text in the color of a role: "Light for {link|long} evenings".
 *
 * The color is a role's, not a color of its own, so it follows the brand and is checked like everything that wears the role.
 */
final class ColoredText
{
    /** Roles words may have: inks that stand on the ground. */
    public const ROLES = ['heading', 'ink', 'link', 'price', 'reduced', 'soft'];

    private const FORM = '/\{(heading|ink|link|price|reduced|soft)\|([^{}|]+)\}/u';

    /** @return list<array{?string, string}> role and words, in order; no role where the words have the text's own color */
    public static function parts(string $text): array
    {
        $parts = [];
        $from = 0;
        preg_match_all(self::FORM, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($found as $match) {
            $at = (int) $match[0][1];
            $parts[] = [null, substr($text, $from, $at - $from)];
            $parts[] = [(string) $match[1][0], (string) $match[2][0]];
            $from = $at + strlen((string) $match[0][0]);
        }
        $parts[] = [null, substr($text, $from)];

        return array_values(array_filter($parts, static fn(array $p): bool => $p[1] !== ''));
    }

    /** The words alone. */
    public static function plain(string $text): string
    {
        return (string) preg_replace(self::FORM, '$2', $text);
    }
}
