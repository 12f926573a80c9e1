<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Looks\EveryLook;
use App\Looks\LookReader;
use App\Models\Category;
use App\Models\Look;
use App\Models\Product;
use App\Models\Release;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Store\Variants;
use Illuminate\Support\Facades\DB;

/** Where pictures of the library stand. */
final class PictureUses
{
    /** Products that are named. */
    private const NAMED = 12;

    /** @var ?list<string> */
    private ?array $inLooks = null;

    public function __construct(private readonly LookReader $looks, private readonly EveryLook $everywhere) {}

    /** @return list<string> names of those that looks of the store show, now or in a season */
    public function inLooks(): array
    {
        return $this->inLooks ??= array_values(array_unique(array_merge([], ...Look::query()->with('storefront.store')->get()
            ->map(fn(Look $look): array => StoreContents::asked($this->looks->of($look)->resolved())['pictures'])->all())));
    }

    /** @return list<int> ids of those that a way of a product is shown by */
    public function inWays(): array
    {
        $ids = [];
        foreach (Product::query()->whereRaw("variants regexp ';[0-9]+\"'")->toBase()->pluck('variants') as $kept) {
            foreach (Variants::of([], json_decode((string) $kept, true, 4, JSON_THROW_ON_ERROR))->named as $way) {
                $ids[] = $way->picture;
            }
        }

        return array_values(array_unique(array_filter($ids)));
    }

    /** @return list<array{Look, Setting}> look and setting that shows a picture */
    public function settings(string $name): array
    {
        $found = [];
        foreach ($this->everywhere->settings() as [$look, $resolved, $setting]) {
            $shown = match (true) {
                $setting->type instanceof PictureType => [$resolved->text($setting->path)],
                $setting->type instanceof PicksType && $setting->type->kind === 'picture' => explode(',', $resolved->text($setting->path)),
                default => [],
            };
            if (in_array($name, $shown, true)) {
                $found[] = [$look, $setting];
            }
        }

        return $found;
    }

    /** @return array<int, string> id => name of products that show a picture, the first of them, in the order of the shelf */
    public function products(int $id): array
    {
        return Product::query()
            ->where(static fn($q) => $q->where('picture_id', $id)->orWhere('variants', 'like', "%;$id\"%")->orWhereIn(
                'id',
                DB::table('product_pictures')->where('picture_id', $id)->select('product_id'),
            ))
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
        $settings = $this->settings($name);
        if ($settings !== []) {
            [$look, $setting] = $settings[0];

            return "$setting->label of the look $look->name shows it. Choose another there first.";
        }
        $isReleased = Release::query()
            ->whereIn('look_id', Look::query()->select('id'))
            ->whereRaw("json_exists(pictures, concat('$.\"', ?, '\"'))", [$name])
            ->exists();

        return $isReleased ? 'A release shows it, and could be brought back. It stays as long as the release.' : null;
    }
}
