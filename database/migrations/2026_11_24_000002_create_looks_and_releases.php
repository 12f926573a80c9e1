<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('looks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('storefront_id')->constrained();
            $table->string('name');
            $table->string('theme');
            $table->string('version');
            $table->string('starter');
            $table->longText('state');
            $table->unsignedInteger('head')->default(0);
            $table->timestamp('put_away_at')->nullable();
            $table->timestamps();
        });
        Schema::create('edits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('look_id')->constrained();
            $table->unsignedInteger('sequence');
            $table->string('kind', 8);
            $table->unsignedInteger('of')->nullable();
            $table->string('label');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('author');
            $table->longText('settings_changed');
            $table->timestamp('created_at');
            $table->unique(['look_id', 'sequence']);
            $table->index(['look_id', 'sequence', 'kind', 'of']);
        });
        Schema::create('releases', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('storefront_id')->constrained();
            $table->unsignedInteger('number');
            $table->foreignId('look_id')->constrained();
            $table->unsignedInteger('sequence');
            $table->string('theme');
            $table->string('theme_version');
            $table->string('starter');
            $table->longText('state');
            $table->longText('resolved');
            $table->string('theme_css', 80);
            $table->string('look_css', 80);
            $table->longText('findings');
            $table->text('reason')->nullable();
            $table->string('author');
            $table->timestamp('created_at');
            $table->unique(['storefront_id', 'number']);
        });
        Schema::create('release_switches', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('storefront_id')->constrained();
            $table->foreignId('release_id')->constrained();
            $table->string('author');
            $table->timestamp('created_at');
        });
        Schema::table('storefronts', static function (Blueprint $table): void {
            $table->foreign('live_release_id')->references('id')->on('releases');
        });
    }
};
