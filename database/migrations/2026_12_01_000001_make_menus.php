<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A store has as many menus as it wants; their entries stand on levels and may wear a mark. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('menus', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('slug', 80);
            $table->string('name', 60);
            $table->timestamps();
            $table->unique(['store_id', 'slug']);
        });
        Schema::table('menu_entries', static function (Blueprint $table): void {
            $table->foreignId('menu_id')->nullable()->after('menu')->constrained();
            $table->unsignedTinyInteger('level')->default(1);
            $table->string('mark', 20)->default('');
        });
        foreach (['main' => 'Main menu', 'help' => 'Help menu', 'foot' => 'Foot menu'] as $slug => $name) {
            DB::statement(
                'insert into menus (store_id, slug, name, created_at, updated_at) select id, ?, ?, now(), now() from stores',
                [$slug, $name],
            );
        }
        DB::statement('update menu_entries e join menus m on m.store_id = e.store_id and m.slug = e.menu set e.menu_id = m.id');
        Schema::table('menu_entries', static function (Blueprint $table): void {
            $table->dropColumn('menu');
            $table->unsignedBigInteger('menu_id')->nullable(false)->change();
        });
        // Earlier edits of entries name their menu in a column that is gone: they stay in the journal, and undo begins anew.
        DB::table('stores')->update(['undo_at' => 0, 'redo_at' => 0]);
    }
};
