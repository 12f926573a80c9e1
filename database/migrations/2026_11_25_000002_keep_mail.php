<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('mails', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('store_id')->constrained();
            $table->foreignId('storefront_id')->constrained();
            $table->string('to', 254);
            $table->string('subject', 200);
            $table->mediumText('html');
            $table->timestamps();
        });
    }
};
