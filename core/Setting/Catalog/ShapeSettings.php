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
                StepKey::START,
                3,
                0,
                24,
                keywords: 'round rounded corners sharp',
            ),
            Setting::length(
                'shape.border',
                'Border weight',
                'every page',
                StepKey::START,
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
                StepKey::START,
                'none',
                ['none' => 'none', 'soft' => 'soft and near', 'lifted' => 'lifted off the page'],
                ['none' => '0 0 0 0 transparent', 'soft' => '0 1px 4px 0 rgb(0 0 0 / 0.16)', 'lifted' => '0 8px 24px 0 rgb(0 0 0 / 0.2)'],
                'shadow depth elevation card',
            ),
            Setting::choice(
                'shape.button',
                'Button form',
                'every page',
                StepKey::START,
                'soft',
                ['square' => 'square', 'soft' => 'with the corner radius', 'pill' => 'round ends'],
                ['square' => '0px', 'soft' => 'var(--shape-radius)', 'pill' => '999px'],
                'button pill round corners',
            ),
            Setting::choice(
                'shape.underline',
                'Link underlines',
                'every page',
                StepKey::START,
                'always',
                ['always' => 'always', 'pointed' => 'when pointed at'],
                ['always' => 'underline', 'pointed' => 'none'],
                'underline link decoration',
            ),
            Setting::choice(
                'shape.motion',
                'Motion',
                'every page',
                StepKey::START,
                'quick',
                ['none' => 'none', 'quick' => 'quick', 'calm' => 'calm'],
                ['none' => '0s', 'quick' => '0.15s', 'calm' => '0.5s'],
                'animation transition speed movement',
            ),
        ];
    }
}
