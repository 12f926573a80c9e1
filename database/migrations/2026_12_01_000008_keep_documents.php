<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Files that menus and buttons lead to: a care sheet, a list of prices. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('documents', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('slug', 80);
            $table->string('path', 120)->charset('ascii');
            $table->unsignedInteger('bytes');
            $table->string('form', 8)->charset('ascii')->storedAs("substring_index(path, '.', -1)");
            $table->unsignedInteger('kilobytes')->storedAs('ceil(bytes / 1000)');
            $table->timestamps();
            $table->unique(['store_id', 'slug']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('documents');
    }
};
