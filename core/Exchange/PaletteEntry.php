<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\Gradient;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\ColorType;
use Ikat\Core\Setting\Type\GradientType;

/** One color, or one gradient, of a palette file. */
final readonly class PaletteEntry
{
    /**
     * @param string $name as files call it: brand.main, scheme.night.ground, dark.night.ground
     * @param string $written hex, {another name}, or a gradient whose stops are either
     * @param string $hex the color it comes to; empty for a gradient
     */
    public function __construct(public string $name, public string $label, public string $written, public string $hex) {}

    /** @return list<self> brand colors, schemes, and where the look has them those for dark surroundings */
    public static function ofLook(ResolvedLook $look, Theme $theme): array
    {
        $names = self::names($look, $theme);
        $entries = [];
        foreach ($names as $path => $name) {
            $resolution = $look->at($path);
            $written = (string) $resolution->written;
            if ($written === '') {
                continue;
            }
            $isGradient = $resolution->setting->type instanceof GradientType;
            // What leads out of the file, or from the dark set to the light one, is written as the color it comes to.
            $follow = static function (string $color) use ($look, $names, $path): string {
                $target = Alias::target($color);
                if ($target === null) {
                    return $color;
                }
                $staysOut = ! isset($names[$target])
                    || (SettingPath::of($path)->set?->isDark === true && SettingPath::of($target)->set?->isDark === false);

                return $staysOut ? $look->text($target) : Alias::to($names[$target]);
            };
            $entries[] = new self(
                $name,
                $resolution->setting->label,
                $isGradient ? Gradient::parse($written)->with($follow)->text() : $follow($written),
                $isGradient ? '' : $look->text($path),
            );
        }

        return $entries;
    }

    /**
     * What the colors of a look are called in files. What a merchant added goes by its name there: own1 is another color
     * in another look.
     *
     * @return array<string, string> path => name
     */
    public static function names(ResolvedLook $look, Theme $theme): array
    {
        $names = [];
        foreach (self::called($theme->brandColors) as $key => $called) {
            $names["brand.$key"] = "brand.$called";
        }
        foreach ([false, true] as $isDark) {
            foreach (self::called($theme->schemes) as $key => $called) {
                foreach ($look->catalog->under(ColorSet::of((string) $key, $isDark)->name) as $setting) {
                    if ($setting->type instanceof ColorType || $setting->type instanceof GradientType) {
                        $names[$setting->path] = ColorSet::of($called, $isDark)->path(SettingPath::of($setting->path)->role);
                    }
                }
            }
        }

        return $names;
    }

    /**
     * @param array<string, string> $labels key => label
     *
     * @return array<string, string> key => what it is called, each once
     */
    private static function called(array $labels): array
    {
        $called = [];
        foreach ($labels as $key => $label) {
            $plain = SettingPath::isOwnKey((string) $key) ? self::plain($label) : (string) $key;
            for ($free = $plain, $i = 2; in_array($free, $called, true) || (isset($labels[$free]) && $free !== $key); $i++) {
                $free = "$plain-$i";
            }
            $called[$key] = $free;
        }

        return $called;
    }

    /** A label as a name of letters, digits and single hyphens. */
    public static function plain(string $label): string
    {
        $ascii = \Transliterator::create('Any-Latin; Latin-ASCII; Lower')?->transliterate($label) ?: $label;

        return trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($ascii)), '-') ?: 'color';
    }
}
