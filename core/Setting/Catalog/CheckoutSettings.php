<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Step;

/** Cart, side cart and checkout. */
final class CheckoutSettings
{
    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes): array
    {
        $first = (string) array_key_first($schemes);
        $side = Condition::on('sidecart.show');
        $gradient = Condition::is('checkout.ground', 'gradient');
        $own = Condition::is('checkout.head', 'logo');

        return [
            Setting::switch('sidecart.show', 'Side cart', 'sidecart', Step::Checkout, true, 'cart drawer mini basket panel'),
            Setting::choice('sidecart.scheme', 'Side cart wears', 'sidecart', Step::Checkout, $first, $schemes, words: 'cart drawer color scheme', when: $side),
            Setting::choice('sidecart.side', 'Side cart comes from', 'sidecart', Step::Checkout, 'right', ['right' => 'the right', 'left' => 'the left'], words: 'cart drawer position', when: $side),
            Setting::length('sidecart.width', 'Side cart width', 'sidecart', Step::Checkout, 400, 280, 560, 10, words: 'cart drawer', when: $side),
            Setting::choice('checkout.head', 'Over the checkout stands', 'checkout', Step::Checkout, 'logo', ['logo' => 'the logo alone', 'header' => 'the whole header and footer'], words: 'checkout header logo'),
            Setting::choice('checkout.logo.place', 'Logo place', 'checkout', Step::Checkout, 'start', ['start' => 'at the left', 'center' => 'in the middle', 'end' => 'at the right'], ['start' => 'start', 'center' => 'center', 'end' => 'end'], 'checkout logo position', $own),
            Setting::length('checkout.logo.size', 'Logo size', 'checkout', Step::Checkout, 28, 16, 72, words: 'checkout logo height', when: $own),
            Setting::choice('checkout.ground', 'Ground behind form and summary', 'checkout', Step::Checkout, 'color', ['color' => 'the page’s color', 'gradient' => 'a gradient', 'picture' => 'a picture'], words: 'checkout background'),
            Setting::color('checkout.ground.from', 'Gradient from', 'checkout', "{scheme.$first.ground}", 'checkout background gradient', Step::Checkout, $gradient),
            Setting::color('checkout.ground.to', 'Gradient to', 'checkout', "{scheme.$first.action}", 'checkout background gradient', Step::Checkout, $gradient),
            Setting::length('checkout.ground.angle', 'Gradient angle', 'checkout', Step::Checkout, 160, 0, 360, 5, 'deg', 'checkout background gradient direction', $gradient),
            Setting::picture('checkout.ground.picture', 'Ground picture', 'checkout', Step::Checkout, words: 'checkout background', when: Condition::is('checkout.ground', 'picture')),
            Setting::choice('checkout.form.scheme', 'Checkout form wears', 'checkout', Step::Checkout, $first, $schemes, words: 'checkout form color scheme'),
            Setting::choice('checkout.summary.scheme', 'Summary wears', 'summary', Step::Checkout, $first, $schemes, words: 'order summary color scheme'),
            Setting::choice('checkout.field', 'Field form', 'checkout', Step::Checkout, 'boxed', ['boxed' => 'boxed', 'underlined' => 'a line beneath'], ['boxed' => 'var(--shape-border)', 'underlined' => '0px'], 'input field style outline underline'),
            Setting::switch('checkout.button.wide', 'Buttons as wide as the form', 'checkout', Step::Checkout, false, 'checkout button full width'),
            Setting::length('checkout.space', 'Space between fields', 'checkout', Step::Checkout, 18, 8, 40, words: 'checkout field gap distance'),
        ];
    }
}
