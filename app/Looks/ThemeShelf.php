<?php

declare(strict_types=1);

namespace App\Looks;

use Ikat\Core\Exchange\ThemeTokens;
use Ikat\Core\Look\Catalog\StorefrontCatalog;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\SettingCatalog;
use Ikat\Core\Look\Theme;

/** The themes that ship with Ikat, read from their files. */
final class ThemeShelf
{
    /** @var array<string, Theme> */
    private array $themes = [];

    /** @var array<string, SettingCatalog> by theme and items of the lists */
    private array $catalogs = [];

    public function __construct(private readonly string $folder) {}

    public function theme(string $name): Theme
    {
        return $this->themes[$name] ??= ThemeTokens::read($name, $this->contents("$name/$name.tokens.json"), $this->contents("$name/$name.folded.css"));
    }

    public function catalog(string $name, ItemLists $lists): SettingCatalog
    {
        return $this->catalogs["$name {$lists->key()}"] ??= StorefrontCatalog::for($this->theme($name), $lists);
    }

    public function stylesheet(string $name): string
    {
        return $this->contents("$name/$name.css");
    }

    /** Content-hashed file name of a theme's own stylesheet. */
    public function stylesheetName(string $name): string
    {
        return $name.'-'.substr(hash('sha256', $this->stylesheet($name)), 0, 20).'.css';
    }

    private function contents(string $file): string
    {
        $path = "{$this->folder}/$file";

        return is_file($path) ? (string) file_get_contents($path) : throw new \RuntimeException("The theme file $file is missing.");
    }
}
