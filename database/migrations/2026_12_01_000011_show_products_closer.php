<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Colors of what can be chosen of a product, and a film of it that stands elsewhere on the web. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('products', static function (Blueprint $table): void {
            $table->json('swatches')->nullable()->after('variants');
            $table->string('film_elsewhere', 200)->nullable()->after('video');
        });
    }

    public function down(): void
    {
        Schema::table('products', static fn(Blueprint $table) => $table->dropColumn(['swatches', 'film_elsewhere']));
    }
};
