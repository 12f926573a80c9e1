<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pictures of the library have a name of their own, and one that was deleted can come back: its files stay. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('pictures', static function (Blueprint $table): void {
            $table->string('title', 120)->default('');
            $table->unsignedInteger('kilobytes')->virtualAs('ceil(bytes / 1000)');
            $table->softDeletes();
            $table->index(['store_id', 'deleted_at', 'id']);
        });
        DB::table('pictures')->update(['title' => DB::raw('left(name, 120)')]);
        Schema::table('products', static fn(Blueprint $table) => $table->index(['store_id', 'picture_id']));
    }
};
