<?php

declare(strict_types=1);

namespace App\Workbench\Start;

use App\Looks\LookReader;
use App\Models\Look;
use App\Models\Picture;
use App\Pictures\Originals;
use Ikat\Core\Exchange\PackageRules;
use Ikat\Core\Exchange\ThemeTokens;
use Ikat\Core\Look\Base;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\FontType;
use Ikat\Core\Setting\Type\ItemsType;
use Ikat\Core\Setting\Type\KeysType;
use Ikat\Core\Setting\Type\MomentType;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Setting\Type\TextType;
use Illuminate\Support\Str;

/** Writes the theme a look stands on as a package, with the look itself as a starter of it. */
final class PackageWriter
{
    /** What belongs to one shop and not to a theme. */
    private const SHOPS_OWN = [TextType::class, TargetType::class, PicksType::class, MomentType::class, ItemsType::class, KeysType::class];

    public function __construct(private readonly LookReader $looks, private readonly Originals $originals) {}

    /** Items, dark colors and what the merchant added are no theme's. */
    private static function isOfThisShop(SettingPath $path): bool
    {
        return $path->item !== null || $path->set?->isDark === true || SettingPath::isOwnKey($path->brand ?? $path->scheme ?? '');
    }

    /** @return array{string, string} file name and the zip's bytes */
    public function export(Look $look): array
    {
        $theme = $this->looks->of($look)->theme();
        $tokens = json_decode($this->looks->themes->tokens($theme), true, 32, JSON_THROW_ON_ERROR);
        $catalog = $this->looks->of($look)->catalog();
        $own = $pictures = [];
        foreach ($look->ownChanges()->own as $path => $value) {
            if (
                in_array($path, Base::PATHS, true)
                || ! $catalog->has($path)
                || in_array($catalog->get($path)->type::class, self::SHOPS_OWN, true)
                || self::isOfThisShop(SettingPath::of($path))
            ) {
                continue;
            }
            // A font of the shop's own goes with its license, not with a theme.
            $type = $catalog->get($path)->type;
            if ($type instanceof FontType && isset($type->fonts->own[(string) $value])) {
                continue;
            }
            if ($catalog->get($path)->type instanceof PictureType) {
                $picture = Picture::query()->firstWhere('name', $value);
                $image = $picture === null ? null : $this->originals->open($picture->base, $picture->widths[count($picture->widths) - 1]);
                if ($image === null) {
                    continue;
                }
                ob_start();
                imagepng($image, null, 9);
                $pictures[(string) $value] = (string) ob_get_clean();
            }
            $own[$path] = $value;
        }
        if ($own !== []) {
            $tokens['$extensions'][ThemeTokens::EXTENSION]['starters'][Str::slug($look->name) ?: 'look'] = [
                'title' => $look->name,
                'words' => "As “{$look->name}” wears it.",
                'settings' => $own,
            ];
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'ikat-zip-');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        $zip->addFromString(
            PackageRules::TOKENS,
            json_encode($tokens, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        );
        $zip->addFromString(PackageRules::STYLES, $this->looks->themes->ownStylesheet($theme));
        foreach ($pictures as $name => $png) {
            $zip->addFromString("pictures/$name.png", $png);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return ["$theme->name-$theme->version.zip", $bytes];
    }
}
