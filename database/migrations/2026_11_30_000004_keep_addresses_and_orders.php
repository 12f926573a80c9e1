<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Addresses join a list only once they have said so themselves (double opt-in), and orders are found by who made them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('letters', static function (Blueprint $table): void {
            $table->foreignId('storefront_id')->nullable()->constrained();
            $table->string('list', 12)->default('newsletter');
            $table->char('token', 64)->charset('ascii')->collation('ascii_bin')->nullable()->unique();
            $table->timestamp('confirmed_at')->nullable();
            $table->index(['store_id', 'list', 'id']);
        });
        DB::table('letters')->update(['confirmed_at' => DB::raw('created_at')]);
        Schema::table('promotion_codes', static function (Blueprint $table): void {
            $table->foreignId('category_id')->nullable()->constrained();
            $table->unsignedInteger('most_uses')->nullable();
            $table->unsignedInteger('used')->default(0);
        });
        Schema::table('orders', static function (Blueprint $table): void {
            $table->string('customer', 190)->default('');
            $table->string('email', 190)->default('');
            $table->unsignedInteger('total')->default(0);
            $table->index(['store_id', 'created_at', 'id']);
        });
        DB::table('orders')->update([
            'customer' => DB::raw("coalesce(left(json_value(details, '$.name'), 190), '')"),
            'email' => DB::raw("coalesce(left(json_value(details, '$.email'), 190), '')"),
            'total' => DB::raw("coalesce(json_value(totals, '$.total'), 0)"),
        ]);
    }
};
