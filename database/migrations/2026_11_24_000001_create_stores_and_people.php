<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('stores', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('time_zone');
            $table->char('currency', 3);
            $table->timestamps();
        });
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role', 16);
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('storefronts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('name');
            $table->string('slug')->unique();
            $table->boolean('locked')->default(false);
            $table->string('password')->nullable();
            $table->unsignedBigInteger('live_release_id')->nullable();
            $table->unsignedBigInteger('content_version')->default(1);
            $table->timestamps();
        });
    }
};
