<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Goods, menus, pages and codes are changed by hand: each edit stands in the store's own journal, and old addresses lead on. */
return new class extends Migration {
    private const ORDERS = [
        'products_by_name' => 'store_id, name, id',
        'products_by_price' => 'store_id, price, id',
        'products_by_before' => 'store_id, was, id',
        'products_by_cost' => 'store_id, cost, id',
        'products_by_margin' => 'store_id, margin, id',
    ];

    public function up(): void
    {
        Schema::table('products', static function (Blueprint $table): void {
            $table->unsignedInteger('cost')->nullable()->after('was');
            // Percent of the price, as core reckons it; kept, so that a table can be ordered by it.
            $table->integer('margin')->nullable()->after('cost');
        });
        foreach (self::ORDERS as $name => $columns) {
            DB::statement("create index $name on products ($columns)");
        }
        Schema::table('stores', static function (Blueprint $table): void {
            $table->unsignedBigInteger('head')->default(0);
            $table->unsignedBigInteger('undo_at')->default(0);
            $table->unsignedBigInteger('redo_at')->default(0);
        });
        Schema::create('store_edits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->unsignedBigInteger('sequence');
            $table->string('kind', 8);
            $table->unsignedBigInteger('of')->nullable();
            $table->unsignedBigInteger('below')->default(0);
            $table->string('label', 200);
            $table->unsignedInteger('records');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('author');
            $table->timestamp('created_at')->nullable();
            $table->unique(['store_id', 'sequence']);
        });
        // What an edit changes, in pieces: one may change every record of a large store.
        Schema::create('store_edit_parts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_edit_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('part');
            $table->longText('changes');
            $table->unique(['store_edit_id', 'part']);
        });
        // A file that is to be taken in: how it is read, and what it would change.
        Schema::create('store_files', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 16);
            $table->string('name', 200);
            $table->string('state', 12);
            $table->string('encoding', 16);
            $table->string('delimiter', 1);
            $table->boolean('has_heads')->default(true);
            $table->json('heads');
            $table->json('columns');
            $table->unsignedInteger('rows')->default(0);
            $table->unsignedBigInteger('seen')->default(0);
            $table->longText('outlook')->nullable();
            $table->string('words', 500)->default('');
            $table->timestamps();
            $table->index(['store_id', 'state']);
        });
        Schema::create('former_addresses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('kind', 16);
            $table->string('slug', 120);
            $table->unsignedBigInteger('record_id');
            $table->unique(['store_id', 'kind', 'slug']);
        });
    }
};
