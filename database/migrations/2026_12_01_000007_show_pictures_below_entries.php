<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('menu_entries', static function (Blueprint $table): void {
            $table->foreignId('picture_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('menu_entries', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('picture_id');
        });
    }
};
