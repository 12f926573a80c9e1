<?php

declare(strict_types=1);

namespace Tests\Core;

use Ikat\Core\Check\CheckInput;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\ContrastFinding;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Exchange\ThemeTokens;
use Ikat\Core\Look\Catalog\StorefrontCatalog;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Resolver;
use Ikat\Core\Look\SettingCatalog;
use Ikat\Core\Look\Theme;
use Ikat\Core\Reach\PageReader;
use Ikat\Core\Reach\Stylesheet;

/** The shipped theme and small pages to try the core on. */
final class Fixtures
{
    private static ?Theme $theme = null;

    public static function theme(): Theme
    {
        return self::$theme ??= ThemeTokens::read('millrace', (string) file_get_contents(dirname(__DIR__, 2).'/themes/millrace/millrace.tokens.json'), (string) file_get_contents(dirname(__DIR__, 2).'/themes/millrace/millrace.folded.css'));
    }

    /** @param array<string, bool|float|string> $own */
    public static function catalog(array $own = []): SettingCatalog
    {
        return StorefrontCatalog::for(self::theme(), ItemLists::in(StorefrontCatalog::lists(), [...self::theme()->layers('river-dusk'), new Layer(LayerKind::Look, 'Test', $own)]));
    }

    /** @param array<string, bool|float|string> $own */
    public static function look(array $own = [], string $starter = 'river-dusk'): ResolvedLook
    {
        return Resolver::resolve(self::catalog($own), [...self::theme()->layers($starter), new Layer(LayerKind::Look, 'Test', $own)]);
    }

    /** @param array<string, bool|float|string> $own */
    public static function input(string $css, string $body, array $own = [], string $starter = 'river-dusk', ?StoreContents $store = null): CheckInput
    {
        $look = self::look($own, $starter);
        $compiled = LookCompiler::compile($look, self::theme());
        $html = '<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>t</title></head><body>'.$body.'</body></html>';

        return new CheckInput($look, self::theme(), $compiled, PageReader::index(Stylesheet::parse($css."\n".$compiled->css), ['page' => $html]), $store ?? new StoreContents());
    }

    /** @return list<ContrastFinding> */
    public static function contrast(CheckInput $input): array
    {
        return array_values(array_filter(Checks::run($input), static fn(Finding $f): bool => $f instanceof ContrastFinding));
    }
}
