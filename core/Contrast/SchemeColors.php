<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Compositing;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Compile\SchemeStates;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\Gradient;
use Ikat\Core\Setting\SchemeRoles;

/**
 * Every role of every set of colors, derived ones included, and the contrast of one on another at its worst point.
 */
final class SchemeColors implements Measurement
{
    /** The ground of what lies transparent over the first band. */
    public const OVER = 'over';

    /** @var array<string, array<string, Color>> set => role => color */
    private array $colors = [];

    /** @var array<string, non-empty-list<float>> "set role beneath" => relative luminances of a ground, 0..1 */
    private array $lights = [];

    /** @var array<string, float> "set role" => 0..1 */
    private array $luminance = [];

    /** @param list<ColorSet> $sets */
    public function __construct(
        private readonly ResolvedLook $look,
        array $sets,
        private readonly HeaderBackdrop $over = new HeaderBackdrop([]),
    ) {
        foreach ($sets as $set) {
            foreach (array_keys(SchemeRoles::ALL) as $role) {
                $this->colors[$set->name][$role] = Color::parse($look->text($set->path($role)));
            }
            $this->colors[$set->name] += SchemeStates::of($this->colors[$set->name]);
        }
    }

    public static function measure(Inspection $inspection): self
    {
        return new self($inspection->look, self::sets($inspection->look, $inspection->theme), $inspection->get(HeaderBackdrop::class));
    }

    /**
     * The sets of colors a look has.
     *
     * @return list<ColorSet>
     */
    public static function sets(ResolvedLook $look, Theme $theme): array
    {
        $sets = array_map(static fn(string $scheme): ColorSet => ColorSet::of($scheme), array_keys($theme->schemes));
        $isDark = $look->catalog->has(ColorInventory::DARK) && $look->value(ColorInventory::DARK) === true;

        return $isDark ? [
            ...$sets,
            ...array_map(static fn(string $scheme): ColorSet => ColorSet::of($scheme, true), array_keys($theme->schemes)),
        ] : $sets;
    }

    public function color(ColorSet $set, string $role): Color
    {
        return $this->colors[$set->name][$role];
    }

    /** @return array<string, Color> by role, derived ones not included */
    public function roles(ColorSet $set): array
    {
        return array_intersect_key($this->colors[$set->name], SchemeRoles::ALL);
    }

    /**
     * Contrast at the worst point of the ground.
     *
     * @param list<string> $beneath grounds under a see-through one, the nearest first, as "scheme role"
     *
     * @return float 1..21, unrounded
     */
    public function ratio(ColorSet $set, string $ink, string $ground, array $beneath = []): float
    {
        $color = $this->colors[$set->name][$ink];
        if ($color->alpha < 1) {
            return min(array_map(
                static fn(Color $under): float => Contrast::ratio($color, $under),
                $this->ground($set, $ground, $beneath),
            ));
        }

        return self::worst(
            $this->luminance["$set->name $ink"] ??= Contrast::luminance($color),
            $this->lights($set, $ground, $beneath),
            $ground !== self::OVER,
        );
    }

    /**
     * The colors a ground consists of: one, or those a gradient runs through, or a picture's; see-through ones laid over
     * what is beneath.
     *
     * @param list<string> $beneath "scheme role", the nearest first
     *
     * @return non-empty-list<Color> opaque
     */
    public function ground(ColorSet $set, string $role, array $beneath = []): array
    {
        $colors = match (true) {
            $role === self::OVER => array_merge(...array_column(
                $this->over->seen($set->isDark),
                1,
            )) ?: [$this->colors[$set->name]['ground']],
            $role === 'ground'
                && $this
                ->gradient($set) !== '' => Gradient::parse($this->gradient($set))
                ->colors(fn(string $c): Color => Color::parse(
                    Alias::target($c) === null
                        ? $c
                        : $this->look->text((string) Alias::target($c)),
                )),
            default => [$this->colors[$set->name][$role]],
        };
        $found = [];
        foreach ($colors as $color) {
            foreach ($color->alpha < 1 ? $this->under($set, $beneath) : [null] as $under) {
                $found[] = $under === null ? $color : Compositing::over($color, $under);
            }
        }

        return $found;
    }

    /**
     * The darkest and the lightest of a ground: what holds against both holds against all between them, where it is not between.
     *
     * @param list<string> $beneath
     *
     * @return non-empty-list<Color> one or two
     */
    public function extremes(ColorSet $set, string $role, array $beneath = []): array
    {
        $colors = $this->ground($set, $role, $beneath);
        if (count($colors) === 1) {
            return $colors;
        }
        $lights = array_map(Contrast::luminance(...), $colors);
        $least = $colors[(int) array_search(min($lights), $lights, true)];
        $most = $colors[(int) array_search(max($lights), $lights, true)];

        return [$least, $most];
    }

    public function gradient(ColorSet $set): string
    {
        return $this->look->catalog->has($set->path('gradient')) ? $this->look->text($set->path('gradient')) : '';
    }

    /** The setting role a derived role should be mended at. */
    public static function source(string $role): string
    {
        return SchemeStates::SOURCES[$role][0] ?? $role;
    }

    /**
     * @param list<string> $beneath
     *
     * @return non-empty-list<Color>
     */
    private function under(ColorSet $set, array $beneath): array
    {
        $next = array_shift($beneath);
        if ($next === null) {
            return [Color::in(ColorSpace::Srgb, 1, 1, 1)];
        }
        [$scheme, $role] = explode(' ', $next);
        $other = $set->with($scheme);

        return isset($this->colors[$other->name][$role]) ? $this->ground($other, $role, $beneath) : $this->under($set, $beneath);
    }

    /**
     * @param list<string> $beneath
     *
     * @return non-empty-list<float>
     */
    private function lights(ColorSet $set, string $role, array $beneath): array
    {
        $key = "$set->name $role "
            .(($this->colors[$set->name][$role]->alpha ?? 1) < 1 || $this->gradient($set) !== '' ? implode(',', $beneath) : '');

        return $this->lights[$key] ??= array_map(Contrast::luminance(...), $this->ground($set, $role, $beneath));
    }

    /**
     * @param non-empty-list<float> $lights
     * @param bool $isRun whether they run into each other in this order; the places of a picture do not
     */
    private static function worst(float $ink, array $lights, bool $isRun): float
    {
        $worst = INF;
        $before = null;
        foreach ($lights as $light) {
            // Where a gradient passes from darker than the ink to lighter, somewhere it is just like it.
            if ($isRun && $before !== null && ($before < $ink) !== ($light < $ink)) {
                return 1.0;
            }
            $before = $light;
            $worst = min($worst, Contrast::ofLuminances($ink, $light));
        }

        return $worst;
    }
}
