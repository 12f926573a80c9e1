<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A storefront may sell to some countries and some categories alone, and a store says where it is and how it is reached. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('storefronts', static function (Blueprint $table): void {
            $table->json('countries')->nullable();
            $table->json('category_ids')->nullable();
        });
        Schema::table('stores', static function (Blueprint $table): void {
            $table->string('line', 120)->default('');
            $table->string('place', 300)->default('');
            $table->string('phone', 40)->nullable();
            $table->string('email', 190)->nullable();
            $table->string('hours', 400)->default('');
        });
    }
};
