<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** Keys of the steps that ship: where a setting is changed and a finding mended. A step of the workbench has the same key. */
final class StepKey
{
    public const START = 'start';
    public const LOGO = 'logo';
    public const COLORS = 'colors';
    public const FONTS = 'fonts';
    public const HEADER = 'header';
    public const PAGES = 'pages';
    public const PRODUCTS = 'products';
    public const FOOTER = 'footer';
    public const CHECKOUT = 'checkout';
    public const SEASONS = 'seasons';
}
