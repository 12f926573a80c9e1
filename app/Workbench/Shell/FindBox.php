<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Storefront\SamplePages;
use Ikat\Core\Check\Finding;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Find\Entry;
use Ikat\Core\Find\Finder;
use Ikat\Core\Setting\Catalog\Parts;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\KeysType;

/** What the find box looks through: settings, pages, findings and commands. */
final class FindBox
{
    /** @return list<Entry> */
    public static function find(string $asked, Bench $bench): array
    {
        return Finder::find(
            $asked,
            [...self::commands($bench), ...self::pages($bench), ...self::findings($bench), ...self::settings($bench)],
        );
    }

    /** @return list<Entry> */
    private static function settings(Bench $bench): array
    {
        return array_values(array_map(
            static fn(Setting $s): Entry => new Entry(
                'setting',
                $s->label,
                $bench->addressOfSetting($s->path),
                "$s->keywords $s->step $s->path ".Parts::label($s->part),
            ),
            array_filter(
                $bench->catalog()->all(),
                static fn(Setting $s): bool => ! $bench->isPutAway($s->path) && ! ($s->type instanceof KeysType && $s->type->isAway),
            ),
        ));
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
    private static function commands(Bench $bench): array
    {
        $entries = [
            new Entry('command', 'Pictures of the store', 'press:library', 'library upload photo image replace alternative text'),
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
