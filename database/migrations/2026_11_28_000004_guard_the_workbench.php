<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The framework's own table of its sessions.
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::table('users', static function (Blueprint $table): void {
            // Encrypted; the second factor is on once there is a time since when.
            $table->text('factor_secret')->nullable();
            $table->timestamp('factor_since')->nullable();
            // The last step a password was taken of: each counts once.
            $table->unsignedBigInteger('factor_step')->nullable();
            // Hashes; a code that was used is taken out.
            $table->json('recovery_codes')->nullable();
            $table->timestamp('left_at')->nullable();
        });
        Schema::create('access_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('purpose', 12);
            $table->string('email')->collation('utf8mb4_bin');
            $table->string('name')->default('');
            $table->string('role', 16)->default('');
            // What was sent is known to its receiver alone.
            $table->char('token_hash', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->timestamp('expires_at');
            $table->timestamp('used_at')->nullable();
            $table->timestamps();
        });
        Schema::create('audit_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->nullable()->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('who');
            $table->string('what', 60);
            $table->string('detail', 300)->default('');
            $table->string('ip_address', 45)->default('');
            $table->timestamp('created_at')->useCurrent();
            $table->index(['store_id', 'id']);
        });
        Schema::table('mails', static function (Blueprint $table): void {
            // A letter to one of the store's own people belongs to no storefront.
            $table->unsignedBigInteger('storefront_id')->nullable()->change();
        });
    }
};
