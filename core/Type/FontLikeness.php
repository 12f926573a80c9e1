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
     * @return array<string, array{weight: int, share: int}> key => the weight at which it is most alike, and the share in per cent
     *
     * @throws UnknownFont
     */
    public static function to(string $key, int $weight): array
    {
        $itself = FontShelf::get($key);
        $measured = Likeness::of($key);
        $near = array_keys($measured);
        usort($near, static fn(int $a, int $b): int => abs($a - $weight) <=> abs($b - $weight));

        return [
            $key => ['weight' => $itself->nearestWeight($weight), 'share' => 100],
            ...array_map(static fn(array $o): array => ['weight' => $o[0], 'share' => $o[1]], $measured[$near[0]]),
        ];
    }
}
