<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('keepsakes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('look_id')->constrained();
            $table->unsignedInteger('sequence');
            $table->string('name', 60);
            $table->string('author');
            $table->timestamps();
            $table->unique(['look_id', 'sequence']);
        });
    }
};
