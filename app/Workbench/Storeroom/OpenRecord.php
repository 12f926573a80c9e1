<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Looks\EveryLook;
use App\Models\Category;
use App\Models\Look;
use App\Models\Mail;
use App\Models\Menu;
use App\Models\MenuEntry;
use App\Models\Order;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Storefront;
use App\Storefront\Money;
use App\Storeroom\PictureUses;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Setting\Catalog\Parts;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\MenuType;
use Ikat\Core\Setting\Type\TextType;
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\Price;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Database\Eloquent\Collection;

/**
 * The record that is open, and what speaks of it elsewhere.
 *
 * @phpstan-import-type Value from CellType
 * @phpstan-import-type Said from EveryLook
 */
final class OpenRecord
{
    /** Kind of record => what stands before its address in the shop, and the part of the page that shows it; none for a file. */
    private const ADDRESSED = [
        RecordKinds::GOODS => ['/product/', 'product'], RecordKinds::CATEGORIES => ['/category/', 'grid'],
        RecordKinds::PAGES => ['/page/', 'page'], RecordKinds::DOCUMENTS => ['/document/', ''],
    ];

    /** Entries of menus that are named. */
    private const POINTERS = 24;

    /** Goods of a category that are placed by hand on the bench. */
    private const ON_A_SHELF = 24;

    /** @var ?Collection<int, Mail> */
    private ?Collection $letters = null;

    /** @param array<string, Value> $row */
    public function __construct(
        private readonly Bench $bench,
        private readonly RecordKind $kind,
        private readonly int $id,
        private readonly array $row,
        private readonly EveryLook $looks,
        private readonly PictureUses $uses,
    ) {}

    public function shows(): ?WindowPlace
    {
        if ((self::ADDRESSED[$this->kind->key][1] ?? '') !== '') {
            return new WindowPlace($this->address(), self::ADDRESSED[$this->kind->key][1]);
        }
        $letter = $this->letters()->first();

        return match ($this->kind->key) {
            RecordKinds::MENUS => $this->placeOfMenu($this->id),
            RecordKinds::ENTRIES => $this->placeOfMenu((int) (is_int($this->row['menu_id']) ? $this->row['menu_id'] : 0)),
            RecordKinds::DELIVERY => WindowPlace::ofPart('delivery'),
            RecordKinds::ORDERS => $letter === null ? null : new WindowPlace("/mail/$letter->id", ''),
            RecordKinds::CODES => new WindowPlace('code', 'cart'),
            RecordKinds::REVIEWS => $this->placeOfReview(),
            RecordKinds::WORDS_SAID => $this->placeOfWords((string) (is_string($this->row['original']) ? $this->row['original'] : '')),
            default => null,
        };
    }

    /** Where this look says words: in a setting of its own, or in a menu. */
    private function placeOfWords(string $original): ?WindowPlace
    {
        foreach ($this->bench->inspection()->look->all() as $resolution) {
            if ($resolution->setting->type instanceof TextType && $resolution->value === $original && $resolution->unmet === null) {
                return WindowPlace::ofPart($resolution->setting->part);
            }
        }
        $menu = MenuEntry::query()->where('label', $original)->value('menu_id');

        return $menu === null ? null : $this->placeOfMenu((int) $menu);
    }

    /** Where this look shows a menu. */
    private function placeOfMenu(int $menu): ?WindowPlace
    {
        $key = Menu::query()->whereKey($menu)->value('slug');
        foreach ($this->bench->inspection()->look->all() as $resolution) {
            if ($resolution->setting->type instanceof MenuType && $resolution->value === $key && $resolution->unmet === null) {
                return WindowPlace::ofPart($resolution->setting->part);
            }
        }

        return null;
    }

    /** The page of the product it is of. */
    private function placeOfReview(): ?WindowPlace
    {
        $of = $this->row['product_id'] ?? null;
        $slug = is_int($of) ? $this->bench->look->storefront->goods()->whereKey($of)->value('slug') : null;

        return is_string($slug) ? new WindowPlace("/product/$slug", 'product') : null;
    }

    public function picture(): Picture
    {
        return Picture::query()->findOrFail($this->id);
    }

    /** @return list<array{string, string}> label and address of each place where a picture stands */
    public function uses(): array
    {
        $found = [];
        foreach ($this->uses->products($this->id) as $id => $name) {
            $found[] = ["Product, $name", $this->bench->address("storeroom?open_record=$id")];
        }
        foreach ($this->uses->settings((string) ($this->row['name'] ?? '')) as [$look, $said]) {
            $found[] = $this->placed($look, $said, $said['label']);
        }

        return $found;
    }

    /** The price of a product. */
    public function price(): Price
    {
        $moment = fn(string $key): ?\DateTimeImmutable => is_string($this->row[$key] ?? null)
            ? new \DateTimeImmutable($this->row[$key], new \DateTimeZone('UTC'))
            : null;

        return new Price(
            (int) ($this->row['price'] ?? 0),
            is_int($this->row['reduced'] ?? null) ? $this->row['reduced'] : null,
            $moment('reduced_from'),
            $moment('reduced_until'),
        );
    }

    /**
     * Words of any look that speak of it: of a code, or of the sum from which delivery is free.
     *
     * @return list<array{string, string, string}> label of the setting, its address, what it says
     */
    public function promises(): array
    {
        $free = $this->row['free_from'] ?? null;
        // In the currency of the storefront whose words they are.
        $saidIn = fn(Storefront $of): string => match (true) {
            $this->kind->key === RecordKinds::CODES => (string) (is_string($this->row['code']) ? $this->row['code'] : ''),
            $this->kind->key === RecordKinds::DELIVERY && is_int($free) => Money::short($of->exchange()->of($free), $of->sellsIn()),
            default => '',
        };
        if ($saidIn($this->bench->look->storefront) === '') {
            return [];
        }
        $found = [];
        foreach ($this->looks->saying([EveryLook::WORDS]) as [$look, $said]) {
            $pattern = '/(?<![\w.])'.preg_quote($saidIn($look->storefront), '/').'(?!\w)/iu';
            $words = ColoredText::plain($said['value']);
            if (preg_match($pattern, $words) === 1 && ! ($this->isHere($look) && $this->bench->isPutAway($said['path']))) {
                $found[] = [...$this->placed($look, $said, Parts::label($said['part']).', '.$said['label']), $words];
            }
        }

        return $found;
    }

    /**
     * Where menus and looks lead to it, or looks list it.
     *
     * @return list<array{string, string}> label and address of each entry and setting
     */
    public function pointers(): array
    {
        $slug = $this->row['slug'] ?? null;
        if (! is_string($slug) || ! isset(self::ADDRESSED[$this->kind->key])) {
            return [];
        }
        $address = $this->address();
        $found = MenuEntry::query()
            ->whereRaw("substring_index(target, '?', 1) = ?", [$address])
            ->orderBy('id')
            ->limit(self::POINTERS)
            ->pluck('label', 'id')
            ->map(fn(string $label, int $id): array => [
                "Menu entry, $label", $this->bench->address('storeroom?open_kind='.RecordKinds::ENTRIES."&open_record=$id"),
            ])
            ->values()
            ->all();
        $kinds = $this->kind->key === RecordKinds::GOODS ? [EveryLook::TARGET, EveryLook::PRODUCTS] : [EveryLook::TARGET];
        foreach ($this->looks->saying($kinds) as [$look, $said, $kind]) {
            $is = $kind === EveryLook::TARGET
                ? strtok($said['value'], '?') === $address
                : in_array($slug, explode(',', $said['value']), true);
            if ($is && ! ($this->isHere($look) && $this->bench->isPutAway($said['path']))) {
                $found[] = $this->placed($look, $said, $said['label']);
            }
        }

        return $found;
    }

    /** @return Collection<int, Mail> letters of an order, the latest first */
    public function letters(): Collection
    {
        return $this->letters ??= $this->kind->key !== RecordKinds::ORDERS ? new Collection() : Mail::query()
            ->where('to', (string) $this->row['email'])
            ->where('subject', 'like', '%'.addcslashes((string) $this->row['number'], '\\%_'))
            ->orderByDesc('id')
            ->limit(20)
            ->get(['id', 'subject', 'created_at']);
    }

    /** @return Collection<int, Product> the first of a category, as its shelf is arranged */
    public function shelf(): Collection
    {
        $category = Category::query()->findOrFail($this->id);

        return $category->arranged($category->goods()->with('picture'))->limit(self::ON_A_SHELF)->get();
    }

    /**
     * What looks of a storefront lead to or list that it does not show.
     *
     * @return list<array{string, string, string}> label of the setting or menu, its address, what it names
     */
    public function withoutPlace(): array
    {
        $storefront = $this->storefront();
        $menus = $this->bench->store->targetsOfMenus();
        [$named, $places] = [['address' => [], 'product' => []], []];
        foreach ($this->looks->saying([EveryLook::TARGET, EveryLook::PRODUCTS, EveryLook::MENU]) as [$look, $said, $kind]) {
            if ($look->storefront_id !== $this->id) {
                continue;
            }
            $of = $kind === EveryLook::PRODUCTS ? 'product' : 'address';
            $names = match ($kind) {
                EveryLook::MENU => $menus[$said['value']] ?? [],
                EveryLook::PRODUCTS => explode(',', $said['value']),
                default => [$said['value']],
            };
            foreach ($names as $name) {
                $name = (string) strtok($name, '?');
                $named[$of][] = $name;
                $places[] = [$look, $said, $of, $name];
            }
        }
        $there = $this->bench->store->shownIn($storefront, $named['address'], $named['product']);

        return array_values(array_map(
            fn(array $at): array => [...$this->placed($at[0], $at[1], Parts::label($at[1]['part']).', '.$at[1]['label']), $at[3]],
            array_filter($places, static fn(array $at): bool => ! in_array($at[3], $there[$at[2]], true)),
        ));
    }

    public function storefront(): Storefront
    {
        return Storefront::query()->with('store')->findOrFail($this->id);
    }

    public function order(): ?Order
    {
        return Order::query()->find($this->id);
    }

    private function address(): string
    {
        return self::ADDRESSED[$this->kind->key][0].(is_string($this->row['slug']) ? $this->row['slug'] : '');
    }

    private function isHere(Look $look): bool
    {
        return $look->id === $this->bench->look->id;
    }

    /**
     * @param Said $said
     *
     * @return array{string, string} label and address of a setting of any look
     */
    private function placed(Look $look, array $said, string $label): array
    {
        return $this->isHere($look)
            ? [$label, $this->bench->addressOfSetting($said['path'])]
            : ["$label, in the look $look->name", "/workbench/looks/$look->id"];
    }
}
