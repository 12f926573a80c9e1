<?php

declare(strict_types=1);

namespace Ikat\Core\ProductPage;

/** What a product's page shows of it, in words as they stand there. */
final readonly class ShownProduct
{
    /**
     * @param list<string> $trail words of the way to it
     * @param list<string> $labels
     * @param string $price all that stands on its line
     * @param string $saving empty for none
     * @param bool $isThere whether it can be bought
     * @param list<string> $paragraphs of its words
     * @param array<string, string> $facts
     * @param array<string, list<string>> $options name => values that can be chosen
     * @param list<string> $swatches values that show a color or a picture of their own
     * @param list<string> $deliveries
     * @param list<float> $pictures proportion of each, width by height
     * @param list<bool> $films whether it has a picture to stand for it, one each
     * @param array<string, string> $says words of parts: quantity, add, now, save, sent, gone, gone-words
     */
    public function __construct(
        public string $name,
        public string $note,
        public array $trail,
        public array $labels,
        public bool $isRated,
        public string $price,
        public string $saving,
        public bool $isThere,
        public array $paragraphs,
        public array $facts,
        public array $options,
        public array $swatches,
        public array $deliveries,
        public array $pictures,
        public array $films,
        public array $says,
    ) {}
}
