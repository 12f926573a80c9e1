<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What buyers wrote of products. A product that is deleted can come back, and finds its reviews as they were: the number of one that is
 * gone stands for nothing else.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('reviews', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('product_id');
            $table->string('name', 60);
            $table->unsignedTinyInteger('stars');
            $table->text('words');
            $table->date('written_on');
            $table->boolean('shows')->default(true);
            $table->timestamps();
            $table->index(['product_id', 'shows', 'written_on']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('reviews');
    }
};
