<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\Gradient;
use Ikat\Core\Setting\SchemeRoles;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\GradientType;

/** What the colors of a file would change in a look: told by their names, and what has none here listed or added. */
final class PaletteTaking
{
    /** Brand colors and schemes a file may add at once: more is a mistake, or a paint maker's catalog. */
    private const MOST_ADDED = 20;

    private const NAME = 24;

    /** @var array<string, string> name in the file => path here */
    private array $paths = [];

    /** @var array<string, string> path => value */
    private array $changes = [];

    /** @var list<string> in words */
    private array $added = [];

    /** @var list<string> */
    private array $unnamed = [];

    /** @param array<string, string> $colors as PaletteFile::read() gives them */
    private function __construct(
        private readonly ResolvedLook $look,
        private readonly Theme $theme,
        private readonly LookState $own,
        private readonly array $colors,
    ) {}

    /**
     * @param array<string, string> $colors name => hex, {another name} or a gradient
     * @param LookState $own the look's own changes
     * @param bool $adds whether what has no name here becomes a brand color or a scheme
     *
     * @return array{changes: array<string, string|bool>, taken: list<string>, same: int, unnamed: list<string>} path => value; what is
     *     changed or added, in words; how many were here already; names of what was left
     */
    public static function of(ResolvedLook $look, Theme $theme, LookState $own, array $colors, bool $adds): array
    {
        $taking = new self($look, $theme, $own, $colors);
        $taking->match();
        if ($adds) {
            $taking->addSchemes();
            $taking->addBrandColors();
        }

        return $taking->result();
    }

    private function match(): void
    {
        $known = [];
        foreach (PaletteEntry::names($this->look, $this->theme) as $path => $name) {
            $known[$name] = $known[str_replace('.', '-', $name)] = $path;
        }
        foreach ($this->theme->brandColors as $key => $label) {
            foreach ([(string) $key, PaletteEntry::plain($label)] as $short) {
                $known[$short] ??= "brand.$key";
            }
        }
        // A look without a second set for dark surroundings gets one: its names are those of the schemes.
        foreach ($known as $name => $path) {
            $its = SettingPath::of($path);
            if ($its->set !== null && ! $its->set->isDark) {
                $known[(string) preg_replace(
                    '/^scheme/',
                    'dark',
                    (string) $name,
                )] ??= ColorSet::of($its->set->scheme, true)->path($its->role);
            }
        }
        foreach (array_keys($this->colors) as $name) {
            $name = (string) $name;
            $plain = strtolower(trim($name));
            $path = $known[$plain] ?? null;
            // Other makers' names: a group around, a prefix before, spaces within.
            if ($path === null && ! preg_match('/^(scheme|dark)[.-]/', $plain)) {
                $last = (string) preg_replace('/^.*\.|^(brand|color)-/', '', $plain);
                $path = $known[$last] ?? $known[PaletteEntry::plain($last)] ?? null;
            }
            if ($path === null || in_array($path, $this->paths, true)) {
                $this->unnamed[] = $name;
            } else {
                $this->paths[$name] = $path;
            }
        }
    }

    /** Schemes of the file that the look has not, if they fill every role. */
    private function addSchemes(): void
    {
        $groups = [];
        foreach ($this->unnamed as $name) {
            if (preg_match(
                '/^(scheme|dark)[.-]([a-z0-9-]+?)[.-]('.implode('|', [...array_keys(SchemeRoles::ALL), 'gradient']).')$/',
                $name,
                $m,
            )) {
                $groups[$m[2]][$m[1]][$m[3]] = $name;
            }
        }
        $added = [];
        foreach ($groups as $called => $sets) {
            if (
                count($added) === self::MOST_ADDED
                || array_diff_key(SchemeRoles::ALL, $sets['scheme'] ?? []) !== []
                || ! $this->areOfTheirKind($sets)
            ) {
                continue;
            }
            $key = $this->free('scheme', $added);
            $added[$key] = self::label((string) $called);
            foreach ($sets as $set => $roles) {
                foreach (array_intersect_key($roles, SchemeRoles::ALL + ['gradient' => true]) as $role => $name) {
                    $this->paths[$name] = "$set.$key.$role";
                }
            }
        }
        $this->enter(ColorInventory::SCHEMES, 'scheme', $this->theme->schemes, $added);
    }

    /** @param array<string, array<string, string>> $sets set => role => name in the file */
    private function areOfTheirKind(array $sets): bool
    {
        foreach ($sets as $roles) {
            foreach ($roles as $role => $name) {
                if (($role === 'gradient') !== str_contains($this->colors[$name], 'gradient(')) {
                    return false;
                }
            }
        }

        return true;
    }

    private function addBrandColors(): void
    {
        $added = [];
        foreach (array_diff($this->unnamed, array_keys($this->paths)) as $name) {
            if (count($added) === self::MOST_ADDED) {
                break;
            }
            if (preg_match('/^(scheme|dark)[.-]/', $name) || str_contains($this->colors[$name], 'gradient(')) {
                continue;
            }
            $key = $this->free('brand', $added);
            $added[$key] = self::label((string) preg_replace('/^.*\.|^(brand|color)-/', '', $name));
            $this->paths[$name] = "brand.$key";
        }
        $this->enter(ColorInventory::BRAND, 'brand', $this->theme->brandColors, $added);
    }

    /**
     * @param 'brand'|'scheme' $prefix
     * @param array<string, string> $labels those there are
     * @param array<string, string> $added key => label
     */
    private function enter(string $list, string $prefix, array $labels, array $added): void
    {
        if ($added !== []) {
            $this->changes[$list] = implode(',', [...array_keys($labels), ...array_keys($added)]);
            foreach ($added as $key => $label) {
                $this->changes["name.$prefix.$key"] = $label;
                $this->added[] = "$label, a new ".($prefix === 'brand' ? 'brand color' : 'scheme');
            }
        }
    }

    /** @param array<string, string> $added */
    private function free(string $prefix, array $added): string
    {
        return ColorInventory::freeKey(
            $prefix,
            LookState::of([
                ...$this->own->own,
                ...array_combine(array_map(static fn(string $k): string => "$prefix.$k", array_keys($added)), $added),
            ]),
        );
    }

    /** @return array{changes: array<string, string|bool>, taken: list<string>, same: int, unnamed: list<string>} */
    private function result(): array
    {
        $taken = [];
        $same = 0;
        $changes = $this->changes;
        foreach ($this->paths as $name => $path) {
            $value = (string) preg_replace_callback(
                '/\{([^{}]+)\}/',
                fn(array $m): string => isset($this->paths[$m[1]]) ? Alias::to($this->paths[$m[1]]) : $this->hex($m[1]),
                $this->colors[$name],
            );
            if (str_contains($value, 'gradient(')) {
                $value = Gradient::parse($value)->text();
            }
            $isNew = ! $this->look->catalog->has($path);
            if (! $isNew && $this->isGradient($path) !== str_contains($value, 'gradient(')) {
                unset($this->paths[$name]);
                $this->unnamed[] = (string) $name;

                continue;
            }
            if ($isNew) {
                $changes[$path] = $value;
            } elseif ((string) $this->look->at($path)->written !== $value) {
                $changes[$path] = $value;
                $taken[] = $this->look->catalog->get($path)->label;
            } else {
                // What it is already is left to the layers below.
                $same++;
            }
        }
        if (
            $this->look->value(ColorInventory::DARK) !== true
            && array_filter(array_keys($changes), static fn(string $p): bool => SettingPath::of($p)->set?->isDark === true) !== []
        ) {
            $changes[ColorInventory::DARK] = true;
            $this->added[] = 'colors of their own in dark surroundings';
        }

        return [
            'changes' => $changes,
            'taken' => [...$taken, ...$this->added],
            'same' => $same,
            'unnamed' => array_values(array_diff($this->unnamed, array_keys($this->paths))),
        ];
    }

    private function isGradient(string $path): bool
    {
        return $this->look->catalog->get($path)->type instanceof GradientType;
    }

    /** The color a name of the file leads to. */
    private function hex(string $name): string
    {
        $written = $this->colors[$name];

        return preg_match('/^\{([^{}]+)\}$/', $written, $m) ? $this->hex($m[1]) : $written;
    }

    private static function label(string $name): string
    {
        return mb_substr(mb_strtoupper(mb_substr($name, 0, 1)).mb_substr(str_replace(['-', '.', '_'], ' ', $name), 1), 0, self::NAME);
    }
}
