<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The framework's own tables of its queue.
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::create('tasks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('picture_id')->nullable()->constrained();
            $table->string('title');
            $table->string('alt')->default('');
            $table->string('state', 12);
            $table->unsignedSmallInteger('done')->default(0);
            $table->unsignedSmallInteger('total')->default(0);
            $table->string('words', 500)->default('');
            $table->timestamps();
            $table->index(['store_id', 'state']);
        });
    }
};
