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

    /**
     * Screens down each can be bought.
     *
     * @param array{int, int} $screen width and height, px
     *
     * @return array<string, float> by slug, the farthest first; those that cannot be bought are left out
     */
    public function farthest(Inspection $inspection, array $screen): array
    {
        $page = ProductPage::on($inspection, $screen);
        $screens = array_map(static fn(ShownProduct $p): ?float => $page($p)->screensToBuy(), $this->products);
        $screens = array_filter($screens, static fn(?float $s): bool => $s !== null);
        arsort($screens);

        return $screens;
    }
}
