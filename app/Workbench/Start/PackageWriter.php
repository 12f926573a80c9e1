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
use Ikat\Core\Setting\SettingType;
use Illuminate\Support\Str;

/** Writes the theme a look stands on as a package, with the look itself as a starter of it. */
final class PackageWriter
{
    /** What belongs to one shop and not to a theme. */
    private const SHOPS_OWN = [SettingType::Text, SettingType::Target, SettingType::Picks, SettingType::Moment, SettingType::Items, SettingType::Keys];

    public function __construct(private readonly LookReader $desk, private readonly Originals $originals) {}

    /** @return array{string, string} file name and the zip's bytes */
    public function export(Look $look): array
    {
        $theme = $this->desk->theme($look);
        $tokens = json_decode($this->desk->themes->tokens($theme), true, 32, JSON_THROW_ON_ERROR);
        $catalog = $this->desk->catalog($look);
        $own = $pictures = [];
        foreach ($look->ownChanges()->own as $path => $value) {
            if (in_array($path, Base::PATHS, true) || ! $catalog->has($path) || in_array($catalog->get($path)->type, self::SHOPS_OWN, true) || preg_match('/^(season|band|block|message|dark)\.|^(brand|scheme)\.own\d/', $path)) {
                continue;
            }
            if ($catalog->get($path)->type === SettingType::Picture) {
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
            $tokens['$extensions'][ThemeTokens::EXTENSION]['starters'][Str::slug($look->name) ?: 'look'] = ['title' => $look->name, 'words' => "As “{$look->name}” wears it.", 'settings' => $own];
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'ikat-zip-');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        $zip->addFromString(PackageRules::TOKENS, json_encode($tokens, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
        $zip->addFromString(PackageRules::STYLES, $this->desk->themes->ownStylesheet($theme));
        foreach ($pictures as $name => $png) {
            $zip->addFromString("pictures/$name.png", $png);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return ["$theme->name-$theme->version.zip", $bytes];
    }
}
