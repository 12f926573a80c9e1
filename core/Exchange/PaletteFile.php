<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorException;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Setting\Gradient;

/**
 * Colors in open formats: CSS custom properties and design tokens (Design Tokens Format Module 2025.10) with schemes,
 * gradients and what follows what; GIMP palette (.gpl) and SVG swatches with the brand colors alone.
 */
final class PaletteFile
{
    /** format => [file ending, type] */
    public const FORMATS = [
        'css' => ['css', 'text/css'], 'tokens' => ['tokens.json', 'application/design-tokens+json'], 'gpl' => ['gpl', 'text/plain'],
        'svg' => ['svg', 'image/svg+xml'],
    ];

    /** The format has no direction for a gradient: it stands under $extensions, as CSS writes it. */
    private const DIRECTION = 'ikat.direction';

    /** A name of the file instead of a color. */
    public const FOLLOWS = '/^\{[^{}]+\}$/';

    public const MOST_BYTES = 400_000;
    private const MOST_COLORS = 2_000;
    private const MOST_LINES = 40;

    /**
     * @param list<PaletteEntry> $entries
     * @param string $title of the palette
     */
    public static function write(string $format, array $entries, string $title): string
    {
        $brand = [];
        foreach ($entries as $entry) {
            if (str_starts_with($entry->name, 'brand.')) {
                $brand[substr($entry->name, 6)] = [$entry->label, $entry->hex];
            }
        }

        return match ($format) {
            'css' => CssPalette::write($entries),
            'gpl' => "GIMP Palette\nName: ".self::plain($title)."\nColumns: 5\n#\n".implode(
                '',
                array_map(
                    static fn(string $key, array $c): string => sprintf(
                        "%3d %3d %3d\t%s\n",
                        hexdec(substr($c[1], 1, 2)),
                        hexdec(substr($c[1], 3, 2)),
                        hexdec(substr($c[1], 5, 2)),
                        $key,
                    ),
                    array_keys($brand),
                    $brand,
                ),
            ),
            'svg' => self::svg($brand, $title),
            default => self::tokens($entries, $title),
        };
    }

    /**
     * Reads any of the formats; what it is shows in the text.
     *
     * @return array{colors: array<string, string>, not_understood: list<string>} name => hex, {another name of the file} or a gradient of
     *     either, in the order of the file; and what was passed over, in words
     */
    public static function read(string $text): array
    {
        if (strlen($text) > self::MOST_BYTES) {
            return [
                'colors' => [],
                'not_understood' => [sprintf(
                    'the file has %s KB, and at most %s KB are read: nothing of it was taken',
                    number_format(strlen($text) / 1000),
                    number_format(self::MOST_BYTES / 1000),
                )],
            ];
        }
        $read = match (true) {
            str_starts_with(ltrim($text), 'GIMP Palette') => self::readGpl($text),
            str_starts_with(ltrim($text), '{') => self::readTokens($text),
            (bool) preg_match('/^\s*(<\?xml|<svg|<!--)/', $text) => self::readSvg($text),
            default => self::followed(...CssPalette::read($text)),
        };

        $not = array_slice($read['not_understood'], 0, self::MOST_LINES);
        if (count($read['not_understood']) > self::MOST_LINES) {
            $not[] = sprintf('and %d more', count($read['not_understood']) - self::MOST_LINES);
        }
        if (count($read['colors']) > self::MOST_COLORS) {
            $not[] = sprintf('what comes after the first %s colors', number_format(self::MOST_COLORS));
        }

        return ['colors' => array_slice($read['colors'], 0, self::MOST_COLORS, true), 'not_understood' => $not];
    }

    /** @param list<PaletteEntry> $entries */
    private static function tokens(array $entries, string $title): string
    {
        $root = ['$description' => $title];
        foreach ($entries as $entry) {
            $token = ['$type' => 'color', '$value' => '', '$description' => $entry->label];
            if ($entry->hex !== '') {
                $token['$value'] = self::tokenValue($entry->written);
            } else {
                $gradient = Gradient::parse($entry->written);
                $token['$type'] = 'gradient';
                $token['$value'] = array_map(
                    static fn(array $s): array => ['color' => self::tokenValue($s['color']), 'position' => $s['at'] / 100],
                    $gradient->stops,
                );
                $token['$extensions'] = [self::DIRECTION => $gradient->course()];
            }
            $steps = explode('.', $entry->name);
            $root = array_replace_recursive(
                $root,
                array_reduce(array_reverse($steps), static fn(array $inner, string $step): array => [$step => $inner], $token),
            );
        }

        return json_encode($root, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @return string|array<string, mixed> */
    private static function tokenValue(string $written): string|array
    {
        if (preg_match(self::FOLLOWS, $written) === 1) {
            return $written;
        }
        $color = Color::parse($written)->to(ColorSpace::Srgb);

        return [
            'colorSpace' => 'srgb',
            'components' => array_map(static fn(float $v): float => round($v, 6), $color->numbers()),
            ...($color->alpha < 1 ? ['alpha' => round($color->alpha, 6)] : []),
            'hex' => substr($color->hex(), 0, 7),
        ];
    }

    /** @param array<string, array{string, string}> $colors */
    private static function svg(array $colors, string $title): string
    {
        $swatches = '';
        foreach (array_keys($colors) as $i => $key) {
            [$label, $hex] = $colors[$key];
            $swatches .= sprintf(
                "  <rect id=\"%s\" x=\"%d\" y=\"0\" width=\"80\" height=\"80\" fill=\"%s\"%s><title>%s</title></rect>\n",
                $key,
                80 * $i,
                substr($hex, 0, 7),
                strlen($hex) > 7 ? sprintf(' fill-opacity="%.3f"', hexdec(substr($hex, 7)) / 255) : '',
                htmlspecialchars($label, ENT_XML1),
            );
        }

        return sprintf(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d 80\" width=\"%1\$d\" height=\"80\">\n  "
                ."<title>%s</title>\n%s</svg>\n",
            80 * count($colors),
            htmlspecialchars($title, ENT_XML1),
            $swatches,
        );
    }

    /** @return array{colors: array<string, string>, not_understood: list<string>} */
    private static function readGpl(string $text): array
    {
        $colors = $not = $taken = [];
        foreach (preg_split('/\R/', $text) ?: [] as $i => $line) {
            if (count($colors) > self::MOST_COLORS) {
                break;
            }
            if ($i === 0 || trim($line) === '' || preg_match('/^(#|Name:|Columns:)/', $line)) {
                continue;
            }
            if (
                preg_match('/^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})\s*(.*)$/', $line, $m)
                && max((int) $m[1], (int) $m[2], (int) $m[3]) < 256
            ) {
                self::put($colors, $taken, trim($m[4]), sprintf('#%02x%02x%02x', $m[1], $m[2], $m[3]));
            } else {
                $not[] = sprintf('line %d: “%s”', $i + 1, mb_substr(mb_scrub($line), 0, 60));
            }
        }

        return ['colors' => $colors, 'not_understood' => $not];
    }

    /** @return array{colors: array<string, string>, not_understood: list<string>} */
    private static function readTokens(string $text): array
    {
        $row = json_decode($text, true, 32);
        if (! is_array($row)) {
            return ['colors' => [], 'not_understood' => ['the file is not JSON that can be read']];
        }
        $found = $not = [];
        $walk = static function (array $group, string $prefix, ?string $type) use (&$walk, &$found, &$not): void {
            $type = is_string($group['$type'] ?? null) ? $group['$type'] : $type;
            foreach ($group as $key => $child) {
                if (str_starts_with((string) $key, '$') || ! is_array($child)) {
                    continue;
                }
                if (! array_key_exists('$value', $child)) {
                    $walk($child, "$prefix$key.", $type);

                    continue;
                }
                $name = $prefix.$key;
                $kind = $child['$type'] ?? $type;
                $written = match (true) {
                    is_string($child['$value']) && preg_match(self::FOLLOWS, $child['$value']) === 1 => $child['$value'],
                    $kind === 'color' => self::tokenColor($child['$value']),
                    $kind === 'gradient' => self::tokenGradient(
                        $child['$value'],
                        is_array($child['$extensions'] ?? null) ? $child['$extensions'][self::DIRECTION] ?? '180deg' : '180deg',
                    ),
                    default => null,
                };
                if ($written === null) {
                    $not[] = $name.(is_string($kind) && ! in_array(
                        $kind,
                        ['color', 'gradient'],
                        true,
                    ) ? ": a $kind, not a color" : ': its value is not a color that can be read');
                } else {
                    $found[$name] = $written;
                }
            }
        };
        $walk($row, '', null);

        return self::followed($found, $not);
    }

    private static function tokenColor(mixed $value): ?string
    {
        if (! is_array($value)) {
            return null;
        }
        $space = ColorSpace::tryFrom(is_string($value['colorSpace'] ?? null) ? $value['colorSpace'] : '');
        $components = $value['components'] ?? null;
        if ($space === null || ! is_array($components) || count($components) !== 3) {
            return null;
        }
        $numbers = [];
        foreach ($components as $component) {
            if ($component !== 'none' && ! is_int($component) && ! is_float($component)) {
                return null;
            }
            $numbers[] = $component === 'none' ? null : (float) $component;
        }
        $alpha = $value['alpha'] ?? 1;

        return Color::in(
            $space,
            $numbers[0],
            $numbers[1],
            $numbers[2],
            is_int($alpha) || is_float($alpha) ? min(1.0, max(0.0, (float) $alpha)) : 1.0,
        )->hex();
    }

    private static function tokenGradient(mixed $value, mixed $direction): ?string
    {
        $stops = [];
        foreach (is_array($value) ? $value : [] as $stop) {
            $color = is_array($stop) ? $stop['color'] ?? null : null;
            $position = is_array($stop) ? $stop['position'] ?? null : null;
            $written = is_string($color) && preg_match(self::FOLLOWS, $color) === 1 ? $color : self::tokenColor($color);
            if ($written === null || (! is_int($position) && ! is_float($position))) {
                return null;
            }
            // Positions beyond the ends count as the ends (Design Tokens Format Module 2025.10, gradient).
            $stops[] = "$written ".round(100 * min(1, max(0, $position))).'%';
        }
        try {
            return Gradient::parse((
                is_string($direction) && str_starts_with($direction, 'circle')
                    ? 'radial'
                    : 'linear'
            ).'-gradient('.implode(
                ', ',
                [is_string($direction) ? $direction : '', ...$stops],
            ).')')->text();
        } catch (ColorException) {
            return null;
        }
    }

    /**
     * What is followed has to be in the file, and lead to a color.
     *
     * @param array<string, string> $found name => written
     * @param list<string> $not
     *
     * @return array{colors: array<string, string>, not_understood: list<string>}
     */
    private static function followed(array $found, array $not): array
    {
        $found = array_slice($found, 0, self::MOST_COLORS + 1, true);
        $known = [];
        $leads = static function (string $name) use (&$leads, &$known, $found): bool {
            if (isset($known[$name])) {
                return $known[$name];
            }
            // As long as it is not known to lead anywhere it does not: that is what a circle meets.
            $known[$name] = false;
            preg_match_all('/\{([^{}]+)\}/', $found[$name], $m);
            foreach ($m[1] as $target) {
                if (! isset($found[$target]) || str_contains($found[$target], 'gradient(') || ! $leads($target)) {
                    return false;
                }
            }

            return $known[$name] = true;
        };
        foreach (array_keys($found) as $name) {
            if (! $leads((string) $name)) {
                $not[] = "$name: what it follows is no color of this file";
                unset($found[$name]);
            }
        }

        return ['colors' => $found, 'not_understood' => $not];
    }

    /** @return array{colors: array<string, string>, not_understood: list<string>} */
    private static function readSvg(string $text): array
    {
        $before = libxml_use_internal_errors(true);
        $document = new \DOMDocument();
        $isRead = stripos($text, '<!ENTITY') === false && $document->loadXML($text, LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $isRead) {
            return ['colors' => [], 'not_understood' => ['the file is not an SVG that can be read']];
        }
        $colors = $not = $taken = [];
        foreach ($document->getElementsByTagName('*') as $element) {
            if (count($colors) > self::MOST_COLORS) {
                break;
            }
            if (! in_array($element->localName, ['rect', 'circle', 'path', 'ellipse', 'polygon'], true)) {
                continue;
            }
            $color = Color::tryParse($element->getAttribute('fill'));
            $name = $element->getAttribute('id') ?: trim($element->textContent);
            if ($color === null) {
                $not[] = sprintf('<%s>%s: no plain fill', $element->localName, $name === '' ? '' : " “{$name}”");
            } else {
                $opacity = $element->getAttribute('fill-opacity');
                self::put(
                    $colors,
                    $taken,
                    $name,
                    ($opacity === '' ? $color : $color->withAlpha(min(1.0, max(0.0, (float) $opacity))))->hex(),
                );
            }
        }

        return ['colors' => $colors, 'not_understood' => $not];
    }

    /**
     * @param array<string, string> $colors
     * @param array<string, int> $taken name => the last number it was told apart by: many of one name are not gone through again for each
     */
    private static function put(array &$colors, array &$taken, string $name, string $hex): void
    {
        $name = mb_substr(mb_scrub($name), 0, 60) ?: 'color '.(count($colors) + 1);
        for ($free = $name, $i = $taken[$name] ?? 1; isset($colors[$free]);) {
            $i++;
            $free = "$name $i";
        }
        $taken[$name] = $i;
        $colors[$free] = $hex;
    }

    /** Words that end no line and no comment of a file. */
    public static function plain(string $words): string
    {
        return (string) preg_replace('#[\x00-\x1F*/]+#', ' ', $words);
    }
}
