<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('pictures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('name');
            $table->string('alt');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->json('widths');
            $table->unsignedBigInteger('bytes');
            $table->timestamps();
            $table->unique(['store_id', 'name']);
        });
        Schema::create('categories', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('slug');
            $table->string('name');
            $table->text('words');
            $table->unsignedInteger('position');
            $table->timestamps();
            $table->unique(['store_id', 'slug']);
        });
        Schema::create('products', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('category_id')->constrained();
            $table->foreignId('picture_id')->nullable()->constrained();
            $table->string('slug');
            $table->string('name');
            $table->string('note')->default('');
            $table->text('words');
            $table->json('facts');
            $table->unsignedInteger('price');
            $table->unsignedInteger('was')->nullable();
            $table->unsignedInteger('stock');
            $table->string('label')->nullable();
            $table->decimal('rating', 2, 1)->nullable();
            $table->unsignedInteger('ratings')->default(0);
            $table->unsignedInteger('sold')->default(0);
            $table->boolean('featured')->default(false);
            $table->date('added_on');
            $table->unsignedInteger('position');
            $table->timestamps();
            $table->unique(['store_id', 'slug']);
            $table->fullText(['name', 'note', 'words']);
        });
        Schema::create('menu_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('menu', 16);
            $table->string('label');
            $table->string('target');
            $table->unsignedInteger('position');
            $table->timestamps();
        });
        Schema::create('pages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('slug');
            $table->string('title');
            $table->text('body');
            $table->timestamps();
            $table->unique(['store_id', 'slug']);
        });
        Schema::create('promotion_codes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('code', 32);
            $table->string('kind', 8);
            $table->unsignedInteger('value');
            $table->unsignedInteger('minimum')->default(0);
            $table->timestamp('starts_at')->nullable();
            $table->timestamp('ends_at')->nullable();
            $table->timestamps();
            $table->unique(['store_id', 'code']);
        });
        Schema::create('delivery_offers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('name');
            $table->string('words');
            $table->unsignedInteger('price');
            $table->unsignedInteger('free_from')->nullable();
            $table->unsignedInteger('position');
            $table->timestamps();
        });
        Schema::create('letters', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('email');
            $table->timestamps();
            $table->unique(['store_id', 'email']);
        });
    }
};
