<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('calls', function (Blueprint $table): void {
            $table->timestamp('jumper_since', 3)->nullable();
            $table->string('left_how')->nullable();
            $table->text('left_words')->nullable();
            $table->index(['technician_id', 'scheduled_for']);
            $table->index(['unit_id', 'closed_at']);
        });
        Schema::table('units', function (Blueprint $table): void {
            $table->string('serves')->default('');
            $table->string('thermostat')->default('');
        });
    }

    public function down(): void
    {
        Schema::table('units', function (Blueprint $table): void {
            $table->dropColumn(['serves', 'thermostat']);
        });
        Schema::table('calls', function (Blueprint $table): void {
            $table->dropIndex(['technician_id', 'scheduled_for']);
            $table->dropIndex(['unit_id', 'closed_at']);
            $table->dropColumn(['jumper_since', 'left_how', 'left_words']);
        });
    }
};
