<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\MenuType;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Setting\Type\TextType;

/** Which settings speak of things of the Storeroom. */
final class StoreroomDoor
{
    /**
     * What of the Storeroom a setting speaks of.
     *
     * @return ?array<string, string> what its panel is opened with; null for a setting that speaks of nothing there
     */
    public static function of(Setting $setting, bool|float|string $value): ?array
    {
        $type = $setting->type;

        return match (true) {
            $type instanceof TargetType && ! $type->isWeb => $value === '' ? ['open_kind' => 'pages'] : ['address' => (string) $value],
            $type instanceof PicksType && $type->kind === 'product' => ['open_kind' => 'goods'],
            $type instanceof MenuType => $value === MenuType::NONE
                ? ['open_kind' => 'menus']
                : ['open_kind' => 'entries', 'open_only' => "menu_id:$value"],
            $type instanceof TextType && Item::ofPart($setting->part)?->prefix === 'message' => ['open_kind' => 'codes'],
            default => null,
        };
    }
}
