<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('brought_themes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->string('name', 60)->collation('utf8mb4_bin');
            $table->string('version', 20)->collation('utf8mb4_bin');
            $table->mediumText('tokens');
            $table->mediumText('css');
            $table->timestamps();
            $table->unique(['store_id', 'name', 'version']);
        });
        // Themes used to lie in folders named by what came in; from now on nothing is reached that way.
        foreach (glob(storage_path('themes/*/own-*/*/theme.tokens.json')) ?: [] as $tokens) {
            [$store, $name, $version] = array_slice(explode('/', dirname($tokens)), -3);
            if (DB::table('stores')->where('id', (int) $store)->exists() && is_file(dirname($tokens).'/theme.css')) {
                DB::table('brought_themes')->insertOrIgnore([
                    'store_id' => (int) $store, 'name' => $name, 'version' => $version, 'tokens' => file_get_contents($tokens),
                    'css' => file_get_contents(dirname($tokens).'/theme.css'), 'created_at' => now(), 'updated_at' => now(),
                ]);
            }
        }
    }
};
