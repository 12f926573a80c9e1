<?php

declare(strict_types=1);

namespace App\Shop;

use Ikat\Core\Look\ColoredWords;
use Illuminate\Support\HtmlString;

/** A text whose words may have the colors of roles, as markup. */
final class InColors
{
    public static function html(string $text): HtmlString
    {
        return new HtmlString(implode('', array_map(
            static fn(array $part): string => $part[0] === null ? e($part[1]) : '<span class="in-'.$part[0].'">'.e($part[1]).'</span>',
            ColoredWords::parts($text),
        )));
    }
}
