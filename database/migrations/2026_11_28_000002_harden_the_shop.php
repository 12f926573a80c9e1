<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Names in addresses are one and the same only letter by letter: no other case, accent or blank leads to them.
        foreach (['storefronts', 'categories', 'products', 'pages'] as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->string('slug')->collation('utf8mb4_bin')->change());
        }
        Schema::table('users', static fn(Blueprint $table) => $table->string('email')->collation('utf8mb4_bin')->change());
        Schema::table('letters', static fn(Blueprint $table) => $table->string('email')->collation('utf8mb4_bin')->change());
        Schema::table('pictures', static fn(Blueprint $table) => $table->string('name')->collation('utf8mb4_bin')->change());
        Schema::table('promotion_codes', static fn(Blueprint $table) => $table->string('code', 32)->collation('utf8mb4_bin')->change());
        Schema::table('orders', static function (Blueprint $table): void {
            // The cart it was made of: a second press of the button finds the same order.
            $table->char('cart_token', 64)->charset('ascii')->collation('ascii_bin')->nullable()->unique();
        });
        Schema::table('carts', static function (Blueprint $table): void {
            $table->index('updated_at');
        });
        Schema::create('sheets', static function (Blueprint $table): void {
            // Stylesheets of releases, by their content-hashed names: a file that is lost is written again.
            $table->string('name', 80)->collation('utf8mb4_bin')->primary();
            $table->mediumText('css');
            $table->timestamp('created_at')->useCurrent();
        });
        $folder = public_path((string) config('ikat.files'));
        foreach (DB::table('releases')->get(['theme_css', 'look_css', 'variants']) as $release) {
            foreach ([
                $release->theme_css,
                $release->look_css,
                ...array_column((array) json_decode((string) $release->variants, true), 'look_css'),
            ] as $name) {
                if (is_file("$folder/$name")) {
                    DB::table('sheets')->insertOrIgnore(['name' => $name, 'css' => file_get_contents("$folder/$name")]);
                }
            }
        }
    }
};
