<?php

declare(strict_types=1);

namespace App\Workbench\Start;

use App\Fonts\FontFiles;
use App\Looks\LookReader;
use App\Models\Look;
use App\Models\OwnFont;
use App\Models\Picture;
use App\Pictures\Originals;
use Ikat\Core\Exchange\PackageRules;
use Ikat\Core\Exchange\ThemeTokens;
use Ikat\Core\Look\Base;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\SettingCatalog;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\FontType;
use Ikat\Core\Setting\Type\ItemsType;
use Ikat\Core\Setting\Type\KeysType;
use Ikat\Core\Setting\Type\MenuType;
use Ikat\Core\Setting\Type\MomentType;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Setting\Type\TextType;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontLicense;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\UnreadableFont;
use Illuminate\Support\Str;

/** Writes the theme a look stands on as a package, with the look itself as a starter of it, and the pictures and fonts they show. */
final class PackageWriter
{
    /** What belongs to one shop and not to a theme. */
    private const SHOPS_OWN = [
        TextType::class, TargetType::class, MenuType::class, PicksType::class, MomentType::class, ItemsType::class, KeysType::class,
    ];

    public function __construct(
        private readonly LookReader $looks,
        private readonly Originals $originals,
        private readonly FontFiles $fonts,
    ) {}

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
        $own = array_filter(
            $look->ownChanges()->own,
            static fn(mixed $value, string $path): bool => ! in_array($path, Base::PATHS, true)
                && $catalog->has($path)
                && ! in_array($catalog->get($path)->type::class, self::SHOPS_OWN, true)
                && ! self::isOfThisShop(SettingPath::of($path)),
            ARRAY_FILTER_USE_BOTH,
        );
        $said = &$tokens['$extensions'][ThemeTokens::EXTENSION];
        if ($own !== []) {
            $worn = $said['starters'][$this->looks->of($look)->base->starter];
            $said['starters'][self::starterKey($look->name, $said['starters'])] = [
                ...$worn,
                'title' => $look->name,
                'words' => "As “{$look->name}” wears it.",
                'settings' => [...$worn['settings'] ?? [], ...$own],
            ];
        }
        $files = [];
        $said['settings'] = $this->takeAlong($said['settings'] ?? [], $catalog, $files);
        foreach ($said['starters'] as $key => $starter) {
            $said['starters'][$key]['settings'] = $this->takeAlong($starter['settings'] ?? [], $catalog, $files);
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'ikat-zip-');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        $zip->addFromString(
            PackageRules::TOKENS,
            json_encode($tokens, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        );
        $zip->addFromString(PackageRules::STYLES, $this->looks->themes->ownStylesheet($theme));
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return ["$theme->name-$theme->version.zip", $bytes];
    }

    /**
     * A plain name for a starter that no other of the theme has.
     *
     * @param array<string, mixed> $taken
     */
    private static function starterKey(string $look, array $taken): string
    {
        $plain = Str::slug($look);
        $plain = preg_match('/^[a-z]/', $plain) ? $plain : rtrim("look-$plain", '-');
        $key = $plain;
        for ($i = 2; isset($taken[$key]); $i++) {
            $key = "$plain-$i";
        }

        return $key;
    }

    /**
     * The store's own fonts that the look speaks in: those that go along, and those whose license keeps them here.
     *
     * @return array{along: list<string>, left: list<string>} names
     */
    public function fontsOf(Look $look): array
    {
        $spoken = OwnFont::query()->whereIn('key', array_filter($look->ownChanges()->own, is_string(...)))->orderBy('id')->get();
        [$along, $left] = $spoken->partition(static fn(OwnFont $f): bool => (new FontLicense($f->license_bits))->mayBeHandedOn());

        return ['along' => array_values($along->pluck('name')->all()), 'left' => array_values($left->pluck('name')->all())];
    }

    /**
     * What is set of a theme, without what cannot be handed on with it.
     *
     * @param array<string, mixed> $settings
     * @param array<string, string> $files name in the package => content, to which the files are added that the settings show
     *
     * @return array<string, mixed>
     */
    private function takeAlong(array $settings, SettingCatalog $catalog, array &$files): array
    {
        foreach ($settings as $path => $value) {
            $type = $catalog->has($path) ? $catalog->get($path)->type : null;
            [$name, $find] = match (true) {
                $value === '' || Alias::target($value) !== null => [null, null],
                $type instanceof PictureType => ["pictures/$value.png", fn(): ?string => $this->picture((string) $value)],
                $type instanceof FontType && ! isset(FontShelf::all()[(string) $value])
                    => ["fonts/$value.ttf", fn(): ?string => $this->font($type->fonts->own[(string) $value] ?? null)],
                default => [null, null],
            };
            if ($name === null || isset($files[$name])) {
                continue;
            }
            $content = $find();
            if ($content === null) {
                unset($settings[$path]);
            } else {
                $files[$name] = $content;
            }
        }

        return $settings;
    }

    /** The picture in its largest width; null where there is none. */
    private function picture(string $called): ?string
    {
        $picture = Picture::query()->firstWhere('name', $called);
        $image = $picture === null ? null : $this->originals->open($picture->base, $picture->widths[count($picture->widths) - 1]);
        if ($image === null) {
            return null;
        }
        ob_start();
        imagepng($image, null, 9);

        return (string) ob_get_clean();
    }

    /** The font as it was brought; null where its license keeps it here, and where it is gone. */
    private function font(?FontFamily $family): ?string
    {
        $bits = $family === null ? null : OwnFont::query()->where('key', $family->key)->value('license_bits');
        try {
            return $family !== null && is_int($bits) && (new FontLicense($bits))->mayBeHandedOn() ? $this->fonts->brought($family) : null;
        } catch (UnreadableFont) {
            return null;
        }
    }
}
