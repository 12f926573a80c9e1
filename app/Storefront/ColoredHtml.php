<?php

declare(strict_types=1);

namespace App\Storefront;

use Ikat\Core\Setting\ColoredText;
use Illuminate\Support\HtmlString;

/** A text whose words may have the colors of roles, as markup. */
final class ColoredHtml
{
    public static function html(string $text): HtmlString
    {
        return new HtmlString(implode('', array_map(
            static fn(array $part): string => $part[0] === null ? e($part[1]) : '<span class="in-'.$part[0].'">'.e($part[1]).'</span>',
            ColoredText::parts($text),
        )));
    }
}
