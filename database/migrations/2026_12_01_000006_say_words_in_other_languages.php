<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('translations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained()->cascadeOnDelete();
            $table->char('language', 2)->charset('ascii');
            $table->text('original')->collation('utf8mb4_bin');
            $table->text('words')->nullable();
            $table->string('used_in', 120)->default('');
            // Texts are too long to be kept apart by themselves: the language and a hash of the original.
            $table->string('known', 20)->charset('ascii');
            $table->string('said', 8)->charset('ascii')
                ->storedAs("if(used_in = '', 'unused', if(coalesce(words, '') = '', 'missing', 'said'))");
            $table->timestamps();
            $table->unique(['store_id', 'known']);
            $table->index(['store_id', 'language', 'said']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('translations');
    }
};
