<?php

declare(strict_types=1);

namespace Tests\Core;

use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Exchange\ThemeTokens;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Palette\DarkSchemes;
use Ikat\Core\Reach\PageReader;
use Ikat\Core\Reach\Stylesheet;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Ikat\Core\Setting\SettingCatalog;

/** The shipped theme and small pages to try the core on. */
final class Fixtures
{
    /** @var array<string, Theme> */
    private static array $themes = [];

    public static function theme(string $name = 'millrace', string $version = '1.1.0'): Theme
    {
        $folder = dirname(__DIR__, 2).'/themes';

        return self::$themes["$name $version"] ??= ThemeTokens::read(
            $name,
            (string) file_get_contents("$folder/$name/$version/theme.tokens.json"),
            (string) file_get_contents("$folder/common.folded.css"),
        );
    }

    /** @return list<Theme> everything that ships */
    public static function themes(): array
    {
        return [self::theme(), self::theme('millrace', '1.0.0'), self::theme('towpath', '1.0.0'), self::theme('belfry', '1.0.0')];
    }

    /** @param array<string, bool|float|string> $own */
    public static function catalog(array $own = [], ?Theme $theme = null): SettingCatalog
    {
        $theme ??= self::theme();

        $layers = [...$theme->layers((string) array_key_first($theme->starters)), new Layer(LayerKind::Look, 'Test', $own)];

        return (new StorefrontCatalog())->of($theme, $layers);
    }

    /** @param array<string, bool|float|string> $own */
    public static function look(array $own = [], ?string $starter = null, ?Theme $theme = null): ResolvedLook
    {
        $theme ??= self::theme();

        $layers = [...$theme->layers($starter ?? (string) array_key_first($theme->starters)), new Layer(LayerKind::Look, 'Test', $own)];

        return DarkSchemes::resolve(self::catalog($own, $theme), $layers, [], ColorInventory::in($theme, $layers));
    }

    /** @param array<string, bool|float|string> $own */
    public static function input(
        string $css,
        string $body,
        array $own = [],
        ?string $starter = null,
        ?StoreContents $store = null,
        ?Theme $theme = null,
    ): Inspection {
        $theme ??= self::theme();
        $look = self::look($own, $starter, $theme);
        $theme = $theme->wearing(ColorInventory::in($theme, [new Layer(LayerKind::Look, 'Test', $own)]));
        $compiled = LookCompiler::compile($look, $theme);
        $html = '<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>t</title></head><body>'.$body.'</body></html>';

        $reach = PageReader::index(Stylesheet::parse($css."\n".$compiled->css), ['page' => $html]);

        return (new Inspection($look, $theme))->with($compiled, $reach, $store ?? new StoreContents());
    }

    /** @return array{string, string} a stylesheet and a page in which every role occurs */
    public static function everyRole(): array
    {
        $css = '.wear{background-color:var(--ground);color:var(--ink)} input{border:1px solid '
            .'var(--field-line);background-color:var(--field);color:var(--field-ink)}';
        $body = '';
        foreach (['heading', 'link', 'menu', 'price', 'reduced', 'soft'] as $role) {
            $css .= " .t-$role{color:var(--$role)}";
            $body .= "<p class=\"t-$role\">x</p>";
        }
        foreach (['action', 'quiet', 'done', 'notice', 'problem', 'label-sale', 'label-new', 'label-gone', 'label-own'] as $role) {
            $css .= " .g-$role{background-color:var(--$role);color:var(--$role-ink)}";
            $body .= "<p class=\"g-$role\">x</p>";
        }

        return [$css, $body.'<input>'];
    }

    public static function inEveryScheme(Theme $theme, string $body): string
    {
        return implode(
            '',
            array_map(static fn(string $scheme): string => "<div class=\"wear scheme-$scheme\">$body</div>", array_keys($theme->schemes)),
        );
    }

    /** @return list<ContrastFinding> */
    public static function contrast(Inspection $input): array
    {
        return array_values(array_filter(Checks::run($input), static fn(Finding $f): bool => $f instanceof ContrastFinding));
    }
}
