<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('sites', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('address');
            $table->string('contact');
            $table->string('phone');
            $table->timestamps();
        });

        Schema::create('units', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained();
            $table->string('name');
            $table->string('circuit');
            $table->string('maker');
            $table->string('model');
            $table->string('serial')->unique();
            $table->unsignedSmallInteger('installed');
            $table->string('place');
            $table->timestamps();
        });

        Schema::create('calls', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->foreignId('unit_id')->constrained();
            $table->foreignId('technician_id')->constrained('users');
            $table->string('complaint');
            $table->dateTime('scheduled_for');
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
        });

        Schema::create('call_events', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('call_id')->constrained();
            $table->unsignedInteger('sequence');
            $table->foreignId('user_id')->constrained();
            $table->string('type');
            $table->json('data');
            $table->dateTime('noted_at');
            $table->dateTime('stored_at');
            $table->unique(['call_id', 'sequence']);
        });
        // the log is append-only: the database itself refuses anything else
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                "CREATE TRIGGER call_events_no_{$verb} BEFORE {$verb} ON call_events BEGIN SELECT RAISE(ABORT, 'the log of a "
                    ."call is append-only'); END",
            );
        }
    }

    public function down(): void
    {
        foreach (['call_events', 'calls', 'units', 'sites', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
