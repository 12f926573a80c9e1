<?php

declare(strict_types=1);

namespace Ikat\Core\ProductPage;

use Ikat\Core\Setting\Type\OrderType;

/** What a product's page says below the name, in an order the merchant gives it. */
final readonly class ProductBlocks
{
    /** Key => label. What comes after UNDER stands across the page, below pictures and details. */
    public const ALL = [
        'rating' => 'stars', 'price' => 'price', 'buy' => 'choices and button', 'save' => 'save for later', 'words' => 'words',
        'facts' => 'facts', 'delivery' => 'delivery', 'under' => 'end of the column', 'reviews' => 'reviews',
        'others' => 'others',
    ];

    private const UNDER = 'under';

    /** Others are a shelf, and a shelf is as wide as the page. */
    public const WIDE = 'others';

    /**
     * @param list<string> $beside keys of what stands beside the pictures
     * @param list<string> $across keys of what stands below them
     */
    private function __construct(public array $beside, public array $across) {}

    /** @param string $order keys of ALL between commas; empty, as an earlier Ikat published it, for the usual one */
    public static function of(string $order): self
    {
        $keys = OrderType::whole($order, self::ALL);
        $under = array_search(self::UNDER, $keys, true);
        $beside = $under === false ? $keys : array_slice($keys, 0, $under);
        $across = $under === false ? [] : array_slice($keys, $under + 1);
        if (in_array(self::WIDE, $beside, true)) {
            array_unshift($across, self::WIDE);
        }

        return new self(array_values(array_diff($beside, [self::WIDE])), $across);
    }
}
