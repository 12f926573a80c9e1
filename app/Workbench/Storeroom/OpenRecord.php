<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Looks\EveryLook;
use App\Models\Category;
use App\Models\Look;
use App\Models\Mail;
use App\Models\Menu;
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
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\TargetType;
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
 */
final class OpenRecord
{
    /** Kind of record => what stands before its address in the shop, and the part of the page that shows it. */
    private const PAGES = [
        RecordKinds::GOODS => ['/product/', 'product'], RecordKinds::CATEGORIES => ['/category/', 'grid'],
        RecordKinds::PAGES => ['/page/', 'page'],
    ];

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
        if (isset(self::PAGES[$this->kind->key])) {
            return new WindowPlace($this->address(), self::PAGES[$this->kind->key][1]);
        }
        $letter = $this->letters()->first();

        return match ($this->kind->key) {
            RecordKinds::MENUS => $this->placeOfMenu($this->id),
            RecordKinds::ENTRIES => $this->placeOfMenu((int) (is_int($this->row['menu_id']) ? $this->row['menu_id'] : 0)),
            RecordKinds::DELIVERY => WindowPlace::ofPart('delivery'),
            RecordKinds::ORDERS => $letter === null ? null : new WindowPlace("/mail/$letter->id", ''),
            RecordKinds::CODES => new WindowPlace('code', 'cart'),
            default => null,
        };
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
        foreach ($this->uses->settings((string) ($this->row['name'] ?? '')) as [$look, $setting]) {
            $found[] = $this->placed($look, $setting, $setting->label);
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
        foreach ($this->looks->settings() as [$look, $resolved, $setting]) {
            $pattern = '/(?<![\w.])'.preg_quote($saidIn($look->storefront), '/').'(?!\w)/iu';
            $words = $setting->type instanceof TextType ? ColoredText::plain($resolved->text($setting->path)) : '';
            if (preg_match($pattern, $words) === 1 && ! ($this->isHere($look) && $this->bench->isPutAway($setting->path))) {
                $found[] = [...$this->placed($look, $setting, Parts::label($setting->part).', '.$setting->label), $words];
            }
        }

        return $found;
    }

    /**
     * Where looks lead to it, or list it.
     *
     * @return list<array{string, string}> label and address of each setting
     */
    public function pointers(): array
    {
        $slug = $this->row['slug'] ?? null;
        if (! is_string($slug) || ! isset(self::PAGES[$this->kind->key])) {
            return [];
        }
        $address = $this->address();
        $found = [];
        foreach ($this->looks->settings() as [$look, $resolved, $setting]) {
            $is = match (true) {
                $setting->type instanceof TargetType => strtok($resolved->text($setting->path), '?') === $address,
                $setting->type instanceof PicksType => $setting->type->kind === 'product' && $this->kind->key === RecordKinds::GOODS
                    && in_array($slug, explode(',', $resolved->text($setting->path)), true),
                default => false,
            };
            if ($is && ! ($this->isHere($look) && $this->bench->isPutAway($setting->path))) {
                $found[] = $this->placed($look, $setting, $setting->label);
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
        [$found, $contents, $storefront] = [[], [], $this->storefront()];
        foreach ($this->looks->settings() as [$look, $resolved, $setting]) {
            if ($look->storefront_id !== $this->id) {
                continue;
            }
            $there = $contents[$look->id] ??= $this->bench->store->contents($resolved, $storefront);
            $value = (string) $resolved->value($setting->path);
            $missing = match (true) {
                $setting->type instanceof TargetType && ! $setting->type->isWeb => $value === '' || $there->has($value) ? [] : [$value],
                $setting->type instanceof PicksType && $setting->type->kind === 'product' => array_diff(
                    array_filter(explode(',', $value)),
                    $there->products,
                ),
                $setting->type instanceof MenuType => array_filter(
                    $there->menus[$value] ?? [],
                    static fn(string $target): bool => ! $there->has($target),
                ),
                default => [],
            };
            foreach ($missing as $name) {
                $found[] = [...$this->placed($look, $setting, Parts::label($setting->part).', '.$setting->label), $name];
            }
        }

        return $found;
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
        return self::PAGES[$this->kind->key][0].(is_string($this->row['slug']) ? $this->row['slug'] : '');
    }

    private function isHere(Look $look): bool
    {
        return $look->id === $this->bench->look->id;
    }

    /** @return array{string, string} label and address of a setting of any look */
    private function placed(Look $look, Setting $setting, string $label): array
    {
        return $this->isHere($look)
            ? [$label, $this->bench->addressOfSetting($setting->path)]
            : ["$label, in the look $look->name", "/workbench/looks/$look->id"];
    }
}
