<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('stores', static function (Blueprint $table): void {
            // ISO 3166-1 codes and BCP 47 tags; the first of each is the store's own.
            $table->json('countries')->nullable();
            $table->json('languages')->nullable();
        });
        Schema::table('pictures', static function (Blueprint $table): void {
            // Where its files lie and what they are called: changes when the picture is replaced.
            $table->string('base')->default('');
            $table->json('formats')->nullable();
            $table->unsignedTinyInteger('focus_x')->default(50);
            $table->unsignedTinyInteger('focus_y')->default(50);
            // Computed once from its pixels, for when it serves as a logo.
            $table->json('facts')->nullable();
            // What stood there before the last replacement, to bring it back.
            $table->json('before')->nullable();
        });
        Schema::create('product_pictures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained()->cascadeOnDelete();
            $table->foreignId('picture_id')->constrained();
            $table->unsignedInteger('position');
            $table->unique(['product_id', 'picture_id']);
        });
        Schema::table('products', static function (Blueprint $table): void {
            $table->string('video', 120)->nullable();
        });
        Schema::table('pages', static function (Blueprint $table): void {
            $table->boolean('policy')->default(false);
        });
        Schema::table('releases', static function (Blueprint $table): void {
            // When which seasons run, what they change, and every picture the look shows, as they were when it was published.
            $table->longText('timeline');
            $table->longText('variants');
            $table->longText('pictures');
        });
    }
};
