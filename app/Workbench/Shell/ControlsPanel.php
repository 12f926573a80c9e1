<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\ItemsType;

/** The settings of a step, part by part; items of lists are opened from their list. */
class ControlsPanel extends StepPanel
{
    /** The part that is open. */
    public readonly string $part;

    /** The part whose list the open part is an item of, or the open part itself. */
    public readonly string $tab;

    /** @var list<Setting> of the step */
    private readonly array $settings;

    public function __construct(Bench $bench, TypedRequest $request)
    {
        parent::__construct($bench, $request);
        $this->settings = $bench->catalog()->inStep($bench->step->key());
        $parts = array_map(static fn(Setting $s): string => $s->part, $this->settings);
        $asked = $request->word('open_part');
        $this->part = in_array($asked, $parts, true) ? $asked : ($parts[0] ?? '');
        $item = Item::ofPart($this->part);
        $this->tab = ($item === null ? null : $bench->catalog()->listOf($item))->part ?? $this->part;
    }

    public function view(): string
    {
        return 'workbench.shell.controls';
    }

    public function shows(): ?WindowPlace
    {
        return WindowPlace::ofPart($this->part);
    }

    public function state(): array
    {
        return ['open_part' => $this->part];
    }

    /** @return list<string> in the order of the catalog; items of lists are left to their list */
    public function parts(): array
    {
        $parts = array_map(static fn(Setting $s): string => $s->part, $this->settings);

        return array_values(array_filter(array_unique($parts), static fn(string $p): bool => Item::ofPart($p) === null));
    }

    /** @return list<Setting> */
    public function settingsOf(string $part): array
    {
        return array_values(array_filter($this->settings, static fn(Setting $s): bool => $s->part === $part));
    }

    /** What an item says, to tell it from its neighbors: its name, heading or text. */
    public function gist(Item $item): string
    {
        $look = $this->bench->inspection()->look;
        foreach (['name', 'heading', 'text'] as $key) {
            $path = $item->path($key);
            if ($look->catalog->has($path) && $look->text($path) !== '') {
                return ColoredText::plain($look->text($path));
            }
        }

        return '';
    }

    /** The lowest number not used by an item of a kind, put-away ones included: their settings wait in the look. */
    public function nextNumber(Setting $list, string $kind): int
    {
        assert($list->type instanceof ItemsType);
        $taken = array_map(
            static fn(Item $i): int => $i->kind === $kind ? $i->number : 0,
            Item::listed($list->type->prefix, $this->bench->inspection()->look->text($list->path)),
        );
        foreach (array_keys($this->bench->snapshot->own->own) as $path) {
            $item = SettingPath::of($path)->item;
            if ($item?->prefix === $list->type->prefix && $item->kind === $kind) {
                $taken[] = $item->number;
            }
        }

        return max([0, ...$taken]) + 1;
    }
}
