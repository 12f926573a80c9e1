<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A storefront may sell in another currency, at a rate, and speak languages of its own; an order keeps the currency it was placed in. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('storefronts', static function (Blueprint $table): void {
            $table->char('currency', 3)->nullable();
            // Millionths.
            $table->unsignedBigInteger('rate')->nullable();
            $table->json('languages')->nullable();
        });
        Schema::table('orders', static fn(Blueprint $table) => $table->char('currency', 3)->default(''));
        DB::statement('update orders o join stores s on s.id = o.store_id set o.currency = s.currency');
    }
};
