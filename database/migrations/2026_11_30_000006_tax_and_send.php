<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Countries take their share, delivery goes to some of them and takes so much weight, and a code may give a product. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('tax_rates', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->char('country', 2);
            // Hundredths of a percent.
            $table->unsignedSmallInteger('normal');
            $table->unsignedSmallInteger('reduced');
            $table->boolean('within')->default(false);
            $table->timestamps();
            $table->unique(['store_id', 'country']);
        });
        Schema::table('delivery_offers', static function (Blueprint $table): void {
            $table->json('countries')->nullable();
            $table->unsignedInteger('least_grams')->nullable();
            $table->unsignedInteger('most_grams')->nullable();
            $table->unsignedInteger('least_sum')->default(0);
        });
        Schema::table('promotion_codes', static function (Blueprint $table): void {
            $table->foreignId('gift_id')->nullable()->constrained('products');
        });
    }
};
