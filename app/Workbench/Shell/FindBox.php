<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Storefront\SamplePages;
use App\Storeroom\ProductSearch;
use Ikat\Core\Check\Finding;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Find\Entry;
use Ikat\Core\Find\Finder;
use Ikat\Core\Setting\Catalog\Parts;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\KeysType;
use Ikat\Core\Setting\Type\RangeType;
use Ikat\Core\Setting\Type\SwitchType;
use Ikat\Core\Setting\Type\TextType;

/** What the find box looks through: settings, the shop's own words, pages, products, findings and commands; and what it changes. */
final class FindBox
{
    /** Characters of the shop's words that a row shows. */
    private const SHOWN = 60;

    /** @return list<Entry> */
    public static function find(string $asked, Bench $bench): array
    {
        // "header height 60": what is looked for, and what it shall be.
        $wanted = preg_match('/^(.+?)\s+(-?\d+(?:\.\d+)?)\s*(?:px|%)?$/D', $asked, $m) === 1 ? [$m[1], (float) $m[2]] : null;
        $found = [];
        $settings = self::settings($bench);
        if ($wanted !== null && $bench->edits()) {
            $found = self::changes(Finder::find($wanted[0], $settings, 4), $wanted[1], $bench);
        }
        foreach (Finder::find($asked, [
            ...self::commands($bench), ...self::pages($bench), ...self::findings($bench), ...$settings, ...self::words($bench),
            ...self::places($asked, $bench), ...self::brought($asked, $bench),
        ]) as $entry) {
            $found[] = $entry;
            $switch = $entry->kind === 'setting' && $bench->edits() ? self::switched($entry, $bench) : null;
            $found = $switch === null ? $found : [...$found, $switch];
        }

        return array_slice($found, 0, self::MOST);
    }

    /** Rows of the list. */
    private const MOST = 10;

    /** Products among them. */
    private const PRODUCTS = 4;

    /** @return list<Entry> */
    private static function settings(Bench $bench): array
    {
        return array_values(array_map(
            static fn(Setting $s): Entry => new Entry(
                'setting',
                $s->label,
                $bench->addressOfSetting($s->path),
                "$s->keywords $s->step $s->path ".Parts::label($s->part),
                path: $s->path,
            ),
            array_filter(
                $bench->catalog()->all(),
                static fn(Setting $s): bool => ! $bench->isPutAway($s->path) && ! ($s->type instanceof KeysType && $s->type->isAway),
            ),
        ));
    }

    /**
     * The shop's own words, as they are read there.
     *
     * @return list<Entry>
     */
    private static function words(Bench $bench): array
    {
        $entries = [];
        $look = $bench->inspection()->look;
        foreach ($bench->catalog()->all() as $path => $setting) {
            $words = $setting->type instanceof TextType ? ColoredText::plain($look->text($path)) : '';
            if ($words !== '' && ! $bench->isPutAway($path)) {
                $entries[] = new Entry(
                    'words',
                    '“'.mb_strimwidth($words, 0, self::SHOWN, '…').'”',
                    $bench->addressOfSetting($path),
                    path: $path,
                );
            }
        }

        return $entries;
    }

    /**
     * Pages, categories and products of the store, shown in the window.
     *
     * @return list<Entry>
     */
    private static function places(string $asked, Bench $bench): array
    {
        if (mb_strlen($asked) < 3) {
            return [];
        }
        $entries = [];
        foreach (array_merge(...array_values($bench->store->pagesAndCategories($asked))) as $address => $title) {
            $entries[] = new Entry('page', $title, "page:$address", note: "in the window, $address");
        }
        foreach (ProductSearch::find($asked, self::PRODUCTS, []) as $product) {
            $address = "/product/$product->slug";
            // It is found by the shop's own search, which knows more words of it than its name.
            $entries[] = new Entry('product', $product->name, "page:$address", "$asked $product->note", "in the window, $address");
        }

        return $entries;
    }

    /**
     * What numbers can be set to from the list.
     *
     * @param list<Entry> $settings
     *
     * @return list<Entry>
     */
    private static function changes(array $settings, float $value, Bench $bench): array
    {
        $changes = [];
        foreach ($settings as $entry) {
            $setting = $bench->setting($entry->path);
            if ($setting->type instanceof RangeType && $setting->type->accepts($value)) {
                $words = sprintf('%s: set to %s', $setting->label, $setting->describe($value));
                $changes[] = new Entry('change', $words, "set:$setting->path=".Setting::plainNumber($value), path: $setting->path);
            }
        }

        return array_slice($changes, 0, 2);
    }

    /** The other way of a switch that was found. */
    private static function switched(Entry $entry, Bench $bench): ?Entry
    {
        $setting = $bench->setting($entry->path);
        if (! $setting->type instanceof SwitchType) {
            return null;
        }
        $to = $bench->isOn($setting->path) ? 'off' : 'on';

        return new Entry('change', "$setting->label: turn it $to", "set:$setting->path=$to", path: $setting->path);
    }

    /** Where something that was found is, and what it is now: "Header, 18 px". */
    public static function note(Entry $entry, Bench $bench): string
    {
        if ($entry->path === '') {
            return $entry->note;
        }
        $setting = $bench->setting($entry->path);
        $step = $bench->steps->orFirst($setting->step)->label();
        $value = $bench->inspection()->look->value($setting->path);
        $value = $setting->describe($setting->type instanceof TextType ? ColoredText::plain((string) $value) : $value);

        return $entry->kind === 'words' ? "$step, $setting->label" : mb_strimwidth(trim("$step, $value", ', '), 0, self::SHOWN, '…');
    }

    /** @return list<Entry> */
    private static function pages(Bench $bench): array
    {
        $entries = [];
        foreach (SamplePages::labels() as $key => $label) {
            $entries[] = new Entry('page', $label, "page:$key", "page show $key window");
        }

        return $entries;
    }

    /** @return list<Entry> */
    private static function findings(Bench $bench): array
    {
        return array_map(static fn(Finding $f): Entry => new Entry(
            'finding',
            $f->inWords($bench->inspection()).', '.$f->measured(),
            $bench->addressOf($f),
            'finding problem '.($f instanceof ContrastFinding ? 'contrast readable faint' : 'missing link'),
        ), $bench->findings());
    }

    /** @return list<Entry> */
    private static function brought(string $asked, Bench $bench): array
    {
        $entries = [];
        foreach ($bench->steps->all() as $step) {
            if ($step instanceof BringsFinds) {
                $entries = [...$entries, ...$step->finds($asked, $bench)];
            }
        }

        return $entries;
    }

    /** @return list<Entry> */
    private static function commands(Bench $bench): array
    {
        $entries = [
            new Entry('command', 'Pictures of the store', 'press:library', 'library upload photo image replace alternative text'),
            new Entry('command', 'All keys', 'press:keys', 'keyboard shortcuts help list'),
            new Entry('command', 'Walk through the shop', 'press:walk', 'follow links click buttons navigate'),
            new Entry('command', 'Undo', 'press:undo', 'back take back revert'),
            new Entry('command', 'Redo', 'press:redo', 'again forward'),
            new Entry('command', 'Then and now', 'press:then', 'compare before after live draft'),
            new Entry('command', 'Phone', 'press:phone', 'device mobile small preview'),
            new Entry('command', 'Tablet', 'press:tablet', 'device preview'),
            new Entry('command', 'Desktop', 'press:desktop', 'device wide preview'),
        ];
        foreach ($bench->steps->all() as $step) {
            $entries[] = new Entry('command', 'Go to '.$step->label(), $bench->address($step->key()), "step open {$step->keywords()}");
        }

        return $entries;
    }
}
