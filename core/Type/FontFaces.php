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
    /**
     * @param list<FontFamily> $families that a look speaks in
     * @param list<string> $italics keys of those that it also speaks in italic
     */
    public static function css(array $families, array $italics = []): string
    {
        $css = '';
        foreach ($families as $family) {
            foreach (in_array($family->key, $italics, true) ? [false, true] : [false] as $isItalic) {
                // Of two faces for a character browsers take the one that comes last (CSS Fonts 4, section 4.5.1).
                foreach (array_reverse($family->parts) as $part) {
                    if (! isset($family->bytes[FontFamily::file($part, $isItalic)])) {
                        continue;
                    }
                    $css .= sprintf(
                        '@font-face{font-family:"%s";%sfont-weight:%s;font-display:optional;src:url("%s") '
                            .'format("woff2")%s}',
                        $family->name,
                        $isItalic ? 'font-style:italic;' : '',
                        $family->hasWeights() ? "$family->lightest $family->heaviest" : (string) $family->lightest,
                        $family->address($part, $isItalic),
                        self::range($family, $part),
                    )."\n";
                }
                foreach (array_keys($isItalic ? $family->italicWidths : $family->averageWidths) as $weight) {
                    $css .= self::standIn($family, $weight, $isItalic)."\n";
                }
            }
        }

        return $css;
    }

    /** All families of a store, each under a name and a class of its own, to be shown on the bench: a browser fetches what is shown. */
    public static function shelf(FontSet $fonts): string
    {
        $css = '';
        foreach ($fonts->all() as $key => $family) {
            foreach (array_reverse($family->parts) as $part) {
                $css .= sprintf(
                    '@font-face{font-family:"Shelf %s";font-weight:%d %d;font-display:swap;src:url("%s") format("woff2")%s}',
                    $family->name,
                    $family->lightest,
                    $family->heaviest,
                    $family->address($part),
                    self::range($family, $part),
                )."\n";
            }
            $css .= sprintf('.shelf-%s{font-family:"Shelf %s",%s}', $key, $family->name, $family->kind->generic())."\n";
        }
        foreach (range(100, 900, 100) as $weight) {
            $css .= ".at-$weight{font-weight:$weight}\n";
        }

        return $css;
    }

    private static function range(FontFamily $family, string $part): string
    {
        return $family->isWhole ? '' : ';unicode-range:'.FontShelf::RANGES[$part];
    }

    private static function standIn(FontFamily $family, int $weight, bool $isItalic): string
    {
        $metrics = FallbackMetrics::for($family, $weight, $isItalic);

        return sprintf(
            '@font-face{font-family:"%s '
                .'stand-in";%sfont-weight:%d;src:%s;size-adjust:%s;ascent-override:%s;descent-override:%s;line-gap-override:%s}',
            $family->name,
            $isItalic ? 'font-style:italic;' : '',
            $weight,
            implode(',', array_map(static fn(string $l): string => "local(\"$l\")", $family->kind->locals($weight, $isItalic))),
            ...array_map(
                static fn(float $share): string => rtrim(rtrim(number_format($share * 100, 4, '.', ''), '0'), '.').'%',
                [$metrics->sizeAdjust, $metrics->ascentOverride, $metrics->descentOverride, $metrics->lineGapOverride],
            ),
        );
    }
}
