<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;
use Ikat\Core\Compile\SchemeStates;
use Ikat\Core\Look\Catalog\SchemeRoles;

/**
 * Mends all faint pairs of a look so that the fixes hold together.
 *
 * A role usually stands in several pairs. Each step changes the one role that mends the most at the least visible cost
 * (CIEDE2000) with every one of its pairs met and none broken; where no single role can, a ground is moved together with
 * its ink. Derived colors are computed anew after each step.
 */
final class MendAll
{
    private const STEPS = 24;
    /** Lightnesses a ground is tried at when its ink cannot be mended alone. */
    private const GROUNDS = 20;

    /** @var array<string, Color> by role, derived ones not included */
    private array $roles;

    /** @var list<array{label: string, from: string, to: string, difference: float}> */
    private array $steps = [];

    /** @var array<string, string> */
    private array $changes = [];

    /** @param list<RolePair> $pairs that the scheme shows */
    private function __construct(private readonly string $scheme, private readonly array $pairs, CheckInput $input)
    {
        $this->roles = array_combine(array_keys(SchemeRoles::ALL), array_map(static fn(string $role): Color => Color::parse($input->look->text("scheme.$scheme.$role")), array_keys(SchemeRoles::ALL)));
    }

    public static function of(CheckInput $input): Mending
    {
        $changes = $steps = $left = [];
        foreach (array_keys($input->theme->schemes) as $scheme) {
            $pairs = array_values(array_filter(PairContrast::pairs($input), static fn(RolePair $p): bool => isset($p->places[$scheme])));
            $mender = new self($scheme, $pairs, $input);
            $failing = $mender->run($input);
            $changes += $mender->changes;
            $steps = [...$steps, ...$mender->steps];
            foreach ($failing as $pair) {
                $left[] = $mender->contradiction($pair, $input->theme->schemes[$scheme]);
            }
        }

        return new Mending($changes, $steps, $left);
    }

    /** @return list<RolePair> what is still too faint */
    private function run(CheckInput $input): array
    {
        for ($i = 0; $i < self::STEPS; $i++) {
            $failing = $this->failing($this->roles);
            if ($failing === []) {
                return [];
            }
            $best = $this->best($failing);
            if ($best === null) {
                return $failing;
            }
            foreach ($best as $role => $color) {
                $path = "scheme.$this->scheme.$role";
                $this->steps[] = ['label' => $input->look->catalog->get($path)->label, 'from' => $this->roles[$role]->hex(), 'to' => $color->hex(), 'difference' => Ciede2000::difference($this->roles[$role], $color)];
                $this->changes[$path] = $color->hex();
                $this->roles[$role] = $color;
            }
        }

        return $this->failing($this->roles);
    }

    /**
     * @param array<string, Color> $roles
     *
     * @return list<RolePair>
     */
    private function failing(array $roles): array
    {
        $all = $roles + SchemeStates::of($roles);

        return array_values(array_filter($this->pairs, static fn(RolePair $p): bool => Contrast::ratio($all[$p->ink], $all[$p->ground]) < $p->target()));
    }

    /**
     * @param non-empty-list<RolePair> $failing
     *
     * @return ?array<string, Color> role => color: the change of one role, or of two, that mends the most and breaks nothing
     */
    private function best(array $failing): ?array
    {
        $keys = static fn(array $pairs): array => array_map(static fn(RolePair $p): string => "$p->ink $p->ground $p->kind ".$p->target(), $pairs);
        $before = $keys($failing);
        $best = null;
        $consider = function (array $change) use (&$best, $before, $keys): void {
            $after = $keys($this->failing([...$this->roles, ...$change]));
            if (array_diff($after, $before) !== [] || count($after) >= count($before)) {
                return;
            }
            $cost = array_sum(array_map(fn(string $role, Color $c): float => Ciede2000::difference($this->roles[$role], $c), array_keys($change), $change));
            // Cost for each pair that is mended: what mends several may be seen a little more.
            $score = $cost / (count($before) - count($after));
            if ($best === null || $score < $best[0]) {
                $best = [$score, $change];
            }
        };
        $roles = array_merge(...array_map(static fn(RolePair $p): array => [Palette::source($p->ink), Palette::source($p->ground)], $failing));
        foreach (array_unique($roles) as $role) {
            $new = ContrastFix::meeting(self::opaque($this->roles[$role]), $this->demands($role, $this->roles));
            if ($new !== null) {
                $consider([$role => $new]);
            }
        }
        if ($best === null) {
            foreach ($failing as $pair) {
                $this->together(Palette::source($pair->ink), Palette::source($pair->ground), $consider);
            }
        }

        return $best[1] ?? null;
    }

    /**
     * Moves a ground through its lightnesses and mends the ink on each.
     *
     * @param callable(array<string, Color>): void $consider
     */
    private function together(string $ink, string $ground, callable $consider): void
    {
        [, $c, $h] = $this->roles[$ground]->to(ColorSpace::Oklch)->coordinates();
        for ($i = 0; $i <= self::GROUNDS; $i++) {
            $tried = Color::parse(Color::in(ColorSpace::Oklch, $i / self::GROUNDS, $c, $h)->hex());
            $roles = [...$this->roles, $ground => $tried];
            $new = ContrastFix::meeting(self::opaque($this->roles[$ink]), $this->demands($ink, $roles));
            if ($new !== null) {
                $consider([$ground => $tried, $ink => $new]);
            }
        }
    }

    /**
     * @param array<string, Color> $roles
     *
     * @return list<array{Color, float}> what a role must hold against, derived colors of itself left out
     */
    private function demands(string $role, array $roles): array
    {
        $all = $roles + SchemeStates::of($roles);
        $demands = [];
        foreach ($this->pairs as $pair) {
            // The second voice is the ink, thinned only as far as it stays readable: what holds for the ink holds for it.
            $ink = $pair->ink === 'soft' ? 'ink' : $pair->ink;
            if ($ink === $role && Palette::source($pair->ground) !== $role) {
                $demands[] = [self::opaque($all[$pair->ground]), $pair->target()];
            } elseif ($pair->ground === $role && ! isset(SchemeStates::SOURCES[$ink])) {
                $demands[] = [self::opaque($all[$ink]), $pair->target()];
            }
        }

        return $demands;
    }

    private function contradiction(RolePair $pair, string $scheme): string
    {
        $role = Palette::source($pair->ink);
        $others = array_values(array_unique(array_map(static fn(RolePair $p): string => $p->title(), array_filter($this->pairs, static fn(RolePair $p): bool => $p !== $pair && (Palette::source($p->ink) === $role || Palette::source($p->ground) === Palette::source($pair->ground))))));

        return "$scheme: {$pair->title()} cannot be mended by hue-keeping changes without breaking ".($others === [] ? 'itself' : implode(' or ', array_slice($others, 0, 3))).'. One of these grounds has to become clearly lighter or darker.';
    }

    private static function opaque(Color $color): Color
    {
        return $color->withAlpha(1)->shown();
    }
}
