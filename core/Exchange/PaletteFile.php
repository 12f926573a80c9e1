<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;

/**
 * Named colors in open formats: CSS custom properties, design tokens (Design Tokens Format Module 2025.10), GIMP palette
 * (.gpl), and SVG swatches.
 */
final class PaletteFile
{
    /** format => [file ending, type] */
    public const FORMATS = ['css' => ['css', 'text/css'], 'tokens' => ['tokens.json', 'application/design-tokens+json'], 'gpl' => ['gpl', 'text/plain'], 'svg' => ['svg', 'image/svg+xml']];

    private const MOST_BYTES = 200_000;
    private const MOST_COLORS = 200;

    /**
     * @param array<string, array{string, string}> $colors key => [label, hex]
     * @param string $title of the palette
     */
    public static function write(string $format, array $colors, string $title): string
    {
        return match ($format) {
            'css' => ":root {\n".implode('', array_map(static fn(string $key, array $c): string => "  --brand-$key: $c[1]; /* ".self::plain($c[0])." */\n", array_keys($colors), $colors))."}\n",
            'gpl' => "GIMP Palette\nName: ".self::plain($title)."\nColumns: 5\n#\n".implode('', array_map(static fn(string $key, array $c): string => sprintf("%3d %3d %3d\t%s\n", hexdec(substr($c[1], 1, 2)), hexdec(substr($c[1], 3, 2)), hexdec(substr($c[1], 5, 2)), $key), array_keys($colors), $colors)),
            'svg' => self::svg($colors, $title),
            default => self::tokens($colors, $title),
        };
    }

    /**
     * Reads any of the formats; what it is shows in the text.
     *
     * @return array{colors: array<string, string>, not_understood: list<string>} name => hex in the order of the file, and what was passed over, in words
     */
    public static function read(string $text): array
    {
        $text = substr($text, 0, self::MOST_BYTES);
        $read = match (true) {
            str_starts_with(ltrim($text), 'GIMP Palette') => self::readGpl($text),
            str_starts_with(ltrim($text), '{') => self::readTokens($text),
            (bool) preg_match('/^\s*(<\?xml|<svg|<!--)/', $text) => self::readSvg($text),
            default => self::readCss($text),
        };

        return ['colors' => array_slice($read['colors'], 0, self::MOST_COLORS), 'not_understood' => array_slice($read['not_understood'], 0, 40)];
    }

    /** @param array<string, array{string, string}> $colors */
    private static function tokens(array $colors, string $title): string
    {
        $group = ['$type' => 'color'];
        foreach ($colors as $key => [$label, $hex]) {
            $group[$key] = ['$value' => ['colorSpace' => 'srgb', 'components' => array_map(static fn(float $v): float => round($v, 6), Color::parse($hex)->to(ColorSpace::Srgb)->numbers()), 'hex' => $hex], '$description' => $label];
        }

        return json_encode(['$description' => $title, 'brand' => $group], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @param array<string, array{string, string}> $colors */
    private static function svg(array $colors, string $title): string
    {
        $swatches = '';
        foreach (array_keys($colors) as $i => $key) {
            [$label, $hex] = $colors[$key];
            $swatches .= sprintf("  <rect id=\"%s\" x=\"%d\" y=\"0\" width=\"80\" height=\"80\" fill=\"%s\"><title>%s</title></rect>\n", $key, 80 * $i, $hex, htmlspecialchars($label, ENT_XML1));
        }

        return sprintf("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d 80\" width=\"%1\$d\" height=\"80\">\n  <title>%s</title>\n%s</svg>\n", 80 * count($colors), htmlspecialchars($title, ENT_XML1), $swatches);
    }

    /** @return array{colors: array<string, string>, not_understood: list<string>} */
    private static function readGpl(string $text): array
    {
        $colors = $not = [];
        foreach (preg_split('/\R/', $text) ?: [] as $i => $line) {
            if ($i === 0 || trim($line) === '' || preg_match('/^(#|Name:|Columns:)/', $line)) {
                continue;
            }
            if (preg_match('/^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})\s*(.*)$/', $line, $m) && max((int) $m[1], (int) $m[2], (int) $m[3]) < 256) {
                $colors = self::put($colors, trim($m[4]), sprintf('#%02x%02x%02x', $m[1], $m[2], $m[3]));
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
        $colors = $not = $written = [];
        $walk = static function (array $group, array $path, ?string $type) use (&$walk, &$colors, &$not, &$written): void {
            $type = is_string($group['$type'] ?? null) ? $group['$type'] : $type;
            foreach ($group as $key => $child) {
                if (str_starts_with((string) $key, '$') || ! is_array($child)) {
                    continue;
                }
                $at = [...$path, (string) $key];
                if (! array_key_exists('$value', $child)) {
                    $walk($child, $at, $type);

                    continue;
                }
                $value = $child['$value'];
                $kind = $child['$type'] ?? $type;
                $hex = $kind === 'color' && is_array($value) ? self::tokenColor($value) : null;
                if ($hex === null && is_string($value) && preg_match('/^\{([^{}]+)\}$/', $value, $m) && isset($written[$m[1]])) {
                    $hex = $written[$m[1]];
                }
                if ($hex === null) {
                    $not[] = implode('.', $at).(is_string($kind) && $kind !== 'color' ? ": a $kind, not a color" : ': its value is not a color that can be read');
                } else {
                    $written[implode('.', $at)] = $hex;
                    $colors = self::put($colors, (string) $key, $hex);
                }
            }
        };
        $walk($row, [], null);

        return ['colors' => $colors, 'not_understood' => $not];
    }

    /** @param array<array-key, mixed> $value */
    private static function tokenColor(array $value): ?string
    {
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

        return Color::in($space, ...$numbers)->hex();
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
        $colors = $not = [];
        foreach ($document->getElementsByTagName('*') as $element) {
            if (! in_array($element->localName, ['rect', 'circle', 'path', 'ellipse', 'polygon'], true)) {
                continue;
            }
            $color = Color::tryParse($element->getAttribute('fill'));
            $name = $element->getAttribute('id') ?: trim($element->textContent);
            if ($color === null) {
                $not[] = sprintf('<%s>%s: no plain fill', $element->localName, $name === '' ? '' : " “{$name}”");
            } else {
                $colors = self::put($colors, $name, $color->hex());
            }
        }

        return ['colors' => $colors, 'not_understood' => $not];
    }

    /** @return array{colors: array<string, string>, not_understood: list<string>} */
    private static function readCss(string $text): array
    {
        $colors = $not = [];
        $plain = (string) preg_replace('#/\*.*?\*/#s', '', $text);
        preg_match_all('/--([A-Za-z][\w-]{0,60})\s*:\s*([^;}]{1,120})/', $plain, $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $value]) {
            $color = Color::tryParse(trim($value));
            if ($color === null) {
                $not[] = "--$name: “".mb_substr(mb_scrub(trim($value)), 0, 60).'”';
            } else {
                $colors = self::put($colors, (string) preg_replace('/^(brand|color)-/', '', $name), $color->hex());
            }
        }
        if ($found === []) {
            $not[] = 'no custom property like --main: #2c2b76 was found';
        }

        return ['colors' => $colors, 'not_understood' => $not];
    }

    /**
     * @param array<string, string> $colors
     *
     * @return array<string, string>
     */
    private static function put(array $colors, string $name, string $hex): array
    {
        $name = mb_substr(mb_scrub($name), 0, 60) ?: 'color '.(count($colors) + 1);
        for ($free = $name, $i = 2; isset($colors[$free]); $i++) {
            $free = "$name $i";
        }

        return [...$colors, $free => $hex];
    }

    private static function plain(string $words): string
    {
        return (string) preg_replace('#[\x00-\x1F*/]+#', ' ', $words);
    }
}
