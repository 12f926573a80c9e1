<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\RangeType;

/**
 * Computes the ways to mend a contrast finding, the least visible first. Each meets all targets of the role it changes and
 * breaks no pair, in any set of colors it reaches.
 */
final class ContrastFixes
{
    private const MOST = 4;

    /** @var array<string, ContrastRepair> by set */
    private array $repairs = [];

    private readonly SchemeColors $palette;

    public function __construct(private readonly Inspection $input)
    {
        $this->palette = $input->get(SchemeColors::class);
    }

    /** @return list<Fix> */
    public static function for(ContrastFinding $finding, Inspection $input): array
    {
        return (new self($input))->of($finding);
    }

    /** @return list<Fix> empty when nothing mends it: why() says what stands in the way */
    public function of(ContrastFinding $finding): array
    {
        $ink = self::role($finding->inkPath);
        $ground = self::role($finding->groundPath);
        $repair = $this->repair($finding);
        $one = $repair->one($ink);
        $fixes = [$this->own('ink', $finding, $one), $this->followed('ink', $finding, $finding->inkPath, $one[$ink] ?? null)];
        if (! $repair->runs($finding->pair->ground) && $ground !== $ink) {
            $other = $repair->one($ground);
            $fixes[] = $this->own('ground', $finding, $other);
            $fixes[] = $this->followed('ground', $finding, $finding->groundPath, $other[$ground] ?? null);
        }
        $fixes[] = $this->followAnother($finding);
        $fixes[] = $this->veiled($finding);
        $fixes = array_values(array_filter($fixes));
        if ($fixes === []) {
            $fixes = array_filter([$this->own('both', $finding, $repair->two($ink, $ground))]);
        }
        usort($fixes, static fn(Fix $a, Fix $b): int => $a->difference <=> $b->difference);

        return array_slice($fixes, 0, self::MOST);
    }

    /** The pairs that contradict each other where nothing mends a finding, and what would have to give. */
    public function why(ContrastFinding $finding): string
    {
        return $this->repair($finding)->contradiction($finding->pair, $this->input->theme->schemes[$finding->scheme]);
    }

    private function repair(ContrastFinding $finding): ContrastRepair
    {
        // A pair that no part wears is not among those of its scheme: it is judged by itself and by what is worn.
        if (! $this->input->get(RolePairs::class)->isWorn($finding->pair, $finding->scheme)) {
            $worn = array_filter(
                PairContrast::pairs($this->input),
                static fn(RolePair $p): bool => $p === $finding->pair || ($p->kind !== 'none' && isset($p->places[$finding->scheme])),
            );

            return new ContrastRepair($finding->set, array_values($worn), $this->palette);
        }

        return $this->repairs[$finding->set->name] ??= ContrastRepair::of($this->input, $finding->set, $this->palette);
    }

    /** @param ?array<string, Color> $change role => color */
    private function own(string $what, ContrastFinding $finding, ?array $change): ?Fix
    {
        if ($change === null || ! $this->repair($finding)->holds($finding->pair, $change)) {
            return null;
        }
        $changes = $titles = [];
        foreach ($change as $role => $color) {
            $changes[$finding->set->path($role)] = $color->hex();
            $titles[] = self::verb($this->palette->color($finding->set, $role), $color).' the '.$this->roleName($finding->set->path($role));
        }

        return $this->make(
            $what,
            ucfirst(mb_strtolower(implode(' and ', $titles))),
            $finding,
            $changes,
            $change,
            'in '.$this->input->theme->schemes[$finding->scheme].' alone',
        );
    }

    /** When the color follows a brand color: change that one, and everything that follows it with it, if all of that holds. */
    private function followed(string $what, ContrastFinding $finding, string $path, ?Color $new): ?Fix
    {
        $chain = $this->input->look->at($path)->chain;
        $brand = $chain === [] ? '' : $chain[count($chain) - 1];
        if ($new === null || SettingPath::of($brand)->brand === null) {
            return null;
        }
        $followers = $this->input->look->followersOf($brand);
        foreach (SchemeColors::sets($this->input->look, $this->input->theme) as $set) {
            $change = [];
            foreach (array_keys($this->palette->roles($set)) as $role) {
                if (in_array($set->path($role), $followers, true)) {
                    $change[$role] = $new;
                }
            }
            $repair = $set->is($finding->set)
                ? $this->repair($finding)
                : $this->repairs[$set->name] ??= ContrastRepair::of($this->input, $set, $this->palette);
            $breaks = $change !== [] && array_diff(
                ContrastRepair::keys($repair->failing($change)),
                ContrastRepair::keys($repair->failing()),
            ) !== [];
            if ($breaks || ($set->is($finding->set) && ! $repair->holds($finding->pair, $change))) {
                return null;
            }
        }

        return $this->make(
            $what,
            self::verb(Color::parse($this->input->look->text($brand)), $new).' '.$this->input->look->catalog->get($brand)->label.' itself',
            $finding,
            [$brand => $new->hex()],
            [self::role($path) => $new],
            'everywhere it is followed',
        );
    }

    /** The nearest brand color with which all the ink's pairs hold. */
    private function followAnother(ContrastFinding $finding): ?Fix
    {
        $role = self::role($finding->inkPath);
        $now = $this->palette->color($finding->set, $role);
        $best = null;
        foreach (array_keys($this->input->theme->brandColors) as $key) {
            $color = Color::parse($this->input->look->text("brand.$key"));
            $distance = Ciede2000::difference($now, $color);
            if (($best === null || $distance < $best[1]) && $this->repair($finding)->holds($finding->pair, [$role => $color])) {
                $best = [$key, $distance, $color];
            }
        }
        if ($best === null || in_array("brand.$best[0]", $this->input->look->at($finding->inkPath)->chain, true)) {
            return null;
        }

        return $this->make(
            'ink',
            'Follow '.$this->input->theme->brandColors[$best[0]],
            $finding,
            [$finding->inkPath => Alias::to("brand.$best[0]")],
            [$role => $best[2]],
            'in '.$this->input->theme->schemes[$finding->scheme].' alone',
        );
    }

    /** Over a picture: the thinnest veil with which the pair holds, and every other over it that holds now. */
    private function veiled(ContrastFinding $finding): ?Fix
    {
        $under = $this->input->get(HeaderBackdrop::class);
        $bounds = $under->veilPath === null ? null : $this->input->look->catalog->get($under->veilPath)->type;
        if ($finding->pair->ground !== SchemeColors::OVER || $under->veilPath === null || ! $bounds instanceof RangeType) {
            return null;
        }
        $isDark = $finding->set->isDark;
        $ink = $this->palette->color($finding->set, $finding->pair->ink);
        $inks = [[$ink, $finding->target, $isDark]];
        foreach (PairContrast::over($this->input) as [$set, $pair]) {
            $color = $this->palette->color($set, $pair->ink);
            $isAsked = $set->is($finding->set) && $pair->ink === $finding->pair->ink;
            if ($isAsked || $under->tooFaint($color, $pair->target(), $set->isDark) === []) {
                $inks[] = [$color, $pair->target(), $set->isDark];
            }
        }
        $veil = PictureTint::thinnest($under, $bounds, $inks);
        if ($veil === null) {
            return null;
        }
        $worst = $veil->worst($under, $ink, $isDark);
        $ratio = Contrast::ratio($ink, $worst);

        return new Fix(
            'veil',
            "Lay a tint of {$veil->inWords()} over the picture",
            sprintf(
                'it is %s now; %s : 1, %s of the picture, and no color changes',
                Setting::plainNumber(round($under->veil, 2)),
                ContrastFinding::ratioText($ratio),
                self::visibility($veil->difference),
            ),
            [$under->veilPath => $veil->inWords()],
            $ink->hex(),
            $worst->hex(),
            $ratio,
            $veil->difference,
        );
    }

    /**
     * @param array<string, string> $changes path => value
     * @param array<string, Color> $colors role => its new color
     */
    private function make(string $what, string $title, ContrastFinding $finding, array $changes, array $colors, string $where): Fix
    {
        $difference = 0.0;
        foreach ($colors as $role => $color) {
            $difference += Ciede2000::difference($this->palette->color($finding->set, $role), $color);
        }
        $ink = $colors[self::role($finding->inkPath)] ?? $this->palette->color($finding->set, $finding->pair->ink);
        $ground = $colors[self::role($finding->groundPath)] ?? Color::parse($finding->groundColor);
        $ratio = $this->repair($finding)->ratioWith($finding->pair, $colors);
        $places = 0;
        foreach (array_keys($changes) as $path) {
            $places += array_sum(array_map(
                count(...),
                $this->input->get(ReachIndex::class)->placesOf($path, $this->input->look, $this->input->get(CompiledLook::class)),
            ));
        }
        $hexes = implode(' and ', array_map(static fn(Color $c): string => $c->hex(), $colors));

        return new Fix(
            $what,
            $title,
            sprintf(
                '%s, %s : 1, %s %s, %d %s',
                $hexes,
                ContrastFinding::ratioText($ratio),
                self::visibility($difference),
                $where,
                $places,
                $places === 1 ? 'place' : 'places',
            ),
            $changes,
            $ink->hex(),
            $ground->hex(),
            $ratio,
            $difference,
        );
    }

    private static function role(string $path): string
    {
        return SettingPath::of($path)->role;
    }

    private static function verb(Color $old, Color $new): string
    {
        $change = ($new->to(ColorSpace::Oklch)->first ?? 0) - ($old->to(ColorSpace::Oklch)->first ?? 0);

        return $change < 0 ? 'Darken' : 'Lighten';
    }

    private function roleName(string $path): string
    {
        $label = $this->input->look->catalog->get($path)->label;

        return mb_substr($label, (int) mb_strpos($label, ': ') + 2);
    }

    /** How visible a CIEDE2000 difference is, side by side (common practice, no source). */
    public static function visibility(float $difference): string
    {
        return match (true) {
            $difference < 1 => 'no visible change',
            $difference < 2.5 => 'a barely visible change',
            $difference < 6 => 'a slight change',
            $difference < 15 => 'a clear change',
            default => 'a different color',
        };
    }
}
