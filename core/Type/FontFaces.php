<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/**
 * The @font-face rules a stylesheet needs for its families.
 *
 * Display is "optional": text is readable at once in the stand-in, and a font that comes too late waits for the next
 * page, so nothing ever moves under the reader (CSS Fonts 4, font-display).
 */
final class FontFaces
{
    /** @param list<string> $keys */
    public static function css(array $keys): string
    {
        $css = '';
        foreach ($keys as $key) {
            $family = FontShelf::get($key);
            // Of two faces for a character browsers take the one that comes last (CSS Fonts 4, section 4.5.1).
            foreach (array_reverse($family->parts) as $part) {
                $css .= sprintf(
                    '@font-face{font-family:"%s";font-weight:%s;font-display:optional;src:url("%s") format("woff2");unicode-range:%s}',
                    $family->name,
                    $family->hasWeights() ? "$family->lightest $family->heaviest" : (string) $family->lightest,
                    self::address($key, $part),
                    FontShelf::RANGES[$part],
                )."\n";
            }
            foreach (array_keys($family->averageWidths) as $weight) {
                $css .= self::standIn($family, $weight)."\n";
            }
        }

        return $css;
    }

    public static function address(string $key, string $part = 'latin'): string
    {
        return "/fonts/$key-$part.woff2";
    }

    private static function standIn(FontFamily $family, int $weight): string
    {
        $metrics = FallbackMetrics::for($family, $weight);

        return sprintf(
            '@font-face{font-family:"%s '
                .'stand-in";font-weight:%d;src:%s;size-adjust:%s;ascent-override:%s;descent-override:%s;line-gap-override:%s}',
            $family->name,
            $weight,
            implode(',', array_map(static fn(string $l): string => "local(\"$l\")", $family->kind->locals($weight))),
            ...array_map(
                static fn(float $share): string => rtrim(rtrim(number_format($share * 100, 4, '.', ''), '0'), '.').'%',
                [$metrics->sizeAdjust, $metrics->ascentOverride, $metrics->descentOverride, $metrics->lineGapOverride],
            ),
        );
    }
}
