<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** The shape of things on every page. */
final class ShapeSettings
{
    /** @return list<Setting> */
    public static function all(): array
    {
        return [
            Setting::length(
                'shape.radius',
                'Corner radius',
                'every page',
                StepKey::FONTS,
                3,
                0,
                24,
                keywords: 'round rounded corners sharp',
            ),
            Setting::length(
                'shape.border',
                'Border weight',
                'every page',
                StepKey::FONTS,
                1,
                1,
                3,
                0.5,
                keywords: 'line thickness outline stroke',
            ),
            Setting::choice(
                'shape.shadow',
                'Shadow',
                'every page',
                StepKey::FONTS,
                'none',
                ['none' => 'none', 'soft' => 'soft and near', 'lifted' => 'lifted off the page'],
                ['none' => '0 0 0 0 transparent', 'soft' => '0 1px 4px 0 rgb(0 0 0 / 0.16)', 'lifted' => '0 8px 24px 0 rgb(0 0 0 / 0.2)'],
                'shadow depth elevation card',
            ),
            Setting::choice(
                'shape.button',
                'Button form',
                'every page',
                StepKey::FONTS,
                'soft',
                ['square' => 'square', 'soft' => 'with the corner radius', 'pill' => 'round ends'],
                ['square' => '0px', 'soft' => 'var(--shape-radius)', 'pill' => '999px'],
                'button pill round corners',
            ),
            self::inset('across', 'beside', 24, 10, 48, 1),
            self::inset('down', 'above and below', 11, 6, 22, 0.5),
            Setting::choice(
                'shape.pointed',
                'Pointed at',
                'every page',
                StepKey::FONTS,
                'color',
                ['color' => 'another color', 'underline' => 'and a line', 'glow' => 'and a glow', 'rise' => 'and a rise'],
                ['color' => 'color', 'underline' => 'underline', 'glow' => 'glow', 'rise' => 'rise'],
                'hover pointer effect underline glow rise lift button card',
            ),
            Setting::choice(
                'shape.underline',
                'Link underlines',
                'every page',
                StepKey::FONTS,
                'always',
                ['always' => 'always', 'pointed' => 'when pointed at'],
                ['always' => 'underline', 'pointed' => 'none'],
                'underline link decoration',
            ),
            Setting::choice(
                'shape.motion',
                'Motion',
                'every page',
                StepKey::FONTS,
                'quick',
                ['none' => 'none', 'quick' => 'quick', 'calm' => 'calm'],
                ['none' => '0s', 'quick' => '0.15s', 'calm' => '0.5s'],
                'animation transition speed movement',
            ),
        ];
    }

    /** Room between a button's words and its edge; however little, no button is lower than 24 px (WCAG 2.2, 2.5.8). */
    private static function inset(string $side, string $words, float $default, float $min, float $max, float $increment): Setting
    {
        return Setting::length(
            "shape.inset.$side",
            "Room $words words of buttons",
            'every page',
            StepKey::FONTS,
            $default,
            $min,
            $max,
            $increment,
            keywords: 'button padding inner space size',
        );
    }
}
