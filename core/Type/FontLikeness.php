<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Type\Shelf\Likeness;

/** How much of their ink two families of the shelf have in common, letter on letter. */
final class FontLikeness
{
    /**
     * The shelf in the order of its likeness to a family, itself first.
     *
     * @param int $weight of that family
     *
     * @return array<string, array{weight: int, share: ?int}> key => the weight at which it is most alike, and the share in per cent; null
     *     where their letters were not laid on each other, and only their heights, widths and strokes compared
     */
    public static function to(FontFamily $itself, int $weight): array
    {
        if ($itself->isOwn()) {
            return self::byMeasures($itself, $itself->nearestWeight($weight));
        }
        $key = $itself->key;
        $measured = Likeness::of($key);
        $near = array_keys($measured);
        usort($near, static fn(int $a, int $b): int => abs($a - $weight) <=> abs($b - $weight));

        return [
            $key => ['weight' => $itself->nearestWeight($weight), 'share' => 100],
            ...array_map(static fn(array $o): array => ['weight' => $o[0], 'share' => $o[1]], $measured[$near[0]]),
        ];
    }

    /**
     * By height of x, width and strokes: what is known of a family that somebody brought.
     *
     * @return array<string, array{weight: int, share: ?int}>
     */
    private static function byMeasures(FontFamily $itself, int $weight): array
    {
        $of = self::measures($itself, $weight);
        $far = [];
        $found = [];
        foreach (FontShelf::all() as $key => $family) {
            foreach ($family->weights() as $each) {
                $distance = array_sum(array_map(
                    static fn(float $a, float $b): float => abs(log($a / $b)),
                    $of,
                    self::measures($family, $each),
                ));
                if ($distance < ($far[$key] ?? INF)) {
                    [$far[$key], $found[$key]] = [$distance, ['weight' => $each, 'share' => null]];
                }
            }
        }
        uasort($far, static fn(float $a, float $b): int => $a <=> $b);

        $ordered = [$itself->key => ['weight' => $weight, 'share' => 100]];
        foreach (array_keys($far) as $key) {
            $ordered[$key] = $found[$key];
        }

        return $ordered;
    }

    /** @return list<float> above 0: width of a letter to the height of x, and both strokes */
    private static function measures(FontFamily $family, int $weight): array
    {
        [$x, , $thick, $thin] = $family->letters[$weight];

        return [
            max(0.01, $family->averageWidths[$weight] / $family->unitsPerEm) / max(0.01, $x / 1000),
            max(1, $thick) / 1.0,
            max(1, $thin) / 1.0,
        ];
    }
}
