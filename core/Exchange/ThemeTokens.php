<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Compile\CssValue;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\Starter;
use Ikat\Core\Look\Theme;
use Ikat\Core\Look\ThemeChange;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/**
 * Reads a theme from open design tokens.
 *
 * Format: Design Tokens Format Module 2025.10. Types read: color, dimension (px), number. A path of groups is a
 * setting's path. What the format has no type for (choices, switches, words) stands under $extensions, key "ikat.theme".
 *
 * @phpstan-type Rungs array<array{upto: float|int|string, to: scalar}>
 * @phpstan-type Row array{path?: scalar, label?: scalar, words?: scalar, type?: scalar, default?: scalar, least?: scalar, most?: scalar,
 *     unit?: scalar, choices?: array<string, scalar>, css?: array<string, scalar>}
 * @phpstan-type Own array{
 * title: string, version: string, maker: string, suits?: string, offers?: array<scalar>, settings?: array<string, bool|float|int|string>,
 * starters?: array<string, array{title: string, words: string, tokens?: array<string, mixed>, settings?: array<string,
 * bool|float|int|string>}>,
 *     own?: array<Row>,
 *     from?: array<string, array{renamed?: array<string, string>, removed?: array<string, string>, retyped?: array<string, Rungs>}>
 * }
 * @phpstan-type Tokens array{'$description'?: string, '$extensions'?: array{'ikat.theme'?: Own}, brand?: array<string, mixed>,
 *     scheme?: array<string, mixed>}
 */
final class ThemeTokens
{
    public const EXTENSION = 'ikat.theme';

    /** Units a length of a theme's own may have. */
    private const UNITS = ['px', '%', 'em', 'rem'];
    private const MOST_LENGTH = 10_000;

    private const STARTER = '/^[a-z][a-z0-9]*(-[a-z0-9]+)*$/D';

    /** Keys of brand colors and schemes become names of classes and custom properties. */
    private const KEY = '/^[a-z][a-z0-9]{0,30}$/D';

    /** @throws UnreadableTheme */
    public static function read(string $name, string $json, string $foldedCss = ''): Theme
    {
        /** @var Tokens|scalar|null $tokens its form is ThemeForm's to check */
        $tokens = json_decode($json, true, 32);
        if (! is_array($tokens)) {
            throw UnreadableTheme::at($name, 'it is not JSON');
        }
        $own = $tokens['$extensions'][self::EXTENSION] ?? throw UnreadableTheme::at(
            '$extensions',
            'the key "'.self::EXTENSION.'" is missing',
        );
        $starters = [];
        foreach ($own['starters'] ?? [] as $key => $starter) {
            if (! preg_match(self::STARTER, (string) $key)) {
                throw UnreadableTheme::at('starters', sprintf('“%s” is not a plain name', mb_substr((string) $key, 0, 40)));
            }
            $starters[$key] = new Starter(
                $key,
                $starter['title'],
                $starter['words'],
                [...self::values($starter['tokens'] ?? []), ...self::settings($starter['settings'] ?? [])],
            );
        }
        if ($starters === []) {
            throw UnreadableTheme::at('starters', 'a theme has at least one');
        }

        return new Theme(
            name: $name,
            title: $own['title'],
            version: $own['version'],
            maker: $own['maker'],
            words: (string) ($tokens['$description'] ?? ''),
            brandColors: self::labels($tokens['brand'] ?? []),
            schemes: self::labels($tokens['scheme'] ?? []),
            values: [...self::values($tokens), ...self::settings($own['settings'] ?? [])],
            starters: $starters,
            foldedCss: $foldedCss,
            suits: (string) ($own['suits'] ?? ''),
            offers: array_values(array_map(strval(...), $own['offers'] ?? [])),
            own: array_map(self::own(...), array_values($own['own'] ?? [])),
            changes: array_map(static fn(array $c): ThemeChange => new ThemeChange($c['renamed'] ?? [], $c['removed'] ?? [], array_map(
                static fn(array $rungs): array => array_values(array_map(
                    static fn(array $r): array => ['upto' => (float) $r['upto'], 'to' => (string) $r['to']],
                    $rungs,
                )),
                $c['retyped'] ?? [],
            )), $own['from'] ?? []),
        );
    }

    /**
     * @param array<string, bool|float|int|string> $settings path => value
     *
     * @return array<string, bool|float|string>
     */
    private static function settings(array $settings): array
    {
        return array_filter(array_map(LookState::canonical(...), $settings), static fn(mixed $v): bool => $v !== null);
    }

    /**
     * @param Row $row a setting only this theme has
     *
     * @throws UnreadableTheme
     */
    private static function own(array $row): Setting
    {
        $path = (string) ($row['path'] ?? '');
        if (! preg_match('/^own(\.[a-z][a-z0-9]*)+$/', $path)) {
            throw UnreadableTheme::at('own', sprintf('“%s” is not a path like own.fade', $path));
        }
        $label = (string) ($row['label'] ?? $path);
        $words = (string) ($row['words'] ?? '').' theme';

        return match ($row['type'] ?? '') {
            'length' => self::ownLength($path, $label, $words, $row),
            'choice' => self::ownChoice($path, $label, $words, $row),
            default => throw UnreadableTheme::at($path, 'a theme’s own setting is a length or a choice'),
        };
    }

    /**
     * @param Row $row
     *
     * @throws UnreadableTheme
     */
    private static function ownLength(string $path, string $label, string $words, array $row): Setting
    {
        [$default, $least, $most] = array_map(static fn(string $key): float
            => is_numeric($row[$key] ?? null) && abs((float) $row[$key]) <= self::MOST_LENGTH
            ? (float) $row[$key] : throw UnreadableTheme::at($path, "its “{$key}” is not a number"), ['default', 'least', 'most']);
        $unit = $row['unit'] ?? 'px';
        if (! in_array($unit, self::UNITS, true)) {
            throw UnreadableTheme::at($path, 'its unit is not one of '.implode(', ', self::UNITS));
        }
        if ($least > $default || $default > $most) {
            throw UnreadableTheme::at($path, 'its default does not lie between its least and its most');
        }

        return Setting::length($path, $label, 'theme', StepKey::START, $default, $least, $most, 1, $unit, $words);
    }

    /**
     * @param Row $row
     *
     * @throws UnreadableTheme
     */
    private static function ownChoice(string $path, string $label, string $words, array $row): Setting
    {
        $choices = array_map(strval(...), $row['choices'] ?? []);
        $css = array_filter($row['css'] ?? [], is_string(...));
        foreach ($choices as $key => $said) {
            if (! preg_match('/^[a-z0-9][a-z0-9-]{0,30}$/D', (string) $key) || ! isset($css[$key]) || ! CssValue::isPlain($css[$key])) {
                throw UnreadableTheme::at($path, 'a choice has a plain name and stands for one plain CSS value');
            }
        }
        if (! is_string($row['default'] ?? null) || ! isset($choices[$row['default']])) {
            throw UnreadableTheme::at($path, 'its default is not one of its choices');
        }

        return Setting::choice(
            $path,
            $label,
            'theme',
            StepKey::START,
            $row['default'],
            $choices,
            array_intersect_key($css, $choices),
            $words,
        );
    }

    /**
     * @param array<string, mixed> $group
     *
     * @return array<string, string>
     *
     * @throws UnreadableTheme
     */
    private static function labels(array $group): array
    {
        $labels = [];
        foreach ($group as $key => $child) {
            if (! str_starts_with((string) $key, '$') && is_array($child)) {
                if (! preg_match(self::KEY, (string) $key)) {
                    throw UnreadableTheme::at(
                        mb_substr((string) $key, 0, 40),
                        'the key of a brand color or scheme is not plain letters and figures',
                    );
                }
                $labels[$key] = is_scalar($child['$description'] ?? null) ? (string) $child['$description'] : (string) $key;
            }
        }

        return $labels;
    }

    /**
     * @param array<mixed> $group
     *
     * @return array<string, float|string>
     */
    private static function values(array $group, string $prefix = '', ?string $type = null): array
    {
        $type = is_string($group['$type'] ?? null) ? $group['$type'] : $type;
        $values = [];
        foreach ($group as $key => $child) {
            if (str_starts_with((string) $key, '$') || ! is_array($child)) {
                continue;
            }
            $path = $prefix === '' ? (string) $key : "$prefix.$key";
            if (array_key_exists('$value', $child)) {
                $values[$path] = self::value($path, is_string($child['$type'] ?? null) ? $child['$type'] : $type, $child['$value']);
            } else {
                $values += self::values($child, $path, $type);
            }
        }

        return $values;
    }

    /** @throws UnreadableTheme */
    private static function value(string $path, ?string $type, mixed $value): float|string
    {
        if (is_string($value) && Alias::target($value) !== null) {
            return $value;
        }

        return match ($type) {
            'color' => self::color($path, $value),
            'dimension' => is_array($value) && ($value['unit'] ?? '') === 'px' && is_numeric($value['value'] ?? null)
                ? (float) $value['value'] : throw UnreadableTheme::at($path, 'a dimension is {"value": number, "unit": "px"}'),
            'number' => is_numeric($value) ? (float) $value : throw UnreadableTheme::at($path, 'it is not a number'),
            default => throw UnreadableTheme::at($path, sprintf('the type "%s" is not one Ikat reads', $type)),
        };
    }

    /** @throws UnreadableTheme */
    private static function color(string $path, mixed $value): string
    {
        $space = is_array($value) && is_string($value['colorSpace'] ?? null) ? ColorSpace::tryFrom($value['colorSpace']) : null;
        $components = is_array($value) ? $value['components'] ?? null : null;
        $alpha = is_array($value) ? $value['alpha'] ?? 1 : null;
        $isNumber = static fn(mixed $v): bool => $v === 'none' || is_int($v) || is_float($v);
        if (
            $space === null
            || ! is_array($components)
            || ! array_is_list($components)
            || count($components) !== 3
            || array_filter($components, $isNumber) !== $components
            || ! is_numeric($alpha)
        ) {
            throw UnreadableTheme::at($path, 'a color is {"colorSpace": ..., "components": [three numbers]}');
        }
        $c = array_map(static fn(mixed $v): ?float => is_numeric($v) ? (float) $v : null, $components);

        return Color::in($space, $c[0], $c[1], $c[2], (float) $alpha)->hex();
    }
}
