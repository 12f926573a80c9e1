<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\SchemeUses;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\ColorType;
use Ikat\Core\Setting\Type\FontType;
use Ikat\Core\Setting\Type\LengthType;
use Ikat\Core\Setting\Type\NumberType;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Setting\Type\TextType;

/** A thing of a page that was picked, and the settings it is made of: its own first, then those around it, as far as its part goes. */
final readonly class SelectedThing
{
    /** Kinds of settings in the order they are offered; what is said of a thing itself comes before what it takes from around it. */
    public const KINDS = ['words', 'picture', 'target', 'color', 'font', 'space', 'part'];

    /**
     * @param array<string, list<Setting>> $byKind kind => the settings of the nearest element that has any of that kind
     * @param list<Setting> $own those of the thing itself, in the order of the kinds
     */
    private function __construct(public array $byKind, public array $own, private string $part) {}

    /**
     * @param list<array{number: int, from: list<string>}> $chain the thing and the elements around it up to its part, inside out: where
     *     each
     *     stands among the page's elements (-1 for a page the index does not know), and the settings it says it shows
     * @param string $part it belongs to: what is set for the part comes before what is set for all of the shop
     */
    public static function of(ReachIndex $index, string $page, array $chain, string $part, ResolvedLook $look): self
    {
        $byKind = [];
        $own = [];
        $styled = $index->settingsOn($page, array_column($chain, 'number'), $look);
        foreach ($chain as $i => $element) {
            $found = [];
            foreach (array_unique([...$element['from'], ...$styled[$element['number']] ?? []]) as $path) {
                if ($look->catalog->has($path)) {
                    $setting = $look->catalog->get($path);
                    $found[self::kindOf($setting)][] = $setting;
                }
            }
            $found = array_map(static fn(array $settings): array => self::nearestFirst($settings, $part), $found);
            // What is around a thing lends it its ink; the ground is behind it.
            if ($i > 0 && isset($found['color'])) {
                usort($found['color'], static fn(Setting $a, Setting $b): int => self::isGround($a) <=> self::isGround($b));
            }
            $byKind += $found;
            if ($i === 0) {
                $own = self::nearestFirst(
                    array_merge(...array_map(static fn(string $kind): array => $found[$kind] ?? [], self::KINDS)),
                    $part,
                );
            }
        }

        return new self(array_filter(array_replace(array_fill_keys(self::KINDS, []), $byKind)), $own, $part);
    }

    /** What says which color scheme it has: its own, or that of the nearest part around it; null where it has the page's. */
    public function wearer(ResolvedLook $look, Theme $theme): ?Setting
    {
        $schemes = array_column(SchemeUses::settings($look, $theme), 'path');
        $found = array_filter(
            [...$this->own, ...$this->byKind['part'] ?? []],
            static fn(Setting $s): bool => in_array($s->path, $schemes, true),
        );

        return array_values($found)[0] ?? null;
    }

    /**
     * The setting it is opened at: one of the step that is open, if the thing has any there; else its own, or the nearest around it.
     *
     * @param string $step key of the open step
     *
     * @return ?Setting null for what takes all from the theme
     */
    public function opensAt(string $step): ?Setting
    {
        // Color and font are handed down: what is around a thing colors it as if it were its own.
        $handedDown = [...$this->byKind['color'] ?? [], ...$this->byKind['font'] ?? []];
        $all = array_merge(...array_values($this->byKind));
        $isOfStep = static fn(Setting $setting): bool => $setting->step === $step;
        $isOfPart = fn(Setting $setting): bool => $setting->part === $this->part;
        $first = [
            ...array_filter(array_filter($this->own, $isOfPart), $isOfStep),
            ...array_filter($handedDown, $isOfStep),
            ...$this->own,
            ...array_filter(array_filter($all, $isOfPart), $isOfStep),
            ...$all,
        ];

        return $first[0] ?? null;
    }

    /**
     * What is set for the part itself comes first, then what is set for all of the shop.
     *
     * @param list<Setting> $settings
     *
     * @return list<Setting>
     */
    private static function nearestFirst(array $settings, string $part): array
    {
        usort($settings, static fn(Setting $a, Setting $b): int => ($b->part === $part) <=> ($a->part === $part));

        return $settings;
    }

    private static function isGround(Setting $setting): bool
    {
        return SettingPath::of($setting->path)->role === 'ground';
    }

    private static function kindOf(Setting $setting): string
    {
        $type = $setting->type;

        return match (true) {
            $type instanceof TextType => 'words',
            $type instanceof PictureType, $type instanceof PicksType => 'picture',
            $type instanceof TargetType => 'target',
            $type instanceof ColorType => 'color',
            $type instanceof FontType, str_starts_with($setting->path, 'type.') => 'font',
            $type instanceof LengthType, $type instanceof NumberType => 'space',
            default => 'part',
        };
    }
}
