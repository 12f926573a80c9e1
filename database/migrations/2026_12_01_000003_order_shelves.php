<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A category says which of its goods come first. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('categories', static fn(Blueprint $table) => $table->json('first_goods')->nullable());
    }
};
