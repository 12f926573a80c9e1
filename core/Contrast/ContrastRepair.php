<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;
use Ikat\Core\Compile\SchemeStates;
use Ikat\Core\Setting\ColorSet;

/**
 * Finds changes of one set's roles that meet all targets of what they change and break no other pair.
 *
 * A demand of a pair forbids an interval of luminance around the other color's; where the intervals of a role join, the
 * nearest colors that hold lie on the rims (ContrastFix::meeting). Derived colors are computed anew for every change that is
 * tried, so that what is told was really measured.
 */
final class ContrastRepair
{
    /** Lightnesses a ground is tried at when its ink cannot be fixed alone. */
    private const GROUNDS = 20;

    /** Steps to each side of the best of them that are tried then. */
    private const FINER = 7;

    /** Aimed higher when derived states did not follow far enough at once. */
    private const SLACKS = [1.0, 1.04, 1.12];

    /** How much more of a ground is seen than of what is written on it (common practice, no source). */
    private const GROUND = 4;

    /** @var array<string, int> by role */
    private array $weights = [];

    /** @var array<string, Color> by role, derived ones not included */
    public array $roles;

    /** @var \WeakMap<Color, float> relative luminances of colors that were measured */
    private \WeakMap $lights;

    /** @var array<string, array{list<Color>, Color}> by state: what it was last derived from, and what came out */
    private array $derived = [];

    /** @var ?list<RolePair> as the roles are by now */
    private ?array $failing = null;

    /** @var array<string, ?Color> by a color and its demands: step by step, most of them stay as they were */
    private array $met = [];

    /** @param list<RolePair> $pairs that the set's scheme shows */
    public function __construct(public readonly ColorSet $set, private readonly array $pairs, private readonly SchemeColors $palette)
    {
        $this->roles = $palette->roles($set);
        $this->lights = new \WeakMap();
    }

    public static function of(Inspection $input, ColorSet $set, SchemeColors $palette): self
    {
        $worn = $input->get(RolePairs::class);

        return new self(
            $set,
            array_values(array_filter(
                PairContrast::pairs($input),
                static fn(RolePair $p): bool => $p->kind !== 'none'
                    && ($p->ground === SchemeColors::OVER ? isset($p->places[$set->scheme]) : $worn->isWorn($p, $set->scheme)),
            )),
            $palette,
        );
    }

    /**
     * @param array<string, Color> $change role => color
     *
     * @return list<RolePair> what would be too faint
     */
    public function failing(array $change = []): array
    {
        return $change === [] ? $this->failing ??= $this->tooFaint($this->roles) : $this->tooFaint([...$this->roles, ...$change]);
    }

    /**
     * @param array<string, Color> $roles
     *
     * @return list<RolePair>
     */
    private function tooFaint(array $roles): array
    {
        $all = $this->all($roles);

        return array_values(array_filter($this->pairs, fn(RolePair $p): bool => $this->ratio($p, $all) < $p->target()));
    }

    /**
     * The least visible change of one role with which all its pairs hold and none breaks.
     *
     * @return ?array<string, Color> role => color
     */
    public function one(string $role): ?array
    {
        $failing = self::keys($this->failing());
        foreach (self::SLACKS as $slack) {
            $new = $this->meeting(self::opaque($this->roles[$role]), $this->demands($role, $this->roles, $slack));
            if ($new === null) {
                return null;
            }
            $after = self::keys($this->failing([$role => $new]));
            if (array_diff($after, $failing) === [] && count($after) < count($failing)) {
                return [$role => $new];
            }
        }

        return null;
    }

    /**
     * The least visible change of a ground and an ink together.
     *
     * @return ?array<string, Color> role => color
     */
    public function two(string $ink, string $ground): ?array
    {
        if ($ink === $ground || $this->runs($ground)) {
            return null;
        }
        $failing = self::keys($this->failing());
        $best = null;
        foreach ([range(0, self::GROUNDS), range(-self::FINER, self::FINER)] as $round => $steps) {
            $from = $best[2] ?? 0.0;
            if ($round === 1 && $best === null) {
                break;
            }
            foreach ($steps as $step) {
                $best = $this->tried(
                    $ink,
                    $ground,
                    $round === 0 ? $step / self::GROUNDS : $from + $step / self::GROUNDS / (self::FINER + 1),
                    $failing,
                    $best,
                );
            }
        }

        return $best[1] ?? null;
    }

    /**
     * A ground at a lightness, and the least its ink must change for it.
     *
     * @param list<string> $failing before
     * @param ?array{float, array<string, Color>, float} $best so far: cost, change, lightness
     *
     * @return ?array{float, array<string, Color>, float}
     */
    private function tried(string $ink, string $ground, float $lightness, array $failing, ?array $best): ?array
    {
        [, $c, $h] = $this->roles[$ground]->to(ColorSpace::Oklch)->coordinates();
        $tried = Color::parse(Color::in(ColorSpace::Oklch, max(0.0, min(1.0, $lightness)), $c, $h)->hex());
        // What already costs more by its ground alone need not be looked at.
        if ($best !== null && $this->cost([$ground => $tried]) >= $best[0]) {
            return $best;
        }
        $new = $this->meeting(self::opaque($this->roles[$ink]), $this->demands($ink, [...$this->roles, $ground => $tried]));
        if ($new === null) {
            return $best;
        }
        $change = [$ground => $tried, $ink => $new];
        $cost = $this->cost($change);
        if ($best !== null && $cost >= $best[0]) {
            return $best;
        }
        $after = self::keys($this->failing($change));

        return array_diff($after, $failing) === [] && count($after) < count($failing) ? [$cost, $change, $lightness] : $best;
    }

    /** @param array<string, Color> $change role => color */
    public function cost(array $change): float
    {
        return array_sum(array_map(
            fn(string $role, Color $c): float => Ciede2000::difference($this->roles[$role], $c),
            array_keys($change),
            $change,
        ));
    }

    /**
     * How visible a change is in the whole shop: each role's difference, as often as the role is seen. A ground is seen around
     * everything that stands on it.
     *
     * @param array<string, Color> $change role => color
     *
     * @return float CIEDE2000 times places
     */
    public function visibility(array $change): float
    {
        return array_sum(array_map(
            fn(string $role, Color $c): float => Ciede2000::difference($this->roles[$role], $c) * $this->weight($role),
            array_keys($change),
            $change,
        ));
    }

    /**
     * Whether a change mends a pair and breaks none.
     *
     * @param array<string, Color> $change role => color
     */
    public function holds(RolePair $pair, array $change): bool
    {
        $after = $this->failing($change);

        return ! in_array($pair, $after, true) && array_diff(self::keys($after), self::keys($this->failing())) === [];
    }

    /** A role's color as it is mended by now, derived roles too. */
    public function color(string $role): Color
    {
        return $this->all($this->roles)[$role];
    }

    /** @param array<string, Color> $change role => color */
    public function take(array $change): void
    {
        $this->roles = [...$this->roles, ...$change];
        $this->failing = null;
    }

    /** Whether a ground is a gradient or a picture, which no change of a role moves. */
    public function runs(string $ground): bool
    {
        return $ground === SchemeColors::OVER || ($ground === 'ground' && $this->palette->gradient($this->set) !== '');
    }

    /**
     * The colors a role must hold against, those derived from itself left out.
     *
     * @param array<string, Color> $roles
     *
     * @return list<array{Color, float}> opaque color, contrast ratio
     */
    public function demands(string $role, array $roles, float $slack = 1.0): array
    {
        $all = $this->all($roles);
        $demands = [];
        foreach ($this->pairs as $pair) {
            // The second voice is the ink, thinned only as far as it stays readable: what holds for the ink holds for it.
            $ink = $pair->ink === 'soft' ? 'ink' : $pair->ink;
            $target = min(21.0, $pair->target() * ($slack > 1.0 && $this->isDerived($pair) ? $slack : 1.0));
            if ($ink === $role && ($this->runs($pair->ground) || SchemeColors::source($pair->ground) !== $role)) {
                foreach ($this->grounds($pair, $all) as $ground) {
                    $demands[] = [$ground, $target];
                }
            } elseif ($pair->ground === $role && ! $this->runs($role) && ! isset(SchemeStates::SOURCES[$ink])) {
                $demands[] = [self::opaque($all[$ink]), $target];
            } elseif ($slack > 1.0 && SchemeColors::source($pair->ground) === $role && ! isset(SchemeStates::SOURCES[$ink])) {
                $demands[] = [self::opaque($all[$ink]), $target];
            }
        }

        return $demands;
    }

    /** @param list<array{Color, float}> $demands opaque color, contrast ratio */
    private function meeting(Color $color, array $demands): ?Color
    {
        $asked = array_map(fn(array $d): string => $this->light($d[0])." $d[1]", $demands);
        $key = implode(' ', $color->numbers()).' '.implode(' ', $asked);

        return array_key_exists($key, $this->met) ? $this->met[$key] : $this->met[$key] = ContrastFix::meeting($color, $demands);
    }

    /** Which pairs stand in the way of mending one, and what would have to give. */
    public function contradiction(RolePair $pair, string $scheme): string
    {
        $role = SchemeColors::source($pair->ink);
        $others = array_values(array_unique(array_map(static fn(RolePair $p): string => $p->title(), array_filter(
            $this->pairs,
            static fn(RolePair $p): bool => $p !== $pair
                && $p->title() !== $pair->title()
                && (SchemeColors::source($p->ink) === $role || SchemeColors::source($p->ground) === SchemeColors::source($pair->ground)),
        ))));
        $gives = $this->runs($pair->ground)
            ? (
                $pair->ground === SchemeColors::OVER
                    ? 'Another picture, a stronger tint or another scheme over it has to give.'
                    : 'The gradient runs from too dark to too light: its ends have to come nearer to each other.'
            )
            : 'One of these grounds has to become clearly lighter or darker.';

        return "$scheme: {$pair->title()} cannot be fixed with its hue kept".($others === [] ? '' : ' without breaking '.implode(
            ' or ',
            array_slice($others, 0, 3),
        )).". $gives";
    }

    /**
     * @param list<RolePair> $pairs
     *
     * @return list<string>
     */
    public static function keys(array $pairs): array
    {
        return array_map(static fn(RolePair $p): string => "$p->ink $p->ground $p->kind ".$p->target(), $pairs);
    }

    private function weight(string $role): int
    {
        return $this->weights[$role] ??= max(1, array_sum(array_map(fn(RolePair $p): int
            => SchemeColors::source($p->ink) === $role || SchemeColors::source($p->ground) === $role
            ? array_sum(array_map(
                count(...),
                $p->places[$this->set->scheme] ?? [],
            )) * (SchemeColors::source($p->ground) === $role ? self::GROUND : 1) : 0, $this->pairs)));
    }

    private function isDerived(RolePair $pair): bool
    {
        return isset(SchemeStates::SOURCES[$pair->ground]) || isset(SchemeStates::SOURCES[$pair->ink]);
    }

    /**
     * @param array<string, Color> $all roles and derived ones
     *
     * @return non-empty-list<Color> opaque
     */
    private function grounds(RolePair $pair, array $all): array
    {
        if (! $this->runs($pair->ground) && $all[$pair->ground]->alpha === 1.0) {
            return [$all[$pair->ground]];
        }
        $found = [];
        foreach (($this->beneath($pair)) as $beneath) {
            $found = [...$found, ...$this->palette->extremes($this->set, $pair->ground, $beneath)];
        }

        return $found;
    }

    /** @return non-empty-list<list<string>> */
    private function beneath(RolePair $pair): array
    {
        return array_values($pair->beneath[$this->set->scheme] ?? []) ?: [[]];
    }

    /**
     * What a pair's contrast would be.
     *
     * @param array<string, Color> $change role => color
     */
    public function ratioWith(RolePair $pair, array $change): float
    {
        $roles = [...$this->roles, ...$change];

        return $this->ratio($pair, $this->all($roles));
    }

    /**
     * Roles with those derived from them; only what comes from a color that changed is derived anew.
     *
     * @param array<string, Color> $roles
     *
     * @return array<string, Color>
     */
    private function all(array $roles): array
    {
        foreach (SchemeStates::SOURCES as $state => $sources) {
            $from = array_map(static fn(string $role): Color => $roles[$role], $sources);
            if (($this->derived[$state][0] ?? null) !== $from) {
                $this->derived[$state] = [$from, SchemeStates::one($state, $roles)];
            }
            $roles[$state] = $this->derived[$state][1];
        }

        return $roles;
    }

    private function light(Color $color): float
    {
        return $this->lights[$color] ??= Contrast::luminance($color);
    }

    /** @param array<string, Color> $all roles and derived ones */
    private function ratio(RolePair $pair, array $all): float
    {
        $ink = $all[$pair->ink];
        if (! $this->runs($pair->ground)) {
            $ground = $all[$pair->ground];
            if ($ground->alpha === 1.0) {
                return $ink->alpha === 1.0
                    ? Contrast::ofLuminances($this->light($ink), $this->light($ground))
                    : Contrast::ratio($ink, $ground);
            }
        }
        if ($ink === ($this->palette->roles($this->set)[$pair->ink] ?? null)) {
            return $pair->ratio($this->palette, $this->set);
        }
        $worst = INF;
        $before = null;
        foreach ($this->beneath($pair) as $beneath) {
            foreach ($this->palette->ground($this->set, $pair->ground, $beneath) as $ground) {
                $side = Contrast::luminance($ground) < Contrast::luminance($ink);
                if ($this->runs($pair->ground) && $before !== null && $before !== $side && $pair->ground !== SchemeColors::OVER) {
                    return 1.0;
                }
                $before = $side;
                $worst = min($worst, Contrast::ratio($ink, $ground));
            }
        }

        return $worst;
    }

    private static function opaque(Color $color): Color
    {
        return $color->withAlpha(1)->shown();
    }
}
