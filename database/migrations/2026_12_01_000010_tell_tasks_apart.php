<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Work behind the pages is of several kinds. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->string('kind', 12)->charset('ascii')->default('take')->after('store_id');
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static fn(Blueprint $table) => $table->dropColumn('kind'));
    }
};
