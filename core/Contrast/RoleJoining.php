<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Color\Color;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\SettingPath;

/** "Two buttons use another color: join them?" Where the same role shows elsewhere in another color, and whether it could follow. */
final class RoleJoining
{
    /** Roles that are meant to look the same all over a shop; grounds and what is written on them differ on purpose. */
    private const ROLES = ['action', 'quiet', 'link', 'price', 'reduced', 'rating', 'label-sale', 'label-new', 'label-gone', 'label-own'];

    /**
     * @param string $path of a scheme's role
     *
     * @return list<array{scheme: string, label: string, places: int, color: string, change: array<string, string>, faint: ?string}> schemes
     *     in which the role shows in another color; faint says what would not hold if they were joined
     */
    public static function offers(Inspection $input, string $path): array
    {
        $asked = SettingPath::of($path);
        if ($asked->set === null || $asked->set->isDark || ! in_array($asked->role, self::ROLES, true)) {
            return [];
        }
        [$scheme, $role] = [$asked->set->scheme, $asked->role];
        $palette = $input->get(SchemeColors::class);
        $color = Color::parse($input->look->text($path));
        $found = [];
        foreach ($input->theme->schemes as $other => $label) {
            $its = "scheme.$other.$role";
            $followed = in_array($its, $input->look->at($path)->chain, true);
            if ($other === $scheme || $followed || Color::parse($input->look->text($its))->hex() === $color->hex()) {
                continue;
            }
            // The role itself: what is derived from it, the ring of the focus, say, shows in many more places.
            $places = array_sum(array_map(count(...), $input->get(ReachIndex::class)->uses->of(SettingPath::property($its))));
            if ($places === 0) {
                continue;
            }
            $repair = ContrastRepair::of($input, ColorSet::of($other), $palette);
            $before = ContrastRepair::keys($repair->failing());
            $broken = array_filter(
                $repair->failing([$role => $color]),
                static fn(RolePair $p): bool => ! in_array(ContrastRepair::keys([$p])[0], $before, true),
            );
            $first = array_values($broken)[0] ?? null;
            $found[] = [
                'scheme' => $other, 'label' => $label, 'places' => $places, 'color' => $input->look->text($its),
                'change' => [$its => Alias::to($path)],
                'faint' => $first === null
                    ? null
                    : $first->title().' would have '.ContrastFinding::ratioText($repair->ratioWith($first, [$role => $color])).' : 1, '
                        .ContrastFinding::ratioText($first->target()).' needed',
            ];
        }

        return $found;
    }
}
