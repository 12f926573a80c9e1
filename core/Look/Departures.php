<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\SchemeRoles;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;

/**
 * Parts that depart from their color scheme in single roles. Such a part wears a scheme made for it alone, of which every role is
 * linked to the same role of the scheme it departs from, but for those that differ: what changes there changes here, and all of it is
 * compiled, reached and checked as any scheme is.
 */
final readonly class Departures
{
    /** Of the roles of a scheme that departs so many at least are still linked to the one it departs from. */
    private const LINKED = 0.5;

    /** What a part names that has the scheme of what is around it. */
    private const AROUND = 'around';

    /**
     * @param string $scheme key of the scheme made for the part
     * @param string $base key of the scheme it departs from
     * @param list<string> $roles in which it departs, in the order of the roles
     * @param list<Setting> $wearers settings that name it
     */
    private function __construct(public string $scheme, public string $base, public array $roles, public array $wearers) {}

    /** @return array<string, self> by scheme, in the order of the schemes */
    public static function in(ResolvedLook $look, Theme $theme): array
    {
        $found = [];
        foreach (array_map(strval(...), array_keys($theme->schemes)) as $scheme) {
            $base = SettingPath::isOwnKey($scheme) ? self::baseOf($look, $theme, $scheme) : null;
            if ($base !== null) {
                $roles = array_values(array_filter(
                    self::roles(),
                    static fn(string $role): bool => self::link($look, $scheme, $role) !== "scheme.$base.$role",
                ));
                $found[$scheme] = new self($scheme, $base, $roles, SchemeUses::of($look, $theme, $scheme));
            }
        }

        return $found;
    }

    /**
     * The changes by which a part gets a scheme of its own that is as the one it wears in every role.
     *
     * @param string $key of the new scheme
     * @param Setting $wearer names what the part wears
     * @param string $base the scheme it wears; what is around it, where it names none
     * @param string $name how the new scheme is called
     *
     * @return array<string, string> path => value
     */
    public static function begin(ResolvedLook $look, Theme $theme, string $key, Setting $wearer, string $base, string $name): array
    {
        $changes = [
            ColorInventory::SCHEMES => implode(',', [...array_keys($theme->schemes), $key]), "name.scheme.$key" => $name,
            $wearer->path => $key,
        ];
        $sets = [ColorSet::of($base), ...($look->value(ColorInventory::DARK) === true ? [ColorSet::of($base, true)] : [])];
        foreach ($sets as $set) {
            foreach (self::roles() as $role) {
                $changes[$set->with($key)->path($role)] = '{'.$set->path($role).'}';
            }
        }

        return $changes;
    }

    /**
     * The changes that bring its parts back to the scheme they departed from; the one made for them goes.
     *
     * @return array<string, string> path => value
     */
    public function end(ResolvedLook $look, Theme $theme): array
    {
        // What had the colors of what is around it has them again, and follows that from now on.
        $follows = array_filter(
            $this->wearers,
            fn(Setting $s): bool => $s->accepts(self::AROUND)
                && self::wornAt($look, $theme, (string) self::around($s->path)) === $this->base,
        );

        return SchemeUses::without(
            $look,
            $theme,
            $this->scheme,
            $this->base,
            array_fill_keys(array_map(static fn(Setting $s): string => $s->path, $follows), self::AROUND),
        );
    }

    /** @return array<string, string> path => value: the role is as in the scheme it departs from */
    public function back(string $role): array
    {
        return ["scheme.$this->scheme.$role" => '{'."scheme.$this->base.$role".'}'];
    }

    /** The scheme a part wears; what is around it, where it names none. */
    public static function wornBy(ResolvedLook $look, Theme $theme, Setting $wearer): string
    {
        return self::wornAt($look, $theme, $wearer->path);
    }

    private static function wornAt(ResolvedLook $look, Theme $theme, string $path): string
    {
        for ($at = $path; $at !== null; $at = self::around($at)) {
            if ($look->catalog->has($at) && isset($theme->schemes[$look->text($at)])) {
                return $look->text($at);
            }
        }

        return (string) array_key_first($theme->schemes);
    }

    /** The path of the setting that names the scheme around a part; null around the page itself. */
    private static function around(string $path): ?string
    {
        $item = SettingPath::of($path)->item;
        $own = $item?->path('scheme');
        if ($own !== null && $own !== $path) {
            return $own;
        }

        return match ($item->prefix ?? SettingPath::first($path)) {
            'page' => null,
            'block' => 'footer.scheme',
            'cart' => 'checkout.summary.scheme',
            'checkout' => 'checkout.form.scheme',
            'sidecart' => 'sidecart.scheme',
            'locked' => 'locked.scheme',
            default => 'page.scheme',
        };
    }

    private static function baseOf(ResolvedLook $look, Theme $theme, string $scheme): ?string
    {
        $counts = [];
        foreach (self::roles() as $role) {
            $of = SettingPath::of((string) self::link($look, $scheme, $role));
            if ($of->set !== null && ! $of->set->isDark && $of->scheme !== $scheme && $of->role === $role) {
                $counts[$of->set->scheme] = ($counts[$of->set->scheme] ?? 0) + 1;
            }
        }
        arsort($counts);
        $base = (string) array_key_first($counts);

        return $counts !== [] && isset($theme->schemes[$base]) && $counts[$base] >= self::LINKED * count(self::roles()) ? $base : null;
    }

    private static function link(ResolvedLook $look, string $scheme, string $role): ?string
    {
        return Alias::target($look->at("scheme.$scheme.$role")->written);
    }

    /** @return list<string> with the gradient of the background */
    private static function roles(): array
    {
        return [...array_keys(SchemeRoles::ALL), 'gradient'];
    }
}
