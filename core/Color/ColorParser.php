<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * Reads CSS Color 4 color syntax, legacy comma forms included, as browsers read it: packed as minifiers write it, with comments
 * and escapes, and with a closing bracket left out at the end. Hex digits are also taken without their number sign.
 *
 * Not accepted, because they have no fixed value: currentcolor, system colors, relative colors, calc() and var().
 *
 * @internal use Color::parse()
 */
final class ColorParser
{
    private const SPACES = [
        'srgb' => ColorSpace::Srgb, 'srgb-linear' => ColorSpace::SrgbLinear, 'display-p3' => ColorSpace::DisplayP3,
        'a98-rgb' => ColorSpace::A98Rgb, 'prophoto-rgb' => ColorSpace::ProphotoRgb,
        'rec2020' => ColorSpace::Rec2020, 'xyz' => ColorSpace::XyzD65, 'xyz-d65' => ColorSpace::XyzD65, 'xyz-d50' => ColorSpace::XyzD50,
    ];
    private const FUNCTIONS = ['rgb', 'rgba', 'hsl', 'hsla', 'hwb', 'lab', 'lch', 'oklab', 'oklch'];

    /** Functions that also have a form with commas. */
    private const LEGACY = ['rgb', 'rgba', 'hsl', 'hsla'];

    /** Place of the hue among the values. */
    private const HUES = ['hsl' => 0, 'hwb' => 0, 'lch' => 2, 'oklch' => 2];

    /** What 100% stands for, value by value (CSS Color 4, sections 5 to 9). */
    private const WHOLES = [
        'rgb' => [255, 255, 255], 'hsl' => [1, 100, 100], 'hwb' => [1, 100, 100], 'lab' => [100, 125, 125], 'lch' => [100, 150, 1],
        'oklab' => [1, 0.4, 0.4], 'oklch' => [1, 0.4, 1], 'color' => [1, 1, 1],
    ];

    /** Bounds that a value is held to when it is read. */
    private const BOUNDS = [
        'rgb' => [[0, 255], [0, 255], [0, 255]], 'hsl' => [null, [0, INF], null], 'hwb' => [null, [0, INF], [0, INF]],
        'lab' => [[0, 100], null, null],
        'lch' => [[0, 100], [0, INF], null], 'oklab' => [[0, 1], null, null], 'oklch' => [[0, 1], [0, INF], null],
        'color' => [null, null, null],
    ];

    /** Values beyond are held here, so that no conversion runs out of numbers. */
    private const MOST = 1e9;

    /** Degrees in a unit of angle. */
    private const ANGLES = ['deg' => 1.0, 'grad' => 0.9, 'rad' => 180 / M_PI, 'turn' => 360.0];

    /** @throws UnreadableColor */
    public static function parse(string $text): Color
    {
        // By far the most frequent form goes the short way.
        if (strlen($text) === 7 && $text[0] === '#' && ctype_xdigit(substr($text, 1))) {
            return Color::fromRgbInteger((int) hexdec(substr($text, 1)));
        }
        if (preg_match('/^[ \t\n\r\f]*([0-9a-fA-F]{3,8})[ \t\n\r\f]*$/D', $text, $m) && ! isset(NamedColors::TABLE[strtolower($m[1])])) {
            return self::hex($text, strtolower($m[1]));
        }
        $tokens = self::trimmed(ColorTokens::of($text));
        [$kind, $word] = $tokens[0] ?? [ColorTokens::SPACE, ''];
        if (count($tokens) === 1 && $kind === ColorTokens::HASH) {
            return self::hex($text, $word);
        }
        if (count($tokens) === 1 && $kind === ColorTokens::IDENT && isset(NamedColors::TABLE[$word])) {
            return Color::fromRgbInteger(NamedColors::TABLE[$word]);
        }
        if (count($tokens) === 1 && $kind === ColorTokens::IDENT && $word === 'transparent') {
            return Color::in(ColorSpace::Srgb, 0, 0, 0, 0.0);
        }
        if ($kind === ColorTokens::FUNCTION) {
            return self::functional($text, $word, self::body($text, $tokens));
        }

        throw UnreadableColor::because($text, self::guessReason($tokens));
    }

    /** @param list<array{string, string, float}> $tokens */
    private static function guessReason(array $tokens): string
    {
        return match (true) {
            $tokens === [] => 'it is empty',
            $tokens[0][1] === 'currentcolor' => 'currentcolor has no value of its own',
            substr_count(implode('', array_column($tokens, 1)), '#') > 0 => 'it has more than one number sign',
            default => 'no color has this name',
        };
    }

    /**
     * @param list<array{string, string, float}> $tokens
     *
     * @return list<array{string, string, float}> what stands between the brackets; the closing one may be left out at the end
     *
     * @throws UnreadableColor
     */
    private static function body(string $text, array $tokens): array
    {
        $body = [];
        foreach (array_slice($tokens, 1) as $i => $token) {
            if ($token[0] === ColorTokens::OTHER && $token[1] === ')') {
                if ($i !== count($tokens) - 2) {
                    throw UnreadableColor::because($text, 'it is not one plain color function');
                }
                break;
            }
            if ($token[0] === ColorTokens::FUNCTION || $token[1] === '(') {
                throw UnreadableColor::because($text, 'it is not one plain color function');
            }
            $body[] = $token;
        }

        return self::trimmed($body);
    }

    /** @throws UnreadableColor */
    private static function hex(string $text, string $digits): Color
    {
        if (! ctype_xdigit($digits)) {
            throw UnreadableColor::because($text, 'a hex color has only the digits 0-9 and a-f');
        }
        if (! in_array(strlen($digits), [3, 4, 6, 8], true)) {
            throw UnreadableColor::because($text, sprintf('a hex color has 3, 4, 6 or 8 digits, this has %d', strlen($digits)));
        }
        if (strlen($digits) <= 4) {
            $digits = implode('', array_map(static fn(string $d): string => $d.$d, str_split($digits)));
        }
        $channels = array_map(static fn(string $pair): float => hexdec($pair) / 255, str_split($digits, 2));

        return Color::in(ColorSpace::Srgb, $channels[0], $channels[1], $channels[2], $channels[3] ?? 1.0);
    }

    /**
     * @param list<array{string, string, float}> $body
     *
     * @throws UnreadableColor
     */
    private static function functional(string $text, string $name, array $body): Color
    {
        if ($name !== 'color' && ! in_array($name, self::FUNCTIONS, true)) {
            throw UnreadableColor::because($text, "$name() is not a color function");
        }
        $hasCommas = in_array(',', array_column($body, 1), true);
        if ($hasCommas && ! in_array($name, self::LEGACY, true)) {
            throw UnreadableColor::because($text, "$name() takes spaces between its values, not commas");
        }
        $space = $name === 'color' ? self::space($text, $body) : null;
        [$values, $alpha] = $hasCommas ? self::splitLegacy($text, $body) : self::splitModern($text, $body);
        if (count($values) !== 3) {
            throw UnreadableColor::because(
                $text,
                sprintf('%s() takes three values%s, this has %d', $name, $space === null ? '' : ' after the space', count($values)),
            );
        }
        if ($hasCommas) {
            self::refuseModernInLegacy($text, $name, [...$values, ...$alpha === null ? [] : [$alpha]]);
        }
        $kind = match ($name) {
            'rgb', 'rgba' => 'rgb',
            'hsl', 'hsla' => 'hsl',
            default => $name,
        };
        [$wholes, $bounds] = [self::WHOLES[$kind], self::BOUNDS[$kind]];
        $numbers = [];
        foreach ($values as $i => $value) {
            $numbers[] = (self::HUES[$kind] ?? null) === $i
                ? self::hue($text, $value)
                : self::held(self::number($text, $value, $wholes[$i]), $bounds[$i]);
        }
        // What browsers paint: in percentages, saturation and lightness end at 100; in numbers they do not.
        if (
            $kind === 'hsl'
            && $numbers[0] !== null
            && $values[1][0] === ColorTokens::PERCENTAGE
            && $values[2][0] === ColorTokens::PERCENTAGE
        ) {
            $numbers = [$numbers[0], self::held($numbers[1], [0, 100]), self::held($numbers[2], [0, 100])];
        }
        // `none` alpha is read as 0, as everywhere outside interpolation (CSS Color 4, section 4.4).
        $opacity = $alpha === null ? 1.0 : max(0.0, min(1.0, self::number($text, $alpha, 1) ?? 0.0));

        return match ($kind) {
            'rgb' => Color::in(
                ColorSpace::Srgb,
                ...[...array_map(static fn(?float $n): ?float => $n === null ? null : $n / 255, $numbers), $opacity],
            ),
            'color' => Color::in($space ?? ColorSpace::Srgb, $numbers[0], $numbers[1], $numbers[2], $opacity),
            default => Color::in(ColorSpace::from($kind), $numbers[0], $numbers[1], $numbers[2], $opacity),
        };
    }

    /**
     * @param list<array{string, string, float}> $body whose first value is taken off
     *
     * @throws UnreadableColor
     */
    private static function space(string $text, array &$body): ColorSpace
    {
        [$kind, $id] = array_shift($body) ?? [ColorTokens::IDENT, ''];

        return ($kind === ColorTokens::IDENT ? self::SPACES[$id] ?? null : null)
            ?? throw UnreadableColor::because(
                $text,
                sprintf(
                    'color() takes srgb, srgb-linear, display-p3, a98-rgb, prophoto-rgb, rec2020, xyz, xyz-d65 or xyz-d50, not "%s"',
                    $id,
                ),
            );
    }

    /**
     * @param list<array{string, string, float}> $body
     *
     * @return array{list<array{string, string, float}>, ?array{string, string, float}}
     *
     * @throws UnreadableColor
     */
    private static function splitLegacy(string $text, array $body): array
    {
        if (in_array('/', array_column($body, 1), true)) {
            throw UnreadableColor::because($text, 'commas and a slash cannot stand together');
        }
        $parts = [[]];
        foreach ($body as $token) {
            if ($token[0] === ColorTokens::OTHER && $token[1] === ',') {
                $parts[] = [];
            } elseif ($token[0] !== ColorTokens::SPACE) {
                $parts[count($parts) - 1][] = $token;
            }
        }
        if (count($parts) > 4) {
            throw UnreadableColor::because($text, 'it has too many values');
        }
        $values = array_map(
            static fn(array $part): array => count($part) === 1
                ? $part[0]
                : throw UnreadableColor::because($text, 'between commas stands one value'),
            $parts,
        );

        return [array_slice($values, 0, 3), $values[3] ?? null];
    }

    /**
     * @param list<array{string, string, float}> $body
     *
     * @return array{list<array{string, string, float}>, ?array{string, string, float}}
     *
     * @throws UnreadableColor
     */
    private static function splitModern(string $text, array $body): array
    {
        $sides = [[]];
        foreach ($body as $token) {
            if ($token[0] === ColorTokens::OTHER && $token[1] === '/') {
                $sides[] = [];
            } elseif ($token[0] !== ColorTokens::SPACE) {
                $sides[count($sides) - 1][] = $token;
            }
        }
        if (count($sides) > 2) {
            throw UnreadableColor::because($text, 'it has more than one slash');
        }
        if (isset($sides[1]) && count($sides[1]) !== 1) {
            throw UnreadableColor::because($text, 'one value stands behind the slash');
        }

        return [$sides[0], $sides[1][0] ?? null];
    }

    /**
     * @param list<array{string, string, float}> $values
     *
     * @throws UnreadableColor
     */
    private static function refuseModernInLegacy(string $text, string $name, array $values): void
    {
        if (in_array('none', array_column($values, 1), true)) {
            throw UnreadableColor::because($text, 'none cannot stand in the form with commas');
        }
        $kinds = array_column($values, 0);
        if (str_starts_with($name, 'rgb') && count(array_unique(array_slice($kinds, 0, 3))) > 1) {
            throw UnreadableColor::because($text, 'with commas, rgb() takes three numbers or three percentages, not a mixture');
        }
        if (
            str_starts_with($name, 'hsl')
            && ($kinds[0] === ColorTokens::PERCENTAGE || $kinds[1] !== ColorTokens::PERCENTAGE || $kinds[2] !== ColorTokens::PERCENTAGE)
        ) {
            throw UnreadableColor::because(
                $text,
                $kinds[0] === ColorTokens::PERCENTAGE
                    ? sprintf('"%s" is not an angle', $values[0][1])
                    : 'with commas, hsl() takes percentages for saturation and lightness',
            );
        }
    }

    /**
     * @param array{string, string, float} $token
     * @param float $whole what 100% stands for
     *
     * @throws UnreadableColor
     */
    private static function number(string $text, array $token, float $whole): ?float
    {
        return match ($token[0]) {
            ColorTokens::NUMBER => max(-self::MOST, min(self::MOST, $token[2])),
            ColorTokens::PERCENTAGE => max(-self::MOST, min(self::MOST, $token[2] * $whole / 100)),
            default => $token[0] === ColorTokens::IDENT && $token[1] === 'none'
                ? null
                : throw UnreadableColor::because($text, sprintf('"%s" is not a number or percentage', $token[1])),
        };
    }

    /**
     * @param array{string, string, float} $token
     *
     * @throws UnreadableColor
     */
    private static function hue(string $text, array $token): ?float
    {
        return match (true) {
            // A hue that goes round for ever is none in particular: browsers take zero.
            in_array($token[0], [ColorTokens::NUMBER, ColorTokens::DIMENSION], true) && abs($token[2]) >= ColorTokens::MOST => 0.0,
            $token[0] === ColorTokens::NUMBER => self::turned($token[2]),
            $token[0] === ColorTokens::DIMENSION && isset(self::ANGLES[$token[1]]) => self::turned($token[2] * self::ANGLES[$token[1]]),
            $token[0] === ColorTokens::IDENT && $token[1] === 'none' => null,
            default => throw UnreadableColor::because($text, sprintf('"%s" is not an angle', $token[1])),
        };
    }

    /** Whole turns of a very large angle are left out before precision is lost; others stay as they were written. */
    private static function turned(float $degrees): float
    {
        return abs($degrees) > self::MOST ? fmod($degrees, 360) : $degrees;
    }

    /** @param ?array{float|int, float|int} $bounds */
    private static function held(?float $number, ?array $bounds): ?float
    {
        return $number === null || $bounds === null ? $number : max((float) $bounds[0], min((float) $bounds[1], $number));
    }

    /**
     * @param list<array{string, string, float}> $tokens
     *
     * @return list<array{string, string, float}>
     */
    private static function trimmed(array $tokens): array
    {
        while ($tokens !== [] && $tokens[0][0] === ColorTokens::SPACE) {
            array_shift($tokens);
        }
        while ($tokens !== [] && $tokens[count($tokens) - 1][0] === ColorTokens::SPACE) {
            array_pop($tokens);
        }

        return $tokens;
    }
}
