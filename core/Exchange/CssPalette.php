<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorException;
use Ikat\Core\Setting\Gradient;
use Sabberworm\CSS\CSSList\AtRuleBlockList;
use Sabberworm\CSS\CSSList\CSSList;
use Sabberworm\CSS\OutputFormat;
use Sabberworm\CSS\Parser;
use Sabberworm\CSS\Parsing\SourceException;
use Sabberworm\CSS\RuleSet\DeclarationBlock;

/** Colors as custom properties of a stylesheet: what follows what as var(), the dark set in a media query. */
final class CssPalette
{
    /** @param list<PaletteEntry> $entries */
    public static function write(array $entries): string
    {
        $lines = ['' => '', 'dark' => ''];
        foreach ($entries as $entry) {
            $isDark = str_starts_with($entry->name, 'dark.');
            $property = static fn(string $name): string => '--'.str_replace('.', '-', (string) preg_replace('/^dark\./', 'scheme.', $name));
            $value = preg_replace_callback('/\{([^{}]+)\}/', static fn(array $m): string => "var({$property($m[1])})", $entry->written);
            $lines[$isDark ? 'dark' : ''] .= ($isDark ? '    ' : '  ')."{$property($entry->name)}: $value; /* "
                .PaletteFile::plain($entry->label)
                ." */\n";
        }

        return ":root {\n{$lines['']}}\n"
            .($lines['dark'] === '' ? '' : "@media (prefers-color-scheme: dark) {\n  :root {\n$lines[dark]  }\n}\n");
    }

    /**
     * @return array{array<string, string>, list<string>} name => hex, {another name of the file} or a gradient of either; and what was
     *     passed over, in words
     */
    public static function read(string $text): array
    {
        $found = $not = [];
        try {
            // Declarations that stand alone, as somebody copies them out of a rule, are read as if they stood in one.
            $sheet = (new Parser(str_contains($text, '{') ? $text : ":root{{$text}}"))->parse();
        } catch (SourceException $e) {
            $why = 'it is not a stylesheet that can be read: '.mb_substr(mb_scrub($e->getMessage()), 0, 120);

            return [[], [$why]];
        }
        $declared = self::declared($sheet, 'light');
        foreach ($declared as $key => [$set, $name, $value]) {
            // In the dark set a name means the one of that set, if it has it.
            $written = self::color((string) preg_replace_callback(
                '/var\(\s*--([\w-]+)\s*\)/',
                static fn(array $m): string => '{'.(isset($declared[self::name($set, $m[1])]) ? self::name($set, $m[1]) : $m[1]).'}',
                $value,
            ));
            if ($written === null) {
                $not[] = "--$name: “".mb_substr(mb_scrub($value), 0, 60).'”';
            } else {
                $found[$key] = $written;
            }
        }
        if ($found === [] && $not === []) {
            $not[] = 'no custom property like --main: #2c2b76 was found';
        }

        return [$found, $not];
    }

    /**
     * @param CSSList $list with rules and media queries
     * @param string $set that its rules are of: light or dark
     *
     * @return array<string, array{string, string, string}> key => [set, name, value] of every custom property; of several the last counts
     */
    private static function declared(CSSList $list, string $set): array
    {
        $found = [];
        $format = OutputFormat::create()->setSpaceAfterListArgumentSeparators([',' => ' ']);
        foreach ($list->getContents() as $item) {
            if ($item instanceof AtRuleBlockList) {
                $isDark = preg_match('/prefers-color-scheme\s*:\s*dark/', (string) $item->atRuleArgs()) === 1;
                $found = [...$found, ...self::declared($item, $isDark ? 'dark' : $set)];
            } elseif ($item instanceof DeclarationBlock) {
                foreach ($item->getRules() as $rule) {
                    if (preg_match('/^--([A-Za-z][\w-]{0,80})$/D', $rule->getRule(), $m) === 1) {
                        $value = $rule->getValue();
                        $written = trim(is_object($value) ? $value->render($format) : (string) $value);
                        $found[self::name($set, $m[1])] = [$set, $m[1], mb_substr($written, 0, 600)];
                    }
                }
            }
        }

        return $found;
    }

    /** Both sets have one name in a stylesheet, the dark one inside a media query. */
    private static function name(string $set, string $name): string
    {
        return $set === 'dark' ? 'dark-'.preg_replace('/^scheme-/', '', $name) : $name;
    }

    private static function color(string $value): ?string
    {
        if (! str_contains($value, 'gradient(')) {
            return preg_match(PaletteFile::FOLLOWS, $value) === 1 ? $value : Color::tryParse($value)?->hex();
        }
        try {
            return Gradient::parse($value)->text();
        } catch (ColorException) {
            return null;
        }
    }
}
