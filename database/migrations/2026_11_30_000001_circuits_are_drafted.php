<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // a database of before has revisions without notes
        if (! Schema::hasColumn('circuit_revisions', 'note')) {
            Schema::table('circuit_revisions', function (Blueprint $table): void {
                $table->string('note')->default('');
            });
        }
        Schema::create('shop_circuits', function (Blueprint $table): void {
            $table->string('circuit_id')->primary();
            $table->foreignId('circuit_revision_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->foreign('circuit_id')->references('id')->on('circuits');
        });
        Schema::create('circuit_drafts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('circuit_id');
            $table->foreignId('base_revision_id')->nullable()->constrained('circuit_revisions');
            $table->foreignId('unit_id')->nullable()->constrained();
            $table->string('photo')->nullable();
            $table->unsignedInteger('at')->default(0);
            $table->dateTime('saved_at')->nullable();
            $table->timestamps();
        });
        Schema::create('draft_steps', function (Blueprint $table): void {
            $table->foreignId('circuit_draft_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('line', 2000);
            $table->string('words', 2000);
            $table->text('text');
            $table->primary(['circuit_draft_id', 'number']);
        });
    }

    public function down(): void
    {
        throw new LogicException('What was drafted would be lost. Restore a backup instead.');
    }
};
