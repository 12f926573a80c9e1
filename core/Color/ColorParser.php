<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * Reads CSS Color 4 color syntax, legacy comma forms included.
 *
 * Not accepted, because they have no fixed value: currentcolor, system colors, relative colors, calc() and var().
 *
 * @internal use Color::parse()
 */
final class ColorParser
{
    private const NUMBER = '[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?';

    /** @throws UnreadableColor */
    public static function parse(string $text): Color
    {
        // By far the most frequent form goes the short way.
        if (strlen($text) === 7 && $text[0] === '#' && ctype_xdigit(substr($text, 1))) {
            return Color::fromRgbInteger((int) hexdec(substr($text, 1)));
        }
        $clean = strtolower(trim($text));
        $bare = ltrim($clean, '#');
        if ($clean !== '' && $clean[0] === '#' || preg_match('/^[0-9a-f]+$/', $clean) && ! isset(NamedColors::TABLE[$clean])) {
            return self::hex($text, $bare);
        }
        if (isset(NamedColors::TABLE[$clean])) {
            return Color::fromRgbInteger(NamedColors::TABLE[$clean]);
        }
        if ($clean === 'transparent') {
            return Color::in(ColorSpace::Srgb, 0, 0, 0, 0.0);
        }
        if (preg_match('/^([a-z][a-z0-9-]*)\(([^()]*)\)$/', $clean, $m)) {
            try {
                return self::functional($m[1], trim($m[2]));
            } catch (UnreadableColor $e) {
                throw $e->within($text);
            }
        }

        throw UnreadableColor::because($text, self::guessReason($clean));
    }

    private static function guessReason(string $clean): string
    {
        return match (true) {
            $clean === '' => 'it is empty',
            $clean === 'currentcolor' => 'currentcolor has no value of its own',
            str_contains($clean, '(') && ! str_contains($clean, ')') => 'its closing parenthesis is missing',
            str_contains($clean, '(') => 'it is not one plain color function',
            default => 'no color has this name',
        };
    }

    private static function hex(string $text, string $digits): Color
    {
        if (! preg_match('/^[0-9a-f]*$/', $digits)) {
            throw UnreadableColor::because($text, 'a hex color has only the digits 0-9 and a-f');
        }
        if (substr_count($text, '#') > 1) {
            throw UnreadableColor::because($text, 'it has more than one number sign');
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

    private static function functional(string $name, string $body): Color
    {
        if ($name === 'color') {
            return self::colorFunction($body);
        }
        $known = ['rgb', 'rgba', 'hsl', 'hsla', 'hwb', 'lab', 'lch', 'oklab', 'oklch'];
        if (! in_array($name, $known, true)) {
            throw UnreadableColor::because($body, "$name() is not a color function");
        }
        $legacy = str_contains($body, ',');
        if ($legacy && ! in_array($name, ['rgb', 'rgba', 'hsl', 'hsla'], true)) {
            throw UnreadableColor::because($body, "$name() takes spaces between its values, not commas");
        }
        [$values, $alpha] = $legacy ? self::splitLegacy($body) : self::splitModern($body);
        if (count($values) !== 3) {
            throw UnreadableColor::because($body, sprintf('%s() takes three values, this has %d', $name, count($values)));
        }
        if ($legacy) {
            self::refuseModernInLegacy($name, [...$values, $alpha ?? '1']);
        }

        return self::build(rtrim($name, 'a'), $values, self::alpha($alpha));
    }

    /** @return array{list<string>, ?string} */
    private static function splitLegacy(string $body): array
    {
        if (str_contains($body, '/')) {
            throw UnreadableColor::because($body, 'commas and a slash cannot stand together');
        }
        $parts = array_map('trim', explode(',', $body));

        return [array_slice($parts, 0, 3), count($parts) > 4 ? throw UnreadableColor::because($body, 'it has too many values') : $parts[3] ?? null];
    }

    /** @return array{list<string>, ?string} */
    private static function splitModern(string $body): array
    {
        $sides = explode('/', $body);
        if (count($sides) > 2) {
            throw UnreadableColor::because($body, 'it has more than one slash');
        }
        $values = preg_split('/\s+/', trim($sides[0]), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return [$values, isset($sides[1]) ? trim($sides[1]) : null];
    }

    /** @param list<string> $values */
    private static function refuseModernInLegacy(string $name, array $values): void
    {
        if (in_array('none', $values, true)) {
            throw UnreadableColor::because('', 'none cannot stand in the form with commas');
        }
        $percent = array_map(static fn(string $v): bool => str_ends_with($v, '%'), array_slice($values, 0, 3));
        if (str_starts_with($name, 'rgb') && count(array_unique($percent)) > 1) {
            throw UnreadableColor::because('', 'with commas, rgb() takes three numbers or three percentages, not a mixture');
        }
        if (str_starts_with($name, 'hsl') && ! ($percent[1] && $percent[2])) {
            throw UnreadableColor::because('', 'with commas, hsl() takes percentages for saturation and lightness');
        }
    }

    /** @param list<string> $v */
    private static function build(string $name, array $v, float $alpha): Color
    {
        $floor = static fn(?float $x): ?float => $x === null ? null : max(0.0, $x);
        $within = static fn(?float $x, float $max): ?float => $x === null ? null : max(0.0, min($max, $x));
        // CSS clamps these at parsed-value time (CSS Color 4, sections 5 to 9).
        $channel = static function (string $x) use ($within): ?float {
            $n = $within(self::number($x, 255), 255);

            return $n === null ? null : $n / 255;
        };

        return match ($name) {
            'rgb' => Color::in(ColorSpace::Srgb, $channel($v[0]), $channel($v[1]), $channel($v[2]), $alpha),
            'hsl' => Color::in(ColorSpace::Hsl, self::hue($v[0]), $floor(self::number($v[1], 100)), self::number($v[2], 100), $alpha),
            'hwb' => Color::in(ColorSpace::Hwb, self::hue($v[0]), $floor(self::number($v[1], 100)), $floor(self::number($v[2], 100)), $alpha),
            'lab' => Color::in(ColorSpace::Lab, $within(self::number($v[0], 100), 100), self::number($v[1], 125), self::number($v[2], 125), $alpha),
            'lch' => Color::in(ColorSpace::Lch, $within(self::number($v[0], 100), 100), $floor(self::number($v[1], 150)), self::hue($v[2]), $alpha),
            'oklab' => Color::in(ColorSpace::Oklab, $within(self::number($v[0], 1), 1), self::number($v[1], 0.4), self::number($v[2], 0.4), $alpha),
            default => Color::in(ColorSpace::Oklch, $within(self::number($v[0], 1), 1), $floor(self::number($v[1], 0.4)), self::hue($v[2]), $alpha),
        };
    }

    private static function colorFunction(string $body): Color
    {
        [$values, $alpha] = self::splitModern($body);
        $id = array_shift($values) ?? '';
        $space = match ($id) {
            'srgb' => ColorSpace::Srgb,
            'srgb-linear' => ColorSpace::SrgbLinear,
            'display-p3' => ColorSpace::DisplayP3,
            'a98-rgb' => ColorSpace::A98Rgb,
            'prophoto-rgb' => ColorSpace::ProphotoRgb,
            'rec2020' => ColorSpace::Rec2020,
            'xyz', 'xyz-d65' => ColorSpace::XyzD65,
            'xyz-d50' => ColorSpace::XyzD50,
            default => throw UnreadableColor::because($body, sprintf('color() takes srgb, srgb-linear, display-p3, a98-rgb, prophoto-rgb, rec2020, xyz, xyz-d65 or xyz-d50, not "%s"', $id)),
        };
        if (count($values) !== 3) {
            throw UnreadableColor::because($body, sprintf('color() takes three values after the space, this has %d', count($values)));
        }
        [$a, $b, $c] = array_map(static fn(string $v): ?float => self::number($v, 1), $values);

        return Color::in($space, $a, $b, $c, self::alpha($alpha));
    }

    /** @param float $whole what 100% stands for */
    private static function number(string $text, float $whole): ?float
    {
        if ($text === 'none') {
            return null;
        }
        if (! preg_match('/^('.self::NUMBER.')(%?)$/', $text, $m)) {
            throw UnreadableColor::because($text, sprintf('"%s" is not a number or percentage', $text));
        }

        return $m[2] === '%' ? (float) $m[1] * $whole / 100 : (float) $m[1];
    }

    private static function alpha(?string $text): float
    {
        // `none` alpha is read as 0, as everywhere outside interpolation (CSS Color 4, section 4.4).
        return $text === null ? 1.0 : max(0.0, min(1.0, self::number($text, 1) ?? 0.0));
    }

    private static function hue(string $text): ?float
    {
        if ($text === 'none') {
            return null;
        }
        if (! preg_match('/^('.self::NUMBER.')(deg|grad|rad|turn)?$/', $text, $m)) {
            throw UnreadableColor::because($text, sprintf('"%s" is not an angle', $text));
        }

        return (float) $m[1] * match ($m[2] ?? '') {
            'grad' => 0.9,
            'rad' => 180 / M_PI,
            'turn' => 360,
            default => 1,
        };
    }
}
