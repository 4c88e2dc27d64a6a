<?php

declare(strict_types=1);

use App\Circuits\Revisions;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('circuits', function (Blueprint $table): void {
            $table->string('id')->primary();
        });
        Schema::create('circuit_revisions', function (Blueprint $table): void {
            $table->id();
            $table->string('circuit_id');
            $table->unsignedInteger('number');
            $table->string('title');
            $table->string('supply');
            $table->text('text');
            $table->char('hash', 64)->index();
            $table->string('source');
            $table->string('note')->default('');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->dateTime('created_at');
            $table->unique(['circuit_id', 'number']);
            $table->foreign('circuit_id')->references('id')->on('circuits');
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement(
                "CREATE TRIGGER circuit_revisions_no_$verb BEFORE $verb ON circuit_revisions "
                ."BEGIN SELECT RAISE(ABORT, 'a circuit revision never changes'); END",
            );
        }
        app(Revisions::class)->addShipped(config()->string('levin.circuits'));

        Schema::table('units', function (Blueprint $table): void {
            $table->renameColumn('circuit', 'circuit_id');
        });
        Schema::table('units', function (Blueprint $table): void {
            $table->foreign('circuit_id')->references('id')->on('circuits');
        });
        Schema::table('calls', function (Blueprint $table): void {
            $table->foreignId('circuit_revision_id')->nullable()->constrained();
            $table->foreignId('imported_by')->nullable()->constrained('users');
            $table->dateTime('imported_at')->nullable();
            $table->index('scheduled_for');
        });
        DB::statement(
            'UPDATE calls SET circuit_revision_id = (SELECT r.id FROM circuit_revisions r JOIN units u ON u.circuit_id = r.circuit_id '
            .'WHERE u.id = calls.unit_id ORDER BY r.number LIMIT 1)',
        );
        Schema::table('calls', function (Blueprint $table): void {
            $table->unsignedBigInteger('circuit_revision_id')->nullable(false)->change();
        });
        Schema::table('call_events', function (Blueprint $table): void {
            $table->char('sent', 64)->nullable();
        });
    }

    public function down(): void
    {
        throw new LogicException('Calls would lose the circuit they were worked on with. Restore a backup instead.');
    }
};
