<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A product has a price that is reduced for a while instead of a price before, weighs something, may not be counted, and comes in
 * variants; a line of a cart says which.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('products', static function (Blueprint $table): void {
            $table->unsignedInteger('reduced')->nullable()->after('price');
            // Moments in UTC: the front door compares them without the framework's clock zone.
            $table->dateTime('reduced_from')->nullable()->after('reduced');
            $table->dateTime('reduced_until')->nullable()->after('reduced_from');
            $table->unsignedInteger('weight')->nullable()->after('stock');
            $table->json('options')->nullable()->after('facts');
            $table->json('variants')->nullable()->after('options');
            $table->string('tax_class', 8)->default('normal');
            $table->boolean('shows_rating')->default(true);
            $table->unsignedInteger('stock')->nullable()->change();
        });
        DB::statement('update products set reduced = price, price = was where was > price');
        Schema::table('products', static function (Blueprint $table): void {
            $table->dropIndex('products_by_before');
            $table->dropColumn('was');
        });
        foreach ([
            'products_by_reduced' => 'store_id, reduced, id', 'products_by_weight' => 'store_id, weight, id',
            'products_reduced_from' => 'store_id, reduced_from', 'products_reduced_until' => 'store_id, reduced_until',
        ] as $name => $columns) {
            DB::statement("create index $name on products ($columns)");
        }
        // Earlier edits speak of a price before, which is no longer kept: they stay in the journal, and undo begins anew.
        DB::table('stores')->update(['undo_at' => 0, 'redo_at' => 0]);
        Schema::table('cart_lines', static function (Blueprint $table): void {
            $table->string('variant', 140)->default('');
            $table->unique(['cart_id', 'product_id', 'variant']);
            $table->dropUnique(['cart_id', 'product_id']);
        });
    }
};
