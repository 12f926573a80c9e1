<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** The steps of the workbench, in the order of the work. */
enum Step: string
{
    case Start = 'start';
    case Logo = 'logo';
    case Colors = 'colors';
    case Fonts = 'fonts';
    case Header = 'header';
    case Pages = 'pages';
    case Products = 'products';
    case Footer = 'footer';
    case Checkout = 'checkout';
    case Seasons = 'seasons';
    case Publish = 'publish';

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
