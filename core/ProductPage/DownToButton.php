<?php

declare(strict_types=1);

namespace Ikat\Core\ProductPage;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/** After how many screens of a phone products can be bought. */
final readonly class DownToButton implements Measurement
{
    /** A phone: width and height, px. */
    public const PHONE = [390, 844];

    /**
     * @param array<string, float> $screens by slug, the farthest first; what cannot be bought is left out
     * @param array<string, string> $names by slug, of all that were looked at
     */
    public function __construct(public array $screens = [], public array $names = []) {}

    public static function measure(Inspection $inspection): self
    {
        $products = $inspection->get(ShownProducts::class)->products;
        if ($products === []) {
            return new self();
        }
        $page = ProductPage::on($inspection, self::PHONE);
        $screens = array_map(static fn(ShownProduct $p): ?float => $page($p)->screensToBuy(), $products);
        $screens = array_filter($screens, static fn(?float $s): bool => $s !== null);
        arsort($screens);

        return new self($screens, array_map(static fn(ShownProduct $p): string => $p->name, $products));
    }
}
