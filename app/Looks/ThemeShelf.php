<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\BroughtTheme;
use App\Models\CurrentStore;
use Ikat\Core\Exchange\ThemeTokens;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\Theme;

/**
 * The themes that ship with Ikat, read from their files, and those a store brought in, read from its own rows; each in all its versions.
 *
 * Names and versions are looked up among what is there and never become part of a path.
 */
final class ThemeShelf
{
    /** What a look begins with, and is shown on when its own theme is gone. */
    private const FIRST = 'millrace';

    /** @var ?array<string, array<string, string>> name => version => folder, oldest version first */
    private ?array $folders = null;

    /** @var array<int, array<string, array<string, int>>> store => name => version => row, oldest version first */
    private array $rows = [];

    /** @var array<string, BroughtTheme> by name and version */
    private array $brought = [];

    /** @var array<string, Theme> by name and version */
    private array $themes = [];

    /** @var array<string, string> theme and version => name of its stylesheet */
    private array $sheets = [];

    /** @param string $shipped folder of the themes that ship with Ikat: name/version/ */
    public function __construct(private readonly string $shipped, private readonly CurrentStore $store) {}

    /** @throws MissingTheme */
    public function theme(Base $base): Theme
    {
        return $this->read($base->theme, $base->version);
    }

    /** @throws MissingTheme */
    public function newest(string $name): Theme
    {
        $versions = $this->versions($name);

        return $this->read($name, $versions[count($versions) - 1] ?? '');
    }

    /** @return list<string> oldest first */
    public function versions(string $name): array
    {
        return array_map(strval(...), array_keys($this->folders()[$name] ?? $this->rows()[$name] ?? []));
    }

    /**
     * What a look can stand on: the base itself, or what comes nearest to it of what is there.
     *
     * A theme may have been removed, and an undo may lead back to it: the look opens all the same.
     */
    public function standing(Base $base): Base
    {
        $versions = $this->versions($base->theme);
        $theme = match (true) {
            in_array($base->version, $versions, true) => $this->theme($base),
            $versions !== [] => $this->newest($base->theme),
            default => $this->newest(self::FIRST),
        };

        return $theme->version === $base->version && $theme->name === $base->theme && isset($theme->starters[$base->starter])
            ? $base
            : $theme->base($base->starter);
    }

    /** @return list<Theme> the newest version of each: those that ship with Ikat, then the store's own */
    public function all(): array
    {
        $names = array_keys($this->folders());
        usort($names, static fn(string $a, string $b): int => ($a !== self::FIRST) <=> ($b !== self::FIRST));

        return array_map($this->newest(...), [...$names, ...array_keys($this->rows())]);
    }

    /** Whether a store brought the theme in itself, and may take it away. */
    public function isBrought(string $name): bool
    {
        return isset($this->rows()[$name]);
    }

    public function has(string $name, string $version): bool
    {
        return in_array($version, $this->versions($name), true);
    }

    /** What all themes share, then what the theme says itself. */
    public function stylesheet(Theme $theme): string
    {
        return $this->contents("$this->shipped/common.css").$this->ownStylesheet($theme);
    }

    public function ownStylesheet(Theme $theme): string
    {
        return isset($this->folders()[$theme->name])
            ? $this->contents("{$this->folder($theme)}/theme.css")
            : $this->row($theme->name, $theme->version)->css;
    }

    public function tokens(Theme $theme): string
    {
        return isset($this->folders()[$theme->name])
            ? $this->contents("{$this->folder($theme)}/theme.tokens.json")
            : $this->row($theme->name, $theme->version)->tokens;
    }

    /** Content-hashed file name of a theme's stylesheet. */
    public function stylesheetName(Theme $theme): string
    {
        return $this->sheets["$theme->name $theme->version"] ??=
            $theme->name.'-'.substr(hash('sha256', $this->stylesheet($theme)), 0, 20).'.css';
    }

    /** The same of its rules for a folded menu. */
    public function foldedName(Theme $theme): string
    {
        return 'folded-'.substr(hash('sha256', $theme->foldedCss), 0, 20).'.css';
    }

    /** Forgets what was read, after the store's own shelf has changed. */
    public function forget(): void
    {
        $this->rows = $this->brought = $this->themes = $this->sheets = [];
    }

    /** @throws MissingTheme */
    private function read(string $name, string $version): Theme
    {
        // A store's own theme is another one in another store.
        $key = isset($this->folders()[$name]) ? "$name $version" : "{$this->store->id()} $name $version";

        return $this->themes[$key] ??= ThemeTokens::read(
            $name,
            isset($this->folders()[$name][$version])
                ? $this->contents("{$this->folders()[$name][$version]}/theme.tokens.json")
                : $this->row($name, $version)->tokens,
            $this->contents("$this->shipped/common.folded.css"),
        );
    }

    /** @throws MissingTheme */
    private function row(string $name, string $version): BroughtTheme
    {
        return $this->brought["{$this->store->id()} $name $version"] ??= BroughtTheme::query()->find($this->rows()[$name][$version] ?? 0)
            ?? throw MissingTheme::at($name, $version);
    }

    private function folder(Theme $theme): string
    {
        return $this->folders()[$theme->name][$theme->version] ?? throw MissingTheme::at($theme->name, $theme->version);
    }

    /** @return array<string, array<string, string>> */
    private function folders(): array
    {
        if ($this->folders === null) {
            $this->folders = [];
            foreach (glob("$this->shipped/*/*", GLOB_ONLYDIR) ?: [] as $folder) {
                $this->folders[basename(dirname($folder))][basename($folder)] = $folder;
            }
            foreach ($this->folders as &$versions) {
                uksort($versions, version_compare(...));
            }
        }

        return $this->folders;
    }

    /** @return array<string, array<string, int>> */
    private function rows(): array
    {
        $store = $this->store->id();
        if (! isset($this->rows[$store])) {
            $rows = [];
            foreach (BroughtTheme::query()->orderBy('id')->get(['id', 'name', 'version']) as $row) {
                $rows[$row->name][$row->version] = $row->id;
            }
            foreach ($rows as &$versions) {
                uksort($versions, version_compare(...));
            }
            $this->rows[$store] = $rows;
        }

        return $this->rows[$store];
    }

    private function contents(string $file): string
    {
        return is_file($file)
            ? (string) file_get_contents($file)
            : throw new \RuntimeException('The theme file '.basename($file).' is missing.');
    }
}
