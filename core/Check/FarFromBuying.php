<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\ProductPage\DownToButton;
use Ikat\Core\Setting\StepKey;

/** Products that can be bought only after many screens of a phone. */
final class FarFromBuying implements Check
{
    /** Screens of a phone down to the button, at most. Common practice, no source. */
    public const MOST = 3.0;

    public function run(Inspection $input): iterable
    {
        $down = $input->get(DownToButton::class);
        $far = array_filter($down->screens, static fn(float $screens): bool => $screens > self::MOST);
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
                $down->names[array_key_first($far)],
                max($far),
                count($far) > 1 ? ', and '.(count($far) - 1).' more after over '.(int) self::MOST : '',
            ),
            'Keep the button at the foot of the screen, put choices and button earlier, or show the pictures in a strip.',
            ['product.button.stays' => true],
            'Keep the button at the foot',
        );
    }
}
