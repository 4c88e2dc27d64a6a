<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // what is noted of a unit when nobody is on a call there
        Schema::create('unit_events', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('unit_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('type');
            $table->json('data');
            $table->string('sent');
            $table->dateTime('noted_at');
            $table->dateTime('stored_at');
            $table->index(['unit_id', 'noted_at']);
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                "CREATE TRIGGER unit_events_no_{$verb} BEFORE {$verb} ON unit_events BEGIN SELECT RAISE(ABORT, 'the log of a "
                    ."unit is append-only'); END",
            );
        }
    }

    public function down(): void
    {
        Schema::drop('unit_events');
    }
};
