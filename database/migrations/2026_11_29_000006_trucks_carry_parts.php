<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('truck_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('check');
            $table->string('label');
            $table->json('plate');
            $table->unsignedInteger('count');
            $table->index(['user_id', 'check']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('truck_parts');
    }
};
