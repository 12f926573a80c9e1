<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Setting\Type\RangeType;

/**
 * Mends all faint pairs of a look so that the fixes hold together.
 *
 * Set by set, each step changes the one role that mends the most and is least seen in the whole shop (CIEDE2000, as often as the
 * role shows) with every one of its pairs met and none broken; where no single role can, a ground is moved together with its ink. What no
 * ink mends over a
 * picture gets the thinnest veil that does.
 */
final class RepairAll
{
    private const STEPS = 24;

    public static function of(Inspection $input): RepairPlan
    {
        $changes = $steps = $left = $repairs = [];
        $palette = $input->get(SchemeColors::class);
        foreach (SchemeColors::sets($input->look, $input->theme) as $set) {
            $repair = $repairs[$set->name] = ContrastRepair::of($input, $set, $palette);
            for ($i = 0; $i < self::STEPS && ($best = self::best($repair)) !== null; $i++) {
                foreach ($best as $role => $color) {
                    $steps[] = [
                        'label' => $input->look->catalog->get($set->path($role))->label,
                        'from' => $repair->roles[$role]->hex(),
                        'to' => $color->hex(),
                        'says' => $color->hex(),
                        'difference' => Ciede2000::difference($repair->roles[$role], $color),
                    ];
                    $changes[$set->path($role)] = $color->hex();
                }
                $repair->take($best);
            }
        }
        $veil = self::veil($input, $repairs);
        if ($veil !== null && $input->get(HeaderBackdrop::class)->veilPath !== null) {
            $path = $input->get(HeaderBackdrop::class)->veilPath;
            $changes[$path] = $veil->inWords();
            $steps[] = [
                'label' => $input->look->catalog->get($path)->label,
                'from' => $input->get(HeaderBackdrop::class)->seen(false)[0][1][0]->hex(),
                'to' => $input->get(HeaderBackdrop::class)->seen(false, $veil->strength)[0][1][0]->hex(),
                'says' => $veil->inWords(),
                'difference' => $veil->difference,
            ];
        }
        foreach ($repairs as $repair) {
            foreach ($repair->failing() as $pair) {
                if ($veil === null || $pair->ground !== SchemeColors::OVER) {
                    $left[] = $repair->contradiction($pair, $input->theme->schemes[$repair->set->scheme]);
                }
            }
        }

        return new RepairPlan($changes, $steps, array_values(array_unique($left)));
    }

    /**
     * The veil that mends what inks could not, with all inks as they are mended by then.
     *
     * @param array<string, ContrastRepair> $repairs by set
     */
    private static function veil(Inspection $input, array $repairs): ?PictureTint
    {
        $under = $input->get(HeaderBackdrop::class);
        $isLeft = array_filter(
            $repairs,
            static fn(ContrastRepair $m): bool => array_filter(
                $m->failing(),
                static fn(RolePair $p): bool => $p->ground === SchemeColors::OVER,
            ) !== [],
        ) !== [];
        $bounds = $under->veilPath === null ? null : $input->look->catalog->get($under->veilPath)->type;
        if (! $bounds instanceof RangeType || ! $isLeft) {
            return null;
        }

        return PictureTint::thinnest(
            $under,
            $bounds,
            array_map(
                static fn(array $p): array => [$repairs[$p[0]->name]->color($p[1]->ink), $p[1]->target(), $p[0]->isDark],
                PairContrast::over($input),
            ),
        );
    }

    /** @return ?array<string, Color> role => color: the change of one role, or of two, that mends the most and breaks nothing */
    private static function best(ContrastRepair $repair): ?array
    {
        $failing = $repair->failing();
        $roles = array_unique(array_merge(
            [],
            ...array_map(
                static fn(RolePair $p): array => $repair->runs($p->ground)
                    ? [SchemeColors::source($p->ink)]
                    : [SchemeColors::source($p->ink), SchemeColors::source($p->ground)],
                $failing,
            ),
        ));
        $found = array_filter(array_map($repair->one(...), $roles));
        if ($found === []) {
            $found = array_filter(array_map(
                static fn(RolePair $p): ?array => $repair->two(
                    SchemeColors::source($p->ink),
                    $p->ground === SchemeColors::OVER ? 'ground' : SchemeColors::source($p->ground),
                ),
                $failing,
            ));
        }
        $best = null;
        foreach ($found as $change) {
            // How much of it is seen for each pair that is mended: what mends several may be seen a little more.
            $score = $repair->visibility($change) / (count($failing) - count($repair->failing($change)));
            if ($best === null || $score < $best[0]) {
                $best = [$score, $change];
            }
        }

        return $best[1] ?? null;
    }
}
