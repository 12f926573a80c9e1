<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Store\Price;

/** The labels that stand on a product's picture: by rule, or given by hand. */
final class ProductLabels
{
    /**
     * @param ?int $stock pieces; null where they are not counted
     * @param ?string $own given by hand
     *
     * @return list<array{kind: string, said: string, with: array<string, int>}> the kind is one of LabelRules::KINDS, by
     *     which it is colored; what stands in its words for ":name", an amount in cents
     */
    public static function of(
        ?int $stock,
        Price $price,
        \DateTimeInterface $addedOn,
        ?string $own,
        \DateTimeInterface $today,
        LabelRules $rules = new LabelRules(),
    ): array {
        $labels = [];
        foreach ($rules->order as $kind) {
            $said = match ($kind) {
                'gone' => $stock === 0 ? ['Sold out', []] : null,
                'sale' => $price->isReducedAt($today) ? self::sale($rules, $price, $today) : null,
                'few' => $stock !== null && $stock > 0 && $stock <= $rules->few ? ['Only :count left', ['count' => $stock]] : null,
                'new' => $rules->newDays > 0 && (int) $addedOn->diff($today)->days <= $rules->newDays ? ['New', []] : null,
                'own' => $own === null ? null : [$own, []],
                default => null,
            };
            if ($said !== null && count($labels) < $rules->most) {
                $labels[] = ['kind' => $kind, 'said' => $said[0], 'with' => $said[1]];
            }
        }

        return $labels;
    }

    /** @return ?array{string, array<string, int>} */
    private static function sale(LabelRules $rules, Price $price, \DateTimeInterface $today): ?array
    {
        return match ($rules->sale) {
            'percent' => ['Save :percent%', ['percent' => $price->savedAt($today)]],
            'amount' => ['Save :amount', ['amount' => $price->regular - $price->at($today)]],
            'word' => ['Reduced', []],
            default => null,
        };
    }
}
