<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** The labels that stand on a product's picture: by rule, or given by hand. */
final class ProductLabels
{
    /** Days a product counts as new (common practice, no source). */
    public const NEW_FOR_DAYS = 45;

    /**
     * @param int $stock pieces
     * @param int $price cents
     * @param ?int $was cents before it was reduced
     * @param ?string $own given by hand
     *
     * @return list<array{kind: 'gone'|'sale'|'new'|'own', text: string}> the kind is that of the label's color roles
     */
    public static function of(
        int $stock,
        int $price,
        ?int $was,
        \DateTimeInterface $addedOn,
        ?string $own,
        \DateTimeInterface $today,
    ): array {
        $labels = [];
        if ($stock === 0) {
            $labels[] = ['kind' => 'gone', 'text' => 'Sold out'];
        }
        if ($was !== null && $was > $price) {
            $labels[] = ['kind' => 'sale', 'text' => sprintf('Save %d%%', intdiv(($was - $price) * 100, $was))];
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
