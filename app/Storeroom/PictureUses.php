<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Looks\EveryLook;
use App\Models\Category;
use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\MenuEntry;
use App\Models\Product;
use App\Models\Release;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\Variants;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * Where pictures of the library stand.
 *
 * @phpstan-import-type Said from EveryLook
 */
final class PictureUses
{
    /** Products that are named. */
    private const NAMED = 12;

    /** @var ?list<string> */
    private ?array $inLooks = null;

    private const SECONDS = 86_400;

    /** @var ?list<int> */
    private ?array $inWays = null;

    public function __construct(
        private readonly EveryLook $everywhere,
        private readonly CurrentStore $store,
        private readonly TouchedColumns $touched,
    ) {}

    /** @return list<string> names of those that looks of the store show, now or in a season */
    public function inLooks(): array
    {
        if ($this->inLooks === null) {
            $names = [];
            foreach ($this->everywhere->saying([EveryLook::PICTURE, EveryLook::PICTURES]) as [, $said]) {
                array_push($names, ...explode(',', $said['value']));
            }
            $this->inLooks = array_values(array_unique($names));
        }

        return $this->inLooks;
    }

    /** @return list<int> ids of those that a way of a product is shown by */
    public function inWays(): array
    {
        return $this->inWays ??= Cache::remember(
            "pictures-of-ways {$this->store->id()} ".$this->touched->stamp([RecordKinds::GOODS => ['variants']]),
            self::SECONDS,
            static function (): array {
                $ids = [];
                foreach (Product::query()->whereRaw("variants regexp ';[0-9]+\"'")->toBase()->pluck('variants') as $kept) {
                    foreach (Variants::of([], json_decode((string) $kept, true, 4, JSON_THROW_ON_ERROR))->named as $way) {
                        $ids[] = $way->picture;
                    }
                }

                return array_values(array_unique(array_filter($ids)));
            },
        );
    }

    /** @return list<array{Look, Said}> look and setting that shows a picture */
    public function settings(string $name): array
    {
        $found = [];
        foreach ($this->everywhere->saying([EveryLook::PICTURE, EveryLook::PICTURES]) as [$look, $said]) {
            if (in_array($name, explode(',', $said['value']), true)) {
                $found[] = [$look, $said];
            }
        }

        return $found;
    }

    /** @return array<int, string> id => name of products that show a picture, the first of them, in the order of the shelf */
    public function products(int $id): array
    {
        return Product::query()
            ->where(fn(Builder $q) => $q->where('picture_id', $id)
                ->orWhereIn('id', DB::table('product_pictures')->where('picture_id', $id)->pluck('product_id'))
                // Only where one does is every product looked through for it.
                ->when(in_array($id, $this->inWays(), true), static fn(Builder $or) => $or->orWhere('variants', 'like', "%;$id\"%")))
            ->orderBy('position')
            ->orderBy('id')
            ->limit(self::NAMED)
            ->pluck('name', 'id')
            ->all();
    }

    /** @return ?string why it cannot go, as a sentence; null where nothing needs it */
    public function need(int $id, string $name): ?string
    {
        $products = $this->products($id);
        if ($products !== []) {
            return 'The product '.reset($products).' shows it. Take it away there first.';
        }
        $category = Category::query()->where('picture_id', $id)->value('name');
        if ($category !== null) {
            return "The category $category shows it. Take it away there first.";
        }
        $entry = MenuEntry::query()->where('picture_id', $id)->value('label');
        if ($entry !== null) {
            return "The menu entry $entry shows it. Take it away there first.";
        }
        $settings = $this->settings($name);
        if ($settings !== []) {
            [$look, $said] = $settings[0];

            return "$said[label] of the look $look->name shows it. Choose another there first.";
        }
        $isReleased = Release::query()
            ->whereIn('look_id', Look::query()->select('id'))
            ->whereRaw("json_exists(pictures, concat('$.\"', ?, '\"'))", [$name])
            ->exists();

        return $isReleased ? 'A release shows it, and could be brought back. It stays as long as the release.' : null;
    }
}
