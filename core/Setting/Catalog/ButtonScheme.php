<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;

/** A single button that may have other colors than what it stands in. */
final class ButtonScheme
{
    /**
     * @param string $path of the button: its scheme is one step below
     * @param string $around what it stands in, in words: "the summary"
     * @param array<string, string> $schemes key => name
     */
    public static function of(
        string $path,
        string $label,
        string $part,
        string $step,
        string $around,
        array $schemes,
        ?Condition $when = null,
    ): Setting {
        return Setting::choice(
            "$path.scheme",
            "$label: color scheme",
            $part,
            $step,
            'around',
            ['around' => "as $around", ...$schemes],
            keywords: 'button color scheme',
            when: $when,
        );
    }
}
