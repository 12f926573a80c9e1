<?php

declare(strict_types=1);

namespace App\Looks;

use App\Shop\CurrentStore;
use Ikat\Core\Exchange\ThemeTokens;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\Catalog\StorefrontCatalog;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\SettingCatalog;
use Ikat\Core\Look\Theme;
use Ikat\Core\Look\Wardrobe;

/** The themes that ship with Ikat and those a store brought in, each in all its versions, read from their files. */
final class ThemeShelf
{
    /** @var array<string, Theme> by folder */
    private array $themes = [];

    /** @var array<string, SettingCatalog> by folder and items of the lists */
    private array $catalogs = [];

    /**
     * @param string $shipped folder of the themes that ship with Ikat: name/version/
     * @param string $brought folder of those that stores brought in: store/name/version/
     */
    public function __construct(private readonly string $shipped, private readonly string $brought, private readonly CurrentStore $store) {}

    public function theme(Base $base): Theme
    {
        return $this->read($base->theme, $base->version);
    }

    public function newest(string $name): Theme
    {
        $versions = $this->versions($name);

        return $this->read($name, $versions[count($versions) - 1] ?? '');
    }

    /** @return list<string> oldest first */
    public function versions(string $name): array
    {
        $versions = array_map(basename(...), glob($this->folderOf($name).'/*', GLOB_ONLYDIR) ?: []);
        usort($versions, version_compare(...));

        return $versions;
    }

    /** @return list<Theme> the newest version of each: those that ship with Ikat, then the store's own */
    public function all(): array
    {
        $names = array_map(basename(...), [...(glob("$this->shipped/*", GLOB_ONLYDIR) ?: []), ...(glob($this->own().'/*', GLOB_ONLYDIR) ?: [])]);
        // Millrace is what a look begins with: it stands first.
        usort($names, static fn(string $a, string $b): int => [$a !== 'millrace', str_starts_with($a, 'own-')] <=> [$b !== 'millrace', str_starts_with($b, 'own-')]);

        return array_map($this->newest(...), array_values(array_unique($names)));
    }

    /** Whether a store brought the theme in itself, and may take it away. */
    public function isBrought(string $name): bool
    {
        return str_starts_with($name, 'own-');
    }

    public function has(string $name, string $version): bool
    {
        return in_array($version, $this->versions($name), true);
    }

    public function catalog(Base $base, ItemLists $lists, Wardrobe $wardrobe): SettingCatalog
    {
        return $this->catalogs[$this->folder($base->theme, $base->version)." {$lists->key()} {$wardrobe->key()}"] ??= StorefrontCatalog::for($this->theme($base), $lists, $wardrobe);
    }

    /** What all themes share, then what the theme says itself. */
    public function stylesheet(Theme $theme): string
    {
        return $this->contents("$this->shipped/common.css").$this->ownStylesheet($theme);
    }

    public function ownStylesheet(Theme $theme): string
    {
        return $this->contents($this->folder($theme->name, $theme->version).'/theme.css');
    }

    public function tokens(Theme $theme): string
    {
        return $this->contents($this->folder($theme->name, $theme->version).'/theme.tokens.json');
    }

    /** Content-hashed file name of a theme's stylesheet. */
    public function stylesheetName(Theme $theme): string
    {
        return $theme->name.'-'.substr(hash('sha256', $this->stylesheet($theme)), 0, 20).'.css';
    }

    /** Puts a checked theme on the store's own shelf. */
    public function bring(string $name, string $version, string $tokens, string $css): void
    {
        $folder = $this->folder($name, $version);
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }
        file_put_contents("$folder/theme.css", $css);
        // The tokens last: a folder without them holds no theme.
        file_put_contents("$folder/theme.tokens.json", $tokens);
        $this->themes = $this->catalogs = [];
    }

    public function takeAway(string $name): void
    {
        if (! $this->isBrought($name)) {
            return;
        }
        foreach ($this->versions($name) as $version) {
            array_map(unlink(...), glob($this->folder($name, $version).'/*') ?: []);
            rmdir($this->folder($name, $version));
        }
        @rmdir($this->folderOf($name));
        $this->themes = $this->catalogs = [];
    }

    private function read(string $name, string $version): Theme
    {
        $folder = $this->folder($name, $version);

        return $this->themes[$folder] ??= ThemeTokens::read($name, $this->contents("$folder/theme.tokens.json"), $this->contents("$this->shipped/common.folded.css"));
    }

    private function folder(string $name, string $version): string
    {
        return $this->folderOf($name)."/$version";
    }

    private function folderOf(string $name): string
    {
        return ($this->isBrought($name) ? $this->own() : $this->shipped)."/$name";
    }

    private function own(): string
    {
        return "$this->brought/{$this->store->id()}";
    }

    private function contents(string $file): string
    {
        return is_file($file) ? (string) file_get_contents($file) : throw new \RuntimeException('The theme file '.basename($file).' is missing.');
    }
}
