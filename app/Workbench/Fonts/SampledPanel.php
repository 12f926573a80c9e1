<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Storefront\Money;
use App\Storeroom\ShopSamples;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Look\ResolvedLook;

/** A bench whose drawing is made of words of this very shop. */
abstract class SampledPanel extends StepPanel
{
    private ?ShopSamples $samples = null;

    public function look(): ResolvedLook
    {
        return $this->bench->inspection()->look;
    }

    public function samples(): ShopSamples
    {
        $storefront = $this->bench->look->storefront;

        return $this->samples ??= ShopSamples::of(
            $storefront,
            $this->look(),
            static fn(int $cents): string => Money::short($storefront->exchange()->of($cents), $storefront->sellsIn()),
        );
    }
}
