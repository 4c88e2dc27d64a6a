<?php

use App\Calls\Call;
use App\Circuits\Circuit;
use App\Circuits\CircuitRevision;
use App\Circuits\Revisions;
use App\Circuits\RevisionSource;
use App\Shop\User;
use App\Units\Unit;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Levin\Core\File\InvalidCircuit;
use Tests\Support\Demo;

beforeEach(function (): void {
    $this->marit = User::query()->firstWhere('email', 'marit@ternsound.example');
    $this->actingAs($this->marit);
    $this->read = fn (int $number): array => $this->getJson('/api/calls/'.Call::query()->where('number', $number)->valueOrFail('id'))
        ->assertOk()->json();
    // the high-pressure switch and the call for cooling by other names, wherever they are named
    $this->renamed = fn (): string => (string) preg_replace(
        ['/\bHP\b/', '/\bcall_cool\b/'],
        ['HPS', 'call_cooling'],
        Circuit::query()->findOrFail('split-cooling')->newest->text,
    );
});

it('reads every call as before after a part and a condition of its circuit were renamed, open and closed ones', function (): void {
    $numbers = Call::query()->whereHas('unit', fn ($q) => $q->where('circuit_id', 'split-cooling'))->pluck('number')->all();
    $before = array_map($this->read, $numbers);
    expect(array_unique(array_column(array_column($before, 'call'), 'stage')))->toContain('open', 'closed', 'found', 'scheduled');
    $new = app(Revisions::class)->add(($this->renamed)(), 'split-cooling.yaml', $this->marit);
    expect($new->number)->toBe(2);
    foreach ($numbers as $n => $number) {
        expect(($this->read)($number))->toBe($before[$n]);
    }
});

it('works a call to its end with the revision it began with, and the next one with the new', function (): void {
    app(Revisions::class)->add(($this->renamed)(), 'split-cooling.yaml', $this->marit);
    $old = Demo::call('Oven-room cooling unit');
    $send = fn (int $call, array $data) => $this->postJson("/api/calls/$call/events", [
        'id' => (string) Str::uuid(), 'type' => 'reading', 'noted_at' => now()->toIso8601ZuluString(),
        'data' => ['function' => 'vac', 'entered' => '26.5', ...$data],
    ]);
    $send($old->id, ['red' => 'HP.1', 'black' => 'HP.2'])->assertCreated();
    $send($old->id, ['red' => 'HPS.1', 'black' => 'HPS.2'])->assertUnprocessable()->assertSee('There is no point');
    $new = $this->postJson("/api/units/$old->unit_id/calls", ['complaint' => 'Again.'])->assertCreated()->json('id');
    $send($new, ['red' => 'HPS.1', 'black' => 'HPS.2'])->assertCreated();
    $send($new, ['red' => 'HP.1', 'black' => 'HP.2'])->assertUnprocessable();
});

it('has a database that never changes a revision', function (string $sql): void {
    expect(fn () => DB::statement($sql))->toThrow(QueryException::class, 'never changes');
})->with(["UPDATE circuit_revisions SET text = ''", 'DELETE FROM circuit_revisions']);

it('takes the shipped files in once, and a changed one as a newer revision', function (): void {
    $count = CircuitRevision::query()->count();
    $this->artisan('levin:circuits')->assertSuccessful();
    expect(CircuitRevision::query()->count())->toBe($count);
    $added = app(Revisions::class)->add(($this->renamed)(), 'split-cooling.yaml');
    expect($added)->number->toBe(2)->source->toBe(RevisionSource::Shipped)
        ->and(app(Revisions::class)->add(($this->renamed)(), 'split-cooling.yaml')->id)->toBe($added->id);
});

it('keeps what the shop has made of a circuit when the same shipped file comes again', function (): void {
    $own = app(Revisions::class)->add(($this->renamed)(), 'split-cooling.yaml', $this->marit);
    $this->artisan('levin:circuits')->assertSuccessful();
    expect(Circuit::query()->findOrFail('split-cooling')->newest->id)->toBe($own->id);
});

it('takes in no circuit whose supply is shorted, and says where', function (): void {
    $short = "  w0: { from: SUP.L1, to: SUP.L2, colour: red, gauge: 6, length: 0.5 }\n  w1: { from: SUP.L1, to: CB1.L1,";
    $text = str_replace('  w1: { from: SUP.L1, to: CB1.L1,', $short, ($this->renamed)());
    expect(fn () => app(Revisions::class)->add($text, 'short.yaml', $this->marit))
        ->toThrow(InvalidCircuit::class, 'through w0, and nothing opens: a short');
});

it('takes in no file that is not sound, and the others all the same', function (): void {
    expect(fn () => app(Revisions::class)->add("levin: 1\n", 'half.yaml'))->toThrow(InvalidCircuit::class);
    $folder = sys_get_temp_dir().'/levin-circuits-'.getmypid();
    mkdir($folder);
    file_put_contents("$folder/bad.yaml", 'levin: [');
    file_put_contents("$folder/good.yaml", str_replace('id: split-cooling', 'id: split-cooling-two', ($this->renamed)()));
    $failed = app(Revisions::class)->addShipped($folder);
    array_map(unlink(...), ["$folder/bad.yaml", "$folder/good.yaml"]);
    rmdir($folder);
    expect($failed)->toHaveCount(1)->and(Circuit::query()->find('split-cooling-two'))->not->toBeNull();
});

it('takes no list down for a revision that can no longer be read, and says so where it is opened', function (): void {
    // as if an older version of Levin had taken it in
    $circuit = Circuit::query()->create(['id' => 'old-one']);
    $revision = CircuitRevision::query()->create([
        'circuit_id' => $circuit->id, 'number' => 1, 'title' => 'Old one', 'supply' => '240 V', 'text' => 'levin: 0', 'hash' => 'x',
        'source' => RevisionSource::Shop,
    ]);
    $unit = Unit::query()->firstOrFail();
    $unit->update(['circuit_id' => 'old-one']);
    $call = Call::query()->create([
        'number' => 2000, 'unit_id' => $unit->id, 'circuit_revision_id' => $revision->id, 'technician_id' => $this->marit->id,
        'complaint' => 'x', 'scheduled_for' => now(),
    ]);
    $this->getJson('/api/calls')->assertOk()->assertJsonPath('items.0.number', fn (int $n): bool => $n > 0);
    $this->getJson('/api/units')->assertOk();
    $this->getJson("/api/units/$unit->id")->assertOk()->assertJsonPath('circuit.title', 'Old one');
    $this->getJson("/api/calls/$call->id")->assertConflict()->assertSee('cannot be read by this version');
});
