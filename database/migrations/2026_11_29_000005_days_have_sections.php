<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('calls', function (Blueprint $table): void {
            $table->text('finding')->nullable();
            $table->timestamp('jumper_since', 3)->nullable();
            $table->string('left_how')->nullable();
            $table->text('left_words')->nullable();
            $table->index(['technician_id', 'scheduled_for']);
            $table->index(['unit_id', 'closed_at']);
        });
        DB::statement("UPDATE calls SET finding = (SELECT json_extract(data, '$.label') FROM call_events "
            ."WHERE call_id = calls.id AND type = 'finding' ORDER BY sequence DESC LIMIT 1)");
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
            $table->dropColumn(['finding', 'jumper_since', 'left_how', 'left_words']);
        });
    }
};
