<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Store\Price;

/** What decides which labels stand on a product's picture, on a day. */
final readonly class LabelFacts
{
    /** @param ?int $stock pieces; null where they are not counted */
    public function __construct(
        private ?int $stock,
        private Price $price,
        private \DateTimeInterface $addedOn,
        private ?string $own,
        private \DateTimeInterface $today,
    ) {}

    /** @return list<string> words of its labels, in the first language; money in plain figures */
    public function words(LabelRules $rules): array
    {
        return array_map(
            static fn(array $label): string => strtr($label['said'], [
                ':percent' => (string) ($label['with']['percent'] ?? ''), ':count' => (string) ($label['with']['count'] ?? ''),
                ':amount' => number_format(($label['with']['amount'] ?? 0) / 100, 2),
            ]),
            ProductLabels::of($this->stock, $this->price, $this->addedOn, $this->own, $this->today, $rules),
        );
    }
}
