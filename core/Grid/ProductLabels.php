<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Store\Price;

/** The labels that stand on a product's picture: by rule, or given by hand. */
final class ProductLabels
{
    /** Days a product counts as new (common practice, no source). */
    public const NEW_FOR_DAYS = 45;

    /**
     * @param ?int $stock pieces; null where they are not counted
     * @param ?string $own given by hand
     *
     * @return list<array{kind: 'gone'|'sale'|'new'|'own', said: string, with: array<string, int>}> the kind is that of the label's color
     *     roles; what stands in its words for ":name"
     */
    public static function of(
        ?int $stock,
        Price $price,
        \DateTimeInterface $addedOn,
        ?string $own,
        \DateTimeInterface $today,
    ): array {
        $labels = [];
        if ($stock === 0) {
            $labels[] = ['kind' => 'gone', 'said' => 'Sold out', 'with' => []];
        }
        if ($price->isReducedAt($today)) {
            $labels[] = ['kind' => 'sale', 'said' => 'Save :percent%', 'with' => ['percent' => $price->savedAt($today)]];
        }
        if ((int) $addedOn->diff($today)->days <= self::NEW_FOR_DAYS) {
            $labels[] = ['kind' => 'new', 'said' => 'New', 'with' => []];
        }
        if ($own !== null) {
            $labels[] = ['kind' => 'own', 'said' => $own, 'with' => []];
        }

        return $labels;
    }
}
