<?php

declare(strict_types=1);

// Makes the demo store large: 100,000 products, 100,000 edits, 200 looks, 2,000 pictures. Rows only; no picture is drawn.

use App\Models\CurrentStore;
use App\Models\Look;
use Ikat\Core\Find\SearchTerms;
use Illuminate\Support\Facades\DB;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
app(CurrentStore::class)->is(1);

const PRODUCTS = 100_000;
const EDITS = 100_000;
const LOOKS = 200;
const PICTURES = 2_000;

$now = now()->toDateTimeString();
$chunked = static function (string $table, int $count, callable $row): void {
    DB::transaction(static function () use ($table, $count, $row): void {
        for ($from = 0; $from < $count; $from += 1000) {
            DB::table($table)->insert(array_map($row, range($from, min($count, $from + 1000) - 1)));
        }
    });
};
$products = DB::table('products')->where('store_id', 1)->get()->map(static fn(object $p): array => array_diff_key((array) $p, ['id' => 0]))->all();
$chunked('products', PRODUCTS - count($products), static function (int $i) use ($products): array {
    $like = $products[$i % count($products)];
    $name = "$like[name] ".base_convert((string) (7919 * $i + 46656), 10, 36);

    return [...$like, 'slug' => "$like[slug]-$i", 'name' => $name, 'position' => 100 + $i, 'sold' => ($i * 31) % 997, 'price' => 500 + ($i * 37) % 20000, 'reduced' => null, 'search_terms' => SearchTerms::index($name, $like['note'], $like['words'])];
});
$picture = array_diff_key((array) DB::table('pictures')->where('store_id', 1)->first(), ['id' => 0, 'kilobytes' => 0]);
$chunked('pictures', PICTURES, static fn(int $i): array => [...$picture, 'name' => "grown-$i", 'alt' => "Grown $i"]);
$look = Look::query()->firstOrFail();
$chunked('looks', LOOKS, static fn(int $i): array => [...array_diff_key($look->getAttributes(), ['id' => 0]), 'name' => "Look $i", 'head' => 0, 'undo_at' => 0, 'redo_at' => 0]);
$head = $look->head;
$chunked('edits', EDITS, static fn(int $i): array => ['look_id' => $look->id, 'sequence' => $head + 1 + $i, 'kind' => 'edit', 'of' => null, 'below' => $head + $i, 'label' => 'Indigo', 'author' => 'Grown', 'settings_changed' => '[{"path":"brand.main","before":null,"after":"#2c2b76"}]', 'created_at' => $now]);
$look->update(['head' => $head + EDITS, 'undo_at' => $head + EDITS]);
DB::table('storefronts')->increment('content_version');
foreach (['products', 'edits', 'looks', 'pictures'] as $table) {
    DB::statement("analyze table $table");
}
printf("%d products, %d edits, %d looks, %d pictures\n", DB::table('products')->count(), DB::table('edits')->count(), DB::table('looks')->count(), DB::table('pictures')->count());
