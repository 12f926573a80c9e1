<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('own_fonts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            // Made of what is in the file: the same font has the same key, wherever it is brought.
            $table->string('key', 40);
            $table->string('name', 60);
            $table->string('kind', 10);
            $table->unsignedSmallInteger('license_bits');
            $table->string('confirmed_by');
            $table->boolean('is_whole');
            $table->json('measures');
            $table->timestamps();
            $table->softDeletes();
            $table->unique(['store_id', 'key']);
        });
    }
};
