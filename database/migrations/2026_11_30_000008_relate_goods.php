<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A product says itself what stands beside it, and a page can be put away without being lost. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('products', static fn(Blueprint $table) => $table->json('related')->nullable());
        Schema::table('pages', static fn(Blueprint $table) => $table->boolean('away')->default(false));
    }
};
