<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

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
            ButtonScheme::of('cart.button', 'Checkout button of the cart', 'cart', StepKey::CHECKOUT, 'the summary', $schemes),
            Setting::switch('sidecart.show', 'Side cart', 'sidecart', StepKey::CHECKOUT, true, 'cart drawer mini basket panel'),
            Setting::choice(
                'sidecart.scheme',
                'Side cart: color scheme',
                'sidecart',
                StepKey::CHECKOUT,
                $first,
                $schemes,
                keywords: 'cart drawer color scheme',
                when: $side,
            ),
            ButtonScheme::of(
                'sidecart.button',
                'Checkout button of the side cart',
                'sidecart',
                StepKey::CHECKOUT,
                'the side cart',
                $schemes,
                $side,
            ),
            Setting::choice(
                'sidecart.side',
                'Side cart comes in from',
                'sidecart',
                StepKey::CHECKOUT,
                'right',
                ['left' => 'left', 'right' => 'right'],
                keywords: 'cart drawer position',
                when: $side,
            ),
            Setting::length(
                'sidecart.width',
                'Side cart width',
                'sidecart',
                StepKey::CHECKOUT,
                400,
                280,
                560,
                10,
                keywords: 'cart drawer',
                when: $side,
            ),
            Setting::choice(
                'checkout.head',
                'Over the checkout stands',
                'checkout',
                StepKey::CHECKOUT,
                'logo',
                ['logo' => 'the logo alone', 'header' => 'the whole header and footer'],
                keywords: 'checkout header logo',
            ),
            Setting::choice(
                'checkout.logo.place',
                'Logo place',
                'checkout',
                StepKey::CHECKOUT,
                'start',
                Sides::LEFT_TO_RIGHT,
                Sides::CSS,
                'checkout logo position',
                $own,
            ),
            Setting::length(
                'checkout.logo.size',
                'Logo size',
                'checkout',
                StepKey::CHECKOUT,
                28,
                16,
                72,
                keywords: 'checkout logo height',
                when: $own,
            ),
            Setting::choice(
                'checkout.ground',
                'Background behind form and summary',
                'checkout',
                StepKey::CHECKOUT,
                'color',
                ['color' => 'the page’s color', 'gradient' => 'a gradient', 'picture' => 'a picture'],
                keywords: 'checkout background',
            ),
            Setting::color(
                'checkout.ground.from',
                'Gradient from',
                'checkout',
                "{scheme.$first.ground}",
                'checkout background gradient',
                StepKey::CHECKOUT,
                $gradient,
            ),
            Setting::color(
                'checkout.ground.to',
                'Gradient to',
                'checkout',
                "{scheme.$first.action}",
                'checkout background gradient',
                StepKey::CHECKOUT,
                $gradient,
            ),
            Setting::length(
                'checkout.ground.angle',
                'Gradient angle',
                'checkout',
                StepKey::CHECKOUT,
                160,
                0,
                360,
                5,
                'deg',
                'checkout background gradient direction',
                $gradient,
            ),
            Setting::picture(
                'checkout.ground.picture',
                'Ground picture',
                'checkout',
                StepKey::CHECKOUT,
                keywords: 'checkout background',
                when: Condition::is('checkout.ground', 'picture'),
            ),
            Setting::choice(
                'checkout.form.scheme',
                'Checkout form: color scheme',
                'checkout',
                StepKey::CHECKOUT,
                $first,
                $schemes,
                keywords: 'checkout form color scheme',
            ),
            Setting::choice(
                'checkout.summary.scheme',
                'Summary: color scheme',
                'summary',
                StepKey::CHECKOUT,
                $first,
                $schemes,
                keywords: 'order summary color scheme',
            ),
            Setting::choice(
                'checkout.field',
                'Field form',
                'checkout',
                StepKey::CHECKOUT,
                'boxed',
                ['boxed' => 'boxed', 'underlined' => 'a line beneath'],
                ['boxed' => 'var(--shape-border)', 'underlined' => '0px'],
                'input field style outline underline',
            ),
            ButtonScheme::of('checkout.button', 'Buttons of the checkout', 'checkout', StepKey::CHECKOUT, 'the form', $schemes),
            Setting::switch(
                'checkout.button.wide',
                'Buttons as wide as the form',
                'checkout',
                StepKey::CHECKOUT,
                false,
                'checkout button full width',
            ),
            Setting::length(
                'checkout.space',
                'Space between fields',
                'checkout',
                StepKey::CHECKOUT,
                18,
                8,
                40,
                keywords: 'checkout field gap distance',
            ),
        ];
    }
}
