<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\ProductPage\ShownProducts;
use Ikat\Core\Setting\StepKey;

/** Products that can be bought only after many screens of a phone. */
final class FarFromBuying implements Check
{
    /** Screens of a phone down to the button, at most. Common practice, no source. */
    public const MOST = 3.0;

    /** A phone: width and height, px. */
    public const PHONE = [390, 844];

    public function run(Inspection $input): iterable
    {
        $shown = $input->get(ShownProducts::class);
        if ($shown->products === []) {
            return;
        }
        $far = array_filter($shown->farthest($input, self::PHONE), static fn(float $screens): bool => $screens > self::MOST);
        if ($far === []) {
            return;
        }
        yield new SettingFinding(
            'far-from-buying',
            Severity::Know,
            StepKey::PRODUCTS,
            'product.button.stays',
            sprintf(
                'On a phone “%s” can be bought only after %.1f screens%s',
                $shown->products[array_key_first($far)]->name,
                max($far),
                count($far) > 1 ? ', and '.(count($far) - 1).' more after over '.(int) self::MOST : '',
            ),
            'Keep the button at the foot of the screen, put choices and button earlier, or show the pictures in a strip.',
            ['product.button.stays' => true],
            'Keep the button at the foot',
        );
    }
}
