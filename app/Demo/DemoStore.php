<?php

declare(strict_types=1);

namespace App\Demo;

use App\Database\Transaction;
use App\Looks\Author;
use App\Looks\EditLook;
use App\Models\Category;
use App\Models\CurrentStore;
use App\Models\DeliveryOffer;
use App\Models\Look;
use App\Models\Menu;
use App\Models\MenuEntry;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Product;
use App\Models\PromotionCode;
use App\Models\Store;
use App\Models\Storefront;
use App\Models\TaxRate;
use App\Models\User;
use App\Publishing\PublishLook;
use Illuminate\Support\Facades\DB;

/** Fills an empty database with the demo store and publishes its first looks. */
final class DemoStore
{
    public function __construct(
        private readonly CurrentStore $current,
        private readonly EditLook $edit,
        private readonly PublishLook $publish,
    ) {}

    /** @param array<string, mixed> $demo as in demo/storeroom.php */
    public function fill(array $demo, string $productsJson, string $picturesJson): Store
    {
        return Transaction::run(function () use ($demo, $productsJson, $picturesJson): Store {
            $store = Store::query()->create($demo['store']);
            $this->current->is($store->id);
            foreach ($demo['people'] as $person) {
                User::query()->create([...$person, 'store_id' => $store->id, 'password' => $demo['password']]);
            }
            $drawn = json_decode($picturesJson, true, 16, JSON_THROW_ON_ERROR);
            $pictures = $this->pictures($drawn);
            $this->products($demo['categories'], json_decode($productsJson, true, 16, JSON_THROW_ON_ERROR), $pictures);
            $this->morePictures($drawn, $pictures);
            $this->around($demo, $pictures);
            foreach ($demo['storefronts'] as $row) {
                $this->storefront($row, [...$demo['own_changes'], ...self::seasons($demo['seasons']), ...$row['more'] ?? []]);
            }

            return $store;
        });
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return array<string, int> name => id
     */
    private function pictures(array $rows): array
    {
        $ids = [];
        foreach ($rows as $row) {
            $ids[$row['name']] = Picture::query()->create([
                ...array_diff_key($row, ['of' => 0]),
                'base' => '/pictures/'.$this->current->id()."/$row[name]",
            ])->id;
        }

        return $ids;
    }

    /**
     * @param array<string, array{string, string}> $categories
     * @param list<array<string, mixed>> $products
     * @param array<string, int> $pictures
     */
    private function products(array $categories, array $products, array $pictures): void
    {
        $ids = [];
        foreach ($categories as $slug => [$name, $words]) {
            $ids[$slug] = Category::query()->create(['slug' => $slug, 'name' => $name, 'words' => $words, 'position' => count($ids)])->id;
        }
        foreach ($products as $p) {
            Product::query()->create([
                'category_id' => $ids[$p['category']], 'picture_id' => $pictures[$p['slug']] ?? null,
                'video' => $p['film'] ?? false ? '/pictures/'.$this->current->id()."/$p[slug].webm" : null,
                'added_on' => now()->subDays($p['days'])->toDateString(),
                'reduced_until' => isset($p['reduced_days']) ? now()->addDays($p['reduced_days'])->startOfMinute() : null,
                'facts' => [
                    'Made' => 'By hand in Aldermouth',
                    'Of' => $p['note'],
                    'Leaves us' => $p['stock'] > 0 ? 'Within two days' : 'When the next are folded',
                ],
                ...array_intersect_key(
                    $p,
                    array_flip([
                        'slug', 'name', 'note', 'words', 'price', 'reduced', 'cost', 'stock', 'weight', 'options', 'variants', 'swatches',
                        'label', 'rating', 'ratings', 'sold', 'featured',
                        'position',
                    ]),
                ),
            ]);
        }
    }

    /**
     * @param list<array<string, mixed>> $drawn
     * @param array<string, int> $pictures name => id
     */
    private function morePictures(array $drawn, array $pictures): void
    {
        $products = Product::query()->pluck('id', 'slug');
        foreach ($drawn as $row) {
            if (isset($row['of'])) {
                DB::table('product_pictures')->insert([
                    'product_id' => $products[$row['of']],
                    'picture_id' => $pictures[$row['name']],
                    'position' => 1,
                ]);
            }
        }
    }

    /**
     * @param array<string, list<int|string>> $seasons
     *
     * @return array<string, string> path => value
     */
    private static function seasons(array $seasons): array
    {
        $own = ['seasons' => implode(',', array_keys($seasons))];
        foreach ($seasons as $item => [
            $name, $from, $to, $picture, $kicker, $heading, $words, $button, $target, $announcement, $scheme, $instead,
        ]) {
            $own += array_combine(
                array_map(
                    static fn(string $key): string => "season.$item.$key",
                    ['name', 'starts', 'ends', 'picture', 'kicker', 'heading', 'words', 'button', 'target', 'announcement', 'from', 'to'],
                ),
                [
                    $name, now()->addDays($from)->format('Y-m-d').' 06:00', now()->addDays($to)->format('Y-m-d').' 00:00', $picture,
                    $kicker, $heading, $words, $button, $target, $announcement, $scheme, $instead,
                ],
            );
        }

        return $own;
    }

    /**
     * @param array<string, mixed> $demo
     * @param array<string, int> $pictures name => id
     */
    private function around(array $demo, array $pictures): void
    {
        $menus = Menu::begin();
        foreach ($demo['menus'] as $key => $entries) {
            foreach ($entries as $i => $entry) {
                [$label, $target, $level, $mark, $picture] = $entry + [2 => 1, 3 => '', 4 => null];
                MenuEntry::query()->create([
                    'menu_id' => $menus[$key]->id, 'label' => $label, 'target' => $target, 'position' => $i,
                    'level' => $level, 'mark' => $mark, 'picture_id' => $picture === null ? null : $pictures[$picture],
                ]);
            }
        }
        foreach ($demo['pages'] as $slug => [$title, $body]) {
            Page::query()->create([
                'slug' => $slug, 'title' => $title, 'body' => $body, 'policy' => in_array($slug, $demo['policies'], true),
            ]);
        }
        foreach ($demo['promotions'] as $p) {
            PromotionCode::query()->create([
                'code' => $p['code'], 'kind' => $p['kind'], 'value' => $p['value'], 'minimum' => $p['minimum'],
                'starts_at' => now()->modify($p['from']), 'ends_at' => now()->modify($p['to']),
            ]);
        }
        foreach ($demo['taxes'] as $rate) {
            TaxRate::query()->create($rate);
        }
        foreach ($demo['delivery'] as $i => $offer) {
            DeliveryOffer::query()->create([...$offer, 'position' => $i]);
        }
    }

    /**
     * @param array<string, mixed> $row
     * @param array<string, string> $own
     */
    private function storefront(array $row, array $own): void
    {
        $storefront = Storefront::query()->create(array_intersect_key($row, array_flip(['name', 'slug', 'locked', 'password'])));
        $look = Look::query()->create([
            'storefront_id' => $storefront->id, 'name' => $row['look'], 'theme' => 'millrace', 'version' => $row['version'],
            'starter' => $row['starter'], 'state' => '{}', 'head' => 0,
        ]);
        ($this->edit)($look, $own, 0, new Author('Ikat'), 'the shop’s words');
        ($this->publish)($look->refresh(), 'Ikat', null);
    }
}
