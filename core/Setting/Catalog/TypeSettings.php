<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\FontShelf;

/** Fonts: which family and weight speaks where, and how large. */
final class TypeSettings
{
    /** voice => [label, default family, default weight, words] */
    private const VOICES = [
        'heading' => ['Heading', 'gloock', 400, 'title headline'],
        'body' => ['Text', 'karla', 400, 'body paragraph'],
        'menu' => ['Menu', '{type.body.family}', 600, 'navigation links'],
        'button' => ['Button', '{type.body.family}', 700, 'action'],
        'price' => ['Price', '{type.body.family}', 700, 'amount money'],
    ];

    /** @return list<Setting> */
    public static function all(): array
    {
        $settings = [];
        foreach (self::VOICES as $voice => [$label, $family, $weight, $words]) {
            $settings[] = Setting::font("type.$voice.family", "$label font", 'every page', $family, "typeface letter $words");
            $settings[] = Setting::number(
                "type.$voice.weight",
                "$label weight",
                'every page',
                StepKey::FONTS,
                $weight,
                300,
                800,
                100,
                "bold light thick $words",
                Condition::is("type.$voice.family", ...FontShelf::withWeights()),
            );
        }

        return [
            ...$settings,
            Setting::length(
                'type.base',
                'Text size',
                'every page',
                StepKey::FONTS,
                16,
                14,
                20,
                0.5,
                keywords: 'font size body letters bigger smaller',
            ),
            Setting::number(
                'type.scale',
                'Heading growth',
                'every page',
                StepKey::FONTS,
                1.26,
                1.1,
                1.45,
                0.01,
                'heading size ratio scale bigger title',
            ),
            Setting::number(
                'type.leading',
                'Line spacing',
                'every page',
                StepKey::FONTS,
                1.5,
                1.3,
                1.9,
                0.05,
                'line height leading distance',
            ),
        ];
    }
}
