<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Looks\EveryLook;
use App\Models\DeliveryOffer;
use App\Models\PromotionCode;
use App\Models\Store;
use App\Models\StoreEdit;
use App\Storeroom\GatherWords;
use App\Storeroom\PictureUses;
use App\Storeroom\RecordLister;
use App\Storeroom\StoreFile;
use App\Storeroom\StoreNames;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\StepPanel;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Shelves;
use Ikat\Core\Language\ShopLanguage;
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\Cell\ChoiceCell;
use Ikat\Core\Store\Cell\LanguageCell;
use Ikat\Core\Store\Cell\MoneyCell;
use Ikat\Core\Store\Cell\RecordCell;
use Ikat\Core\Store\Cell\RichCell;
use Ikat\Core\Store\Column;
use Ikat\Core\Store\Histogram;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RecordQuestion;
use Ikat\Core\Store\RichText;
use Ikat\Core\Store\UnreadableCell;
use Illuminate\Database\Eloquent\Collection;

/**
 * A table of the Storeroom, and the record of it that is open.
 *
 * @phpstan-import-type Value from CellType
 */
final class StoreroomPanel extends StepPanel
{
    /** @var array<string, RecordKind> those the person may see */
    public readonly array $kinds;

    public readonly RecordKind $kind;

    public readonly RecordQuestion $asked;

    public readonly Store $store;

    /** Whether it stands over the bench of another step. */
    public readonly bool $isOver;

    /** The file that is on its way in. */
    public readonly ?StoreFile $file;

    private readonly int $wanted;

    private readonly string $tried;

    /** Grams of what is tried, and the country it goes to. */
    private readonly int $triedWeight;

    private readonly string $triedTo;

    /** @var array<int, array<string, Value>> */
    private readonly array $rows;

    /** @var array<string, int> kind => how many there are */
    private array $counts = [];

    private int $found = 0;

    /** @var ?list<Finding> */
    private ?array $faults = null;

    /** @var array<string, ?Histogram> by column */
    private array $histograms = [];

    /** @var array<string, array<string, string>> by column */
    private array $offers = [];

    /** @var ?array<string, Value> */
    private ?array $open = null;

    private bool $isLooked = false;

    private ?OpenRecord $record = null;

    /** @var ?Collection<int, StoreEdit> by sequence */
    private ?Collection $lines = null;

    public function __construct(
        Bench $bench,
        TypedRequest $request,
        private readonly RecordLister $lister,
        public readonly StoreNames $names,
        private readonly FieldOffers $offering,
        private readonly EveryLook $looks,
        private readonly PictureUses $uses,
    ) {
        parent::__construct($bench, $request);
        $this->store = $bench->look->storefront->store;
        $this->isOver = $request->flag('over');
        $this->kinds = array_filter(
            RecordKinds::all($this->store->zone()),
            static fn(RecordKind $k): bool => ! $k->isPrivate || $bench->user->role->readsLetters(),
        );
        $this->file = $request->id('open_file') === 0 ? null : StoreFile::query()->find($request->id('open_file'));
        $this->kind = $this->kinds[$this->file->kind ?? $request->word('open_kind')] ?? $this->kinds[RecordKinds::GOODS];
        $this->wanted = $request->id('open_record');
        $this->tried = $request->word('open_try', '', 20);
        $this->triedWeight = $request->whole('open_grams', 500, 0, 999_999);
        $this->triedTo = $request->word('open_to', '', 2);
        $asked = RecordQuestion::of(
            $this->kind,
            mb_substr($request->word('open_q'), 0, 80),
            $request->word('open_ranges'),
            $this->named($request->word('open_only')),
            $request->word('open_sort'),
            $request->word('open_page'),
        );
        $rows = $lister->page($this->kind, $asked);
        // A record that was found elsewhere is shown where it stands.
        if ($this->wanted !== 0 && ! isset($rows[$this->wanted]) && ! $request->has('open_page') && $asked->sort === '') {
            $asked = $asked->onPage($lister->pageOf($this->kind, $asked, $this->wanted));
            $rows = $lister->page($this->kind, $asked);
        }
        $this->rows = $rows;
        $this->asked = $asked;
    }

    /** What the table is narrowed to, by the name of the record: other steps speak of one by its key. */
    private function named(string $only): string
    {
        [$key, $called] = explode(':', $only, 2) + ['', ''];
        $type = $this->kind->columns[$key]->type ?? null;
        $id = $type instanceof RecordCell ? $this->names->idOf($type->kind, $called) : null;

        return $type instanceof RecordCell && $id !== null ? "$key:{$this->names->nameOf($type->kind, $id)}" : $only;
    }

    public function isLight(): bool
    {
        return true;
    }

    /** Counts and drawings are kept until the store changes: they are made before anything is shown. */
    public function prepare(): void
    {
        foreach ($this->kinds as $kind) {
            $this->counts[$kind->key] = $this->lister->count($kind, new RecordQuestion());
        }
        $this->found = $this->lister->count($this->kind, $this->asked);
        foreach ($this->kind->onTable() as $column) {
            // A few records need no drawing of how they lie.
            $this->histograms[$column->key] = $this->counts[$this->kind->key] < self::DRAWN
                ? null
                : $this->lister->histogram($this->kind, $column, $this->asked);
        }
    }

    public function view(): string
    {
        return $this->file === null ? 'workbench.storeroom.panel' : 'workbench.storeroom.file-panel';
    }

    public function sheet(): Sheet
    {
        if ($this->file !== null) {
            return new Sheet('workbench.storeroom.file', 'Taking in a file', $this->file->name, 440, false, 130);
        }

        return new Sheet('workbench.storeroom.table', ucfirst($this->kind->key), $this->found(), 440, false, 130);
    }

    public function state(): array
    {
        return [
            ...($this->kind->key === RecordKinds::GOODS ? [] : ['open_kind' => $this->kind->key]),
            ...($this->wanted === 0 ? [] : ['open_record' => (string) $this->wanted]),
            ...($this->tried === '' ? [] : ['open_try' => $this->tried, 'open_grams' => (string) $this->triedWeight]),
            ...($this->triedTo === '' ? [] : ['open_to' => $this->triedTo]),
            ...($this->file === null ? [] : ['open_file' => (string) $this->file->id]),
            ...array_filter($this->questionState($this->asked), static fn(string $s): bool => $s !== ''),
        ];
    }

    public function shows(): ?WindowPlace
    {
        return $this->record()?->shows();
    }

    /** Its own alone: what the look is like is not inspected for every cell that is typed. */
    public function findings(): array
    {
        return $this->faults ??= array_values([...(new Shelves())->run($this->bench->inspection())]);
    }

    public function backAndForth(): array
    {
        $say = fn(?StoreEdit $line, string $way): ?array => $line === null ? null : [
            'label' => $line->label, 'words' => "$way: $line->label", 'path' => '',
        ];
        $redo = $this->line($this->store->redo_at);

        return ['undo' => $say($this->line($this->store->undo_at), 'Takes back'), 'redo' => $say($redo, 'Makes again')];
    }

    public function journalAddress(): string
    {
        return 'storeroom/';
    }

    public function kept(): array
    {
        $last = $this->lastEdit();

        $kept = $last === null ? 'Nothing changed yet' : 'Kept '.$this->bench->localTime($last->created_at)->format('g:i A');

        return [$kept, 'shows in the shop at once'];
    }

    public function lastEditView(): string
    {
        return 'workbench.storeroom.last-edit';
    }

    public function lastEdit(): ?StoreEdit
    {
        return $this->line($this->store->head);
    }

    /** @return array<int, array<string, Value>> id => record of the page that is open */
    public function rows(): array
    {
        return $this->rows;
    }

    /** How many there are of a kind, or of what was asked for. */
    public function count(?RecordKind $kind = null): int
    {
        return $kind === null ? $this->found : $this->counts[$kind->key];
    }

    public function pages(): int
    {
        return max(1, intdiv($this->count() + RecordLister::PAGE - 1, RecordLister::PAGE));
    }

    /** What the table shows, in a few words. */
    public function found(): string
    {
        [$found, $all] = [$this->count(), $this->count($this->kind)];

        return $found === $all ? (string) $all : "$found of $all";
    }

    public function openId(): int
    {
        return $this->open() === null ? 0 : $this->wanted;
    }

    /** @return ?array<string, Value> the record that is open */
    public function open(): ?array
    {
        if (! $this->isLooked) {
            $this->isLooked = true;
            $this->open = $this->wanted === 0
                ? null
                : $this->rows()[$this->wanted] ?? $this->lister->inOrder($this->kind, [$this->wanted])[$this->wanted] ?? null;
        }

        return $this->open;
    }

    public function record(): ?OpenRecord
    {
        $row = $this->open();

        return $row === null ? null : $this->record ??= new OpenRecord(
            $this->bench,
            $this->kind,
            $this->wanted,
            $row,
            $this->looks,
            $this->uses,
        );
    }

    /** @return array{int, int} ids of the records before and after the open one; 0 for none */
    public function neighbors(): array
    {
        $ids = array_keys($this->rows());
        $at = array_search($this->wanted, $ids, true);

        return $at === false ? [0, 0] : [$ids[$at - 1] ?? 0, $ids[$at + 1] ?? 0];
    }

    /** @param array<string, Value> $row */
    public function written(Column $column, array $row): string
    {
        return $column->type->write($row[$column->key] ?? null, $this->names);
    }

    /**
     * As it is read where form cannot be shown.
     *
     * @param array<string, Value> $row
     */
    public function plain(Column $column, array $row): string
    {
        return $column->type instanceof RichCell
            ? RichText::plain(is_string($row[$column->key] ?? null) ? $row[$column->key] : '')
            : $this->written($column, $row);
    }

    /** @param array<string, Value> $row */
    public function called(array $row): string
    {
        return $this->written($this->kind->column($this->kind->name), $row);
    }

    public function now(): \DateTimeImmutable
    {
        return now()->toImmutable();
    }

    /** What a field of a new record begins with: what the table is narrowed to, or what is meant where nothing is said. */
    public function begins(Column $column): string
    {
        $called = ($this->asked->only[0] ?? '') === $column->key ? $this->asked->only[1] ?? '' : '';
        if ($column->type instanceof RecordCell) {
            $id = $called === '' ? null : $this->names->idOf($column->type->kind, $called);

            return match (true) {
                $id !== null => $this->names->nameOf($column->type->kind, $id),
                $column->type->kind === RecordKinds::MENUS => current($this->bench->store->menus()) ?: '',
                default => '',
            };
        }

        return $called === '' ? $column->type->write($column->beginning, $this->names) : $called;
    }

    public function histogram(Column $column): ?Histogram
    {
        return $this->histograms[$column->key];
    }

    /** Where the step is opened at a question and a record. */
    public function addressAt(RecordQuestion $asked, ?int $record = null, ?string $kind = null): string
    {
        $kind ??= $this->kind->key;

        return $this->bench->address('storeroom?'.http_build_query(array_filter([
            'open_kind' => $kind === RecordKinds::GOODS ? '' : $kind,
            'open_record' => $record === null || $record === 0 ? '' : (string) $record,
            ...$this->questionState($asked),
        ], static fn(string $s): bool => $s !== '')));
    }

    /** The cart that tries the open code or delivery offer; null for other records. */
    public function testCart(): ?TestCart
    {
        $cart = fn(?PromotionCode $code, ?DeliveryOffer $offer): TestCart => TestCart::of(
            $code,
            $offer,
            $this->triedCountry(),
            $this->triedGrams(),
        );

        return match ($this->open() === null ? '' : $this->kind->key) {
            RecordKinds::CODES => $cart(PromotionCode::query()->find($this->wanted), null),
            RecordKinds::DELIVERY => $cart(null, DeliveryOffer::query()->find($this->wanted)),
            default => null,
        };
    }

    /** Cents of goods that are tried in it. */
    public function tried(): int
    {
        try {
            return MoneyCell::cents($this->tried === '' ? '50' : $this->tried);
        } catch (UnreadableCell) {
            return 5000;
        }
    }

    public function triedGrams(): int
    {
        return $this->triedWeight;
    }

    /** Two letters of the country the cart is tried in. */
    public function triedCountry(): string
    {
        $countries = $this->store->countries ?? [];

        return in_array($this->triedTo, $countries, true) ? $this->triedTo : $countries[0] ?? '';
    }

    /** @return array<string, list<string>> key of a column on the table that holds one of some => what it can be narrowed to */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->kind->columns as $column) {
            if ($column->wide === 0 && ! $column->isComputed) {
                continue;
            }
            if ($column->type instanceof ChoiceCell) {
                $groups[$column->key] = array_values($column->type->choices);
            } elseif ($column->type instanceof LanguageCell) {
                $groups[$column->key] = array_map(
                    static fn(string $code): string => (new ShopLanguage($code))->name(),
                    GatherWords::languages(),
                );
            } elseif ($column->type instanceof RecordCell && $column->type->kind !== RecordKinds::GOODS) {
                $groups[$column->key] = array_values($this->offered($column));
            }
        }

        return $groups;
    }

    /** @return array<string, string> what a field offers before anything is typed => what stands beside it */
    public function offered(Column $column): array
    {
        return $this->offers[$column->key] ??= $this->offering->of($column, '');
    }

    /** Records from which their numbers are drawn. */
    private const DRAWN = 8;

    /** @return array<string, string> */
    private function questionState(RecordQuestion $asked): array
    {
        $written = $asked->written();

        return array_combine(array_map(static fn(string $key): string => "open_$key", array_keys($written)), $written);
    }

    private function line(int $sequence): ?StoreEdit
    {
        $this->lines ??= StoreEdit::query()
            ->whereIn('sequence', array_unique([$this->store->head, $this->store->undo_at, $this->store->redo_at]))
            ->get()
            ->keyBy('sequence');

        return $this->lines->get($sequence);
    }
}
