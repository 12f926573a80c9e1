<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;
use Ikat\Core\Look\Alias;

/** Computes the ways to mend a contrast finding, the least visible first. */
final class Fixes
{
    private const MOST = 4;

    /** @return list<Fix> */
    public static function for(ContrastFinding $finding, CheckInput $input): array
    {
        $ink = Color::parse($finding->inkColor);
        $ground = Color::parse($finding->groundColor);
        $fixes = [];
        $newInk = ContrastFix::nearest($ink, $ground, $finding->target);
        if ($newInk !== null) {
            $fixes[] = self::own('ink', $finding, $finding->inkPath, $ink, $newInk, $ground, $input);
            $fixes[] = self::followed('ink', $finding, $finding->inkPath, $ink, $newInk, $ground, $input);
        }
        // Mending a derived color at its ground would need the derivation run backwards: the ink alone is offered.
        if (! $finding->derived) {
            $newGround = ContrastFix::nearest($ground, $ink, $finding->target);
            if ($newGround !== null) {
                $fixes[] = self::own('ground', $finding, $finding->groundPath, $ground, $newGround, $ink, $input);
            }
        }
        $fixes[] = self::followAnother($finding, $ink, $ground, $input);
        $fixes = array_values(array_filter($fixes));
        usort($fixes, static fn(Fix $a, Fix $b): int => $a->difference <=> $b->difference);

        return array_slice($fixes, 0, self::MOST);
    }

    private static function own(string $change, ContrastFinding $finding, string $path, Color $old, Color $new, Color $against, CheckInput $input): Fix
    {
        $scheme = $input->theme->schemes[$finding->scheme];

        return self::make($change, self::verb($old, $new).' the '.self::roleName($path, $input), $finding, [$path => $new->hex()], $old, $new, $against, "in $scheme alone", $input);
    }

    /** When the color follows a brand color: change that one, and everything that follows it with it. */
    private static function followed(string $change, ContrastFinding $finding, string $path, Color $old, Color $new, Color $against, CheckInput $input): ?Fix
    {
        $chain = $input->look->at($path)->chain;
        $brand = $chain === [] ? null : $chain[count($chain) - 1];
        if ($brand === null || ! str_starts_with($brand, 'brand.') || $finding->derived) {
            return null;
        }

        return self::make($change, self::verb($old, $new).' '.$input->look->catalog->get($brand)->label.' itself', $finding, [$brand => $new->hex()], $old, $new, $against, 'everywhere it is followed', $input);
    }

    /** The nearest brand color that is readable there. */
    private static function followAnother(ContrastFinding $finding, Color $ink, Color $ground, CheckInput $input): ?Fix
    {
        $best = null;
        foreach (array_keys($input->theme->brandColors) as $key) {
            $color = Color::parse($input->look->text("brand.$key"));
            $distance = Ciede2000::difference($ink, $color);
            if (Contrast::ratio($color, $ground) >= $finding->target && ($best === null || $distance < $best[1])) {
                $best = [$key, $distance, $color];
            }
        }
        if ($best === null || in_array("brand.$best[0]", $input->look->at($finding->inkPath)->chain, true)) {
            return null;
        }
        $label = $input->theme->brandColors[$best[0]];

        return self::make('ink', "Follow $label", $finding, [$finding->inkPath => Alias::to("brand.$best[0]")], $ink, $best[2], $ground, 'in '.$input->theme->schemes[$finding->scheme].' alone', $input);
    }

    /** @param array<string, string> $changes */
    private static function make(string $change, string $title, ContrastFinding $finding, array $changes, Color $old, Color $new, Color $against, string $where, CheckInput $input): Fix
    {
        $difference = Ciede2000::difference($old, $new);
        $ratio = Contrast::ratio($new, $against);
        $places = 0;
        foreach (array_keys($changes) as $path) {
            $places += array_sum(array_map(count(...), $input->reach->placesOf($path, $input->look, $input->compiled)));
        }

        return new Fix(
            $change,
            $title,
            sprintf('%s, %s : 1, %s %s, %d %s', $new->hex(), ContrastFinding::say($ratio), self::visibility($difference), $where, $places, $places === 1 ? 'place' : 'places'),
            $changes,
            $new->hex(),
            $ratio,
            $difference,
        );
    }

    private static function verb(Color $old, Color $new): string
    {
        $change = ($new->to(ColorSpace::Oklch)->first ?? 0) - ($old->to(ColorSpace::Oklch)->first ?? 0);

        return $change < 0 ? 'Darken' : 'Lighten';
    }

    private static function roleName(string $path, CheckInput $input): string
    {
        $label = $input->look->catalog->get($path)->label;

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
