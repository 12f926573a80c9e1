<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A category may stand within another and has a picture; a product may stand in several. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('categories', static function (Blueprint $table): void {
            $table->foreignId('parent_id')->nullable()->constrained('categories')->nullOnDelete();
            $table->foreignId('picture_id')->nullable()->constrained('pictures')->nullOnDelete();
        });
        Schema::create('product_categories', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained()->cascadeOnDelete();
            $table->foreignId('category_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->unique(['product_id', 'category_id']);
        });
    }
};
