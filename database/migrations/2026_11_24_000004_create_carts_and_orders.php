<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('carts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('storefront_id')->constrained();
            $table->char('token', 64)->unique();
            $table->string('code', 32)->nullable();
            $table->foreignId('delivery_offer_id')->nullable()->constrained();
            $table->json('details')->nullable();
            $table->timestamps();
        });
        Schema::create('cart_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('cart_id')->constrained()->cascadeOnDelete();
            $table->foreignId('product_id')->constrained();
            $table->unsignedInteger('quantity');
            $table->timestamps();
            $table->unique(['cart_id', 'product_id']);
        });
        Schema::create('orders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('storefront_id')->constrained();
            $table->string('number', 24)->unique();
            $table->char('token', 64)->unique();
            $table->json('details');
            $table->json('lines');
            $table->json('totals');
            $table->string('payment', 40);
            $table->timestamps();
        });
    }
};
