<?php

declare(strict_types=1);

namespace Tests\Core\Compile;

use Ikat\Core\Compile\CssValue;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Exchange\PackageRules;
use Ikat\Core\Exchange\PaletteFile;
use Ikat\Core\Exchange\ThemePackage;
use Ikat\Core\Exchange\UnusablePackage;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\LookException;
use Ikat\Core\Setting\Type\ListType;
use PHPUnit\Framework\TestCase;
use Sabberworm\CSS\CSSList\AtRuleBlockList;
use Sabberworm\CSS\CSSList\CSSBlockList;
use Sabberworm\CSS\Parser;
use Sabberworm\CSS\RuleSet\RuleSet;
use Tests\Core\Fixtures;

/** No value of any setting, by any door, adds a rule or a declaration to the compiled sheet. */
final class CssSafetyTest extends TestCase
{
    private const HOSTILE = [
        '0%}body::before{content:"x";position:fixed}', 'red;}body{display:none', '#fff;color:red', '#fff/*', '*/}html{display:none}',
        'url(//evil.example/a)', 'var(--x);--y:1', "a\nb{}c:d", '\\7d body{}',
        '</style><script>alert(1)</script>', '@import "x"', 'expression(1)', '12px;--z:1', '1e400', 'px}', '{', '}', ';', '"', "'", '(',
        ')', 'linear-gradient(90deg, red 0%, blue 100%);x:y', 'rgb(0 0 0 / 50%)}a{b:c', 'none}', 'rgb(1 2 3/*}*/)',
        'linear-gradient(90deg, #fff 0%, rgb(1 2 3/*;}*/) 100%)', "#abcdef\u{0}}", "\u{2028}}", 'calc(1px + 2px)', '{brand.main}',
        '{brand.main};}',
    ];

    /** @var array<string, list<string>> by the stylesheet's hash */
    private static array $structures = [];

    public function testNoEditAddsARule(): void
    {
        $theme = Fixtures::theme();
        $catalog = Fixtures::catalog();
        $structure = self::structure(LookCompiler::compile(Fixtures::look(), $theme)->css);
        foreach (self::HOSTILE as $text) {
            $own = [];
            foreach ($catalog->all() as $path => $setting) {
                if ($setting->type instanceof ListType || str_starts_with($path, 'brand.')) {
                    continue;
                }
                try {
                    $own[$path] = $catalog->normalize($path, $text);
                } catch (LookException) {
                    continue;
                }
            }
            self::assertSame($structure, self::structure(LookCompiler::compile(Fixtures::look($own), $theme)->css), $text);
        }
    }

    public function testNoThemePackageAddsARule(): void
    {
        $tokens = (string) file_get_contents(dirname(__DIR__, 3).'/themes/millrace/1.1.0/theme.tokens.json');
        $accepted = 0;
        $baseline = [];
        foreach (self::places(json_decode($tokens, true)) as $i => $place) {
            $isOwn = in_array('own', $place, true);
            foreach ($isOwn ? self::HOSTILE : [self::HOSTILE[$i % count(self::HOSTILE)]] as $text) {
                $row = json_decode($tokens, true);
                $at = &$row;
                foreach ($place as $key) {
                    $at = &$at[$key];
                }
                $at = $text;
                unset($at);
                try {
                    $package = ThemePackage::read([PackageRules::TOKENS => (string) json_encode($row), PackageRules::STYLES => '']);
                } catch (UnusablePackage) {
                    continue;
                }
                $accepted++;
                $theme = $package->theme;
                $css = LookCompiler::compile(Fixtures::look([], null, $theme), $theme)->css;
                $plain = self::plain($theme);
                $keys = implode(' ', [...array_keys($theme->brandColors), '', ...array_keys($theme->schemes)]);
                $baseline[$keys] ??= self::structure(LookCompiler::compile(Fixtures::look([], null, $plain), $plain)->css);
                self::assertSame($baseline[$keys], self::structure($css), implode('.', $place)." = $text");
            }
        }
        self::assertGreaterThan(20, $accepted, 'words may say anything');
    }

    public function testNoPaletteFileAddsARule(): void
    {
        foreach (self::HOSTILE as $text) {
            foreach ([
                "--brand-main: $text;",
                json_encode(['brand' => ['main' => ['$type' => 'color', '$value' => $text]]]),
                "GIMP Palette\n#\n1 2 3 $text\n",
            ] as $file) {
                foreach (PaletteFile::read((string) $file)['colors'] as $value) {
                    self::assertTrue(str_starts_with($value, '{') || CssValue::isPlain(str_replace(['{', '}'], '', $value)), $value);
                    self::assertStringNotContainsString(';', $value);
                }
            }
        }
    }

    /** The same keys, with nothing of what a package says of itself. */
    private static function plain(Theme $theme): Theme
    {
        $known = Fixtures::theme();

        return new Theme(
            $theme->name,
            'T',
            '1.0.0',
            'M',
            '',
            $theme->brandColors,
            $theme->schemes,
            $known->values,
            $known->starters,
            own: $known->own,
        );
    }

    /**
     * Ways to every text and number of the tokens.
     *
     * @return list<list<string>>
     */
    private static function places(mixed $row, array $way = []): array
    {
        if (! is_array($row)) {
            return [$way];
        }
        $places = [];
        foreach ($row as $key => $child) {
            // One of many colors and starters stands for all.
            if (
                count($way) === 1
                && $way[0] === 'scheme'
                && $key !== 'night'
                || ($way[count($way) - 1] ?? '') === 'starters'
                && $key !== array_key_first($row)
            ) {
                continue;
            }
            $places = [...$places, ...self::places($child, [...$way, (string) $key])];
        }

        return $places;
    }

    /** @return list<string> "selector property", in order */
    private static function structure(string $css): array
    {
        // Most of what a package says is words that no stylesheet has: the same stylesheet is read once.
        return self::$structures[hash('xxh128', $css)] ??= self::structureOf($css);
    }

    /** @return list<string> */
    private static function structureOf(string $css): array
    {
        $found = [];
        $walk = static function (CSSBlockList $list, string $within) use (&$walk, &$found): void {
            foreach ($list->getContents() as $item) {
                if ($item instanceof CSSBlockList) {
                    $walk($item, $within.($item instanceof AtRuleBlockList ? "@{$item->atRuleName()} " : ''));
                } elseif ($item instanceof RuleSet) {
                    $name = method_exists($item, 'getSelectors')
                        ? implode(',', array_map(static fn(object $s): string => $s->getSelector(), $item->getSelectors()))
                        : 'at';
                    // A family that is chosen brings its faces: rules about fonts come and go with it.
                    if ($name === 'at') {
                        continue;
                    }
                    foreach ($item->getRules() as $rule) {
                        $found[] = "$within$name {$rule->getRule()}";
                    }
                } else {
                    $found[] = $within.get_debug_type($item);
                }
            }
        };
        $walk((new Parser($css))->parse(), '');

        return $found;
    }
}
