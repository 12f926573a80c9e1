<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

enum SettingType: string
{
    case Color = 'color';
    case Length = 'length';
    case Number = 'number';
    case Choice = 'choice';
    case Switch = 'switch';
    case Font = 'font';
    case Text = 'text';
    /** A whole number that pages are made with rather than styled with: how many products a row shows. */
    case Count = 'count';
    /** Where a link leads: a page of the shop, or an address on the web. */
    case Target = 'target';
    /** A picture of the store's library, by name. */
    case Picture = 'picture';
    /** Several products or pictures in order, by name. */
    case Picks = 'picks';
    /** The items of a list, each with settings of its own. */
    case Items = 'items';
    /** The brand colors or the color schemes a look has, in order. */
    case Keys = 'keys';
    /** Several colors running into each other, or nothing for a plain ground. */
    case Gradient = 'gradient';
    /** A moment on the store's own clock. */
    case Moment = 'moment';

    /** Whether a setting of this type becomes a custom property in the stylesheet. */
    public function isCss(): bool
    {
        return match ($this) {
            self::Color, self::Gradient, self::Length, self::Number, self::Font => true,
            default => false,
        };
    }
}
