<?php

declare(strict_types=1);

namespace Ikat\Core\ProductPage;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/** Products whose pages are likely the longest before they can be bought: whoever inspects supplies them. */
final readonly class ShownProducts implements Measurement
{
    /** @param array<string, ShownProduct> $products by slug */
    public function __construct(public array $products = []) {}

    /** An empty store: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self();
    }
}
