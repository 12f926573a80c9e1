<?php

declare(strict_types=1);

use Ikat\Core\Find\SearchTerms;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Answers that do not grow with the store: every order a shop lists products in has an index of its own, and so has the search. */
return new class extends Migration {
    private const ORDERS = [
        'products_shelf' => 'store_id, position, id',
        'products_newest' => 'store_id, added_on desc, id',
        'products_sold' => 'store_id, sold desc, id',
        'products_featured' => 'store_id, featured, position, id',
        'products_film' => 'store_id, video, position',
        'products_stock' => 'store_id, stock, position, id',
        'products_label' => 'store_id, label, position',
        'products_in_category' => 'store_id, category_id, position, id',
        'products_in_category_newest' => 'store_id, category_id, added_on desc, id',
        'products_in_category_sold' => 'store_id, category_id, sold desc, id',
        'products_in_category_low' => 'store_id, category_id, price, id',
        'products_in_category_high' => 'store_id, category_id, price desc, id',
    ];

    public function up(): void
    {
        Schema::table('products', static function (Blueprint $table): void {
            $table->dropFullText(['name', 'note', 'words']);
            $table->text('search_terms')->after('words');
        });
        foreach (DB::table('products')->select(['id', 'name', 'note', 'words'])->orderBy('id')->lazy(1000) as $product) {
            DB::table('products')
                ->where('id', $product->id)
                ->update(['search_terms' => SearchTerms::index($product->name, $product->note, $product->words)]);
        }
        Schema::table('products', static fn(Blueprint $table) => $table->fullText('search_terms'));
        foreach (self::ORDERS as $name => $columns) {
            DB::statement("create index $name on products ($columns)");
        }
        Schema::table('looks', static fn(Blueprint $table) => $table->index(['storefront_id', 'put_away_at', 'updated_at']));
        Schema::table('pictures', static fn(Blueprint $table) => $table->index(['store_id', 'id']));
    }
};
