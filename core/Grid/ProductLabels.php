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
     * @return list<array{kind: 'gone'|'sale'|'new'|'own', text: string}> the kind is that of the label's color roles
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
            $labels[] = ['kind' => 'gone', 'text' => 'Sold out'];
        }
        if ($price->isReducedAt($today)) {
            $labels[] = ['kind' => 'sale', 'text' => sprintf('Save %d%%', $price->savedAt($today))];
        }
        if ((int) $addedOn->diff($today)->days <= self::NEW_FOR_DAYS) {
            $labels[] = ['kind' => 'new', 'text' => 'New'];
        }
        if ($own !== null) {
            $labels[] = ['kind' => 'own', 'text' => $own];
        }

        return $labels;
    }
}
