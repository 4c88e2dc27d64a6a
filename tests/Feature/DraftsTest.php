<?php

use App\Calls\Call;
use App\Calls\CallEvent;
use App\Circuits\Circuit;
use App\Circuits\CircuitRevision;
use App\Drafts\CircuitDraft;
use App\Shop\User;
use App\Units\Unit;
use Illuminate\Support\Str;
use Tests\Support\Demo;

beforeEach(function (): void {
    $this->oda = User::query()->firstWhere('email', 'oda@ternsound.example');
    $this->marit = User::query()->firstWhere('email', 'marit@ternsound.example');
    $this->actingAs($this->oda);
    $this->begin = fn (array $with = []): array => $this->postJson('/api/drafts', [
        'revision' => Circuit::query()->findOrFail('split-cooling')->newest->id, ...$with,
    ])->assertCreated()->json();
    $this->edit = fn (array $draft, string $line) => $this->postJson("/api/drafts/{$draft['id']}/edits", [
        'line' => $line, 'at' => $draft['at'],
    ]);
});

it('finds circuits by words, family, supply and what one sees, and says what tells them apart', function (): void {
    $all = $this->getJson('/api/circuits')->assertOk()->json();
    expect($all['total'])->toBe(count(glob(base_path('circuits/*.yaml'))))->and($all['ask']['words'])->not->toBe('')
        ->and($all['families'])->toContain('gas-electric', 'heat-pump');
    $ids = fn (string $query): array => array_column($this->getJson("/api/circuits?$query")->assertOk()->json('items'), 'id');
    expect($ids('search=lockout+460'))->toContain('rooftop-460-lockout')->not->toContain('split-cooling')
        ->and($ids('family=gas-furnace'))->toContain('gas-furnace')
        ->and($ids('has[]=igniter-spark'))->toContain('gas-electric-package')->not->toContain('gas-furnace')
        ->and($ids('without[]=compressor-psc&without[]=compressor-three-phase'))->toContain('gas-furnace')->not->toContain('heat-pump')
        // by the maker's series, as the shop has it on its units
        ->and($ids('search=Gannet+15'))->toBe(['freezer-pump-down'])
        ->and($ids('search=nothing+like+it'))->toBe([]);
    $card = $this->getJson('/api/circuits?search=lockout')->json('items.0');
    expect($card['drawing']['lines'])->toStartWith('M')->and($card['features'])->not->toBe([]);
    // asking on, few are left
    $known = '';
    for ($n = 0; $n < 12 && ($ask = $this->getJson("/api/circuits?$known")->json('ask')) !== null; $n++) {
        $known .= "&without[]={$ask['kind']}";
    }
    expect($this->getJson("/api/circuits?$known")->json('total'))->toBeLessThan(3);
});

it('keeps every step of a draft, goes back and forth in them, and saves it as a revision with its differences', function (): void {
    $draft = ($this->begin)(['title' => 'The bakery\'s own']);
    expect($draft['circuit'])->toBe('the-bakerys-own')->and($draft['is_sound'])->toBeTrue()->and($draft['at'])->toBe(1);
    $draft = ($this->edit)($draft, 'rename COMP C')->assertOk()->json();
    $draft = ($this->edit)($draft, 'plate CC coil_ohms 14')->assertOk()->json();
    expect($draft['done'])->toBe(['CC: coil_ohms is 14', 'COMP is called C', "It is called The bakery's own"])
        ->and(array_column($draft['changes'], 'words'))->toContain('COMP is called C', 'CC, coil_ohms: 12 → 14');
    $undone = $this->postJson("/api/drafts/{$draft['id']}/step", ['by' => -1, 'at' => $draft['at']])->assertOk()->json();
    expect(array_column($undone['changes'], 'words'))->not->toContain('CC, coil_ohms: 12 → 14')->and($undone['steps'])->toBe(3);
    $again = $this->postJson("/api/drafts/{$draft['id']}/step", ['by' => 1, 'at' => $undone['at']])->assertOk()->json();
    expect($again)->toBe($draft);
    // a fresh look finds it as it was left
    expect($this->getJson("/api/drafts/{$draft['id']}")->json())->toBe($draft)
        ->and($this->getJson('/api/drafts')->json('items.0.circuit'))->toBe('the-bakerys-own');
    $this->postJson("/api/drafts/{$draft['id']}/revision", ['note' => ''])->assertUnprocessable()->assertSee('whoever comes next');
    $saved = $this->postJson("/api/drafts/{$draft['id']}/revision", ['note' => 'letters of the label'])->assertCreated()->json();
    expect($saved['note'])->toBe('letters of the label')->and($saved['by'])->toBe($this->oda->name)->and($saved['number'])->toBe(1)
        ->and($this->getJson('/api/drafts')->json('items'))->toBe([]);
    // and changed once more it is the next one
    $next = $this->postJson('/api/drafts', ['revision' => $saved['id']])->assertCreated()->json();
    $next = ($this->edit)($next, 'colour w24 tan')->json();
    $second = $this->postJson("/api/drafts/{$next['id']}/revision", ['note' => 'as wired'])->assertCreated()->json();
    expect($second['number'])->toBe(2)
        ->and($this->getJson("/api/revisions/{$second['id']}/difference")->json('changes.*.words'))->toBe(['w24, colour: orange → tan']);
    // any revision comes back, as the newest
    $first = CircuitRevision::query()->findOrFail($saved['id'])->text;
    expect($this->postJson("/api/revisions/{$saved['id']}/again")->assertCreated()->json('number'))->toBe(3)
        ->and(Circuit::query()->findOrFail('the-bakerys-own')->newest->text)->toBe($first);
});

it('says what cannot be done, what is wrong where, and saves nothing until it is mended', function (): void {
    $draft = ($this->begin)(['title' => 'Mine']);
    ($this->edit)($draft, 'rename COMP CC')->assertUnprocessable()->assertSee('There is a CC already');
    ($this->edit)($draft, 'dance')->assertUnprocessable()->assertSee('nothing that is done to a circuit');
    $broken = ($this->edit)($draft, 'cut w24')->assertOk()->json();
    expect($broken['is_sound'])->toBeFalse()->and(array_column($broken['wrong'], 'on'))->toBe(['CC', 'LP'])
        // it is drawn all the same
        ->and($broken['sheet']['drawing']['symbols'])->not->toBe([]);
    $this->postJson("/api/drafts/{$broken['id']}/revision", ['note' => 'x'])->assertUnprocessable()->assertSee('Nothing is wired to');
    expect(Circuit::query()->find('mine'))->toBeNull();
    // whoever changes it on a screen that is behind is told so, and nothing is lost
    $this->postJson("/api/drafts/{$draft['id']}/edits", ['line' => 'label CC "Other"', 'at' => $draft['at']])
        ->assertConflict()->assertSee('stands at step');
    $mended = ($this->edit)($broken, 'wire LP.2 CC.A orange')->assertOk()->json();
    expect($mended['wrong'])->toBe([])->and($this->getJson("/api/drafts/{$draft['id']}/sequence")->json('steps'))->not->toBe([]);
});

it('is one\'s own: another technician cannot see or change it, a lead can', function (): void {
    $draft = ($this->begin)(['title' => 'Mine']);
    $this->actingAs(User::query()->firstWhere('email', 'ravi@ternsound.example'));
    $this->getJson("/api/drafts/{$draft['id']}")->assertForbidden();
    ($this->edit)($draft, 'rename COMP C')->assertForbidden();
    $this->actingAs($this->marit);
    $this->getJson("/api/drafts/{$draft['id']}")->assertOk();
    $this->deleteJson("/api/drafts/{$draft['id']}")->assertNoContent();
    expect(CircuitDraft::query()->find($draft['id']))->toBeNull();
});

it('makes a unit\'s own circuit, which its next call is worked with', function (): void {
    $unit = Unit::query()->firstWhere('name', 'Oven-room cooling unit');
    $draft = ($this->begin)(['unit' => $unit->id]);
    $draft = ($this->edit)($draft, 'insert w23 AMB temperature-switch "Ambient switch"')->json();
    $revision = $this->postJson("/api/drafts/{$draft['id']}/revision", ['note' => 'has an ambient switch'])->assertCreated()->json();
    expect($unit->refresh()->circuit_id)->toBe("split-cooling-unit-$unit->id")->and($revision['circuit'])->toBe($unit->circuit_id);
    $call = $this->postJson("/api/units/$unit->id/calls", ['complaint' => 'Warm.'])->assertCreated()->json('id');
    expect(Call::query()->findOrFail($call)->circuit_revision_id)->toBe($revision['id']);
});

it('begins from a family by answers', function (): void {
    $making = $this->getJson('/api/circuits/making')->assertOk()->json();
    $family = collect($making['families'])->firstWhere('id', 'gas-electric');
    $answers = array_map(static fn (array $q): int => count($q['answers']) - 1, $family['questions']);
    $draft = $this->postJson('/api/drafts', ['family' => 'gas-electric', 'answers' => $answers, 'title' => 'Roof 3'])
        ->assertCreated()->json();
    expect($draft['is_sound'])->toBeTrue()->and($draft['wrong'])->toBe([])->and($draft['at'])->toBeGreaterThan(5)
        ->and(array_column($draft['parts'], 'kind'))->toContain('contactor-2p', 'igniter-hot-surface', 'blower-constant-torque')
        ->and(array_column($making['kinds'], 'kind'))->toContain('coil')->and($making['usages'])->toContain('rename PART NAME');
    $this->postJson('/api/drafts', ['family' => 'submarine'])->assertUnprocessable();
    $this->postJson('/api/drafts', [])->assertUnprocessable()->assertSee('Say what it begins with');
});

it('gives circuit files out and takes them in, unchanged by the round trip, and says what is wrong with a bad one', function (): void {
    $revision = Circuit::query()->findOrFail('gas-furnace')->newest;
    $text = $this->get("/api/revisions/$revision->id/circuit.yaml")->assertOk()->getContent();
    expect($text)->toBe((string) file_get_contents(base_path('circuits/gas-furnace.yaml')));
    $take = fn (string $file) => $this->call('POST', '/api/circuits/import', content: $file, server: ['HTTP_ACCEPT' => 'application/json']);
    // the same again adds nothing
    expect($take($text)->assertCreated()->json('id'))->toBe($revision->id);
    $own = str_replace('id: gas-furnace', 'id: school-furnace', $text);
    $taken = $take($own)->assertCreated()->json();
    expect($taken['circuit'])->toBe('school-furnace')
        ->and($this->get("/api/revisions/{$taken['id']}/circuit.yaml")->getContent())->toBe($own)
        ->and($this->get("/api/revisions/{$taken['id']}/circuit.cir")->assertOk()->getContent())->toContain('.ac');
    $count = CircuitRevision::query()->count();
    $bad = str_replace(['kind: limit', 'from: IFC.FS'], ['kind: limitt', 'from: IFC.FX'], $own);
    $errors = $take($bad)->assertUnprocessable()->json('errors.file');
    expect($errors[0])->toMatch('/^line \d+: LIM: There is no kind "limitt". Did you mean limit\?$/')
        ->and(implode("\n", $errors))->toContain('There is no point IFC.FX')->and(CircuitRevision::query()->count())->toBe($count);
    $take("{ not: [yaml\n")->assertUnprocessable()->assertSee('not YAML');
});

it('lets a lead mark a revision as the shop\'s, and nobody else', function (): void {
    $revision = Circuit::query()->findOrFail('heat-pump')->newest->id;
    $this->putJson("/api/revisions/$revision/shops")->assertForbidden();
    $this->actingAs($this->marit)->putJson("/api/revisions/$revision/shops")->assertOk();
    expect($this->getJson('/api/circuits/heat-pump')->json('revisions.0.is_shops'))->toBeTrue()
        ->and(collect($this->getJson('/api/circuits')->json('items'))->where('is_shops')->pluck('id')->all())->toBe(['heat-pump']);
});

it('opens a call on one rung from nothing, and goes on with the circuit that it grows into', function (): void {
    $this->getJson('/api/quick?words=R+TST+HP&volts=24')->assertUnprocessable()->assertSee('which is no load');
    $seen = $this->getJson('/api/quick?words=R+TST+HP+LP+CC+C&volts=24&line=240')->assertOk()->json();
    expect(array_column($seen['pieces'], 'label'))->toBe(['Thermostat', 'High-pressure switch', 'Low-pressure switch', 'Contactor'])
        ->and($seen['sheet']['rungs'])->not->toBe([]);
    $call = $this->postJson('/api/quick', ['words' => 'R TST HP LP CC C', 'volts' => 24, 'line' => 240, 'name' => 'Box on the pier'])
        ->assertCreated()->json();
    expect($call['unit']['name'])->toBe('Box on the pier');
    $send = fn (string $type, array $data) => $this->postJson("/api/calls/{$call['id']}/events", [
        'id' => (string) Str::uuid(), 'type' => $type, 'noted_at' => now()->toIso8601ZuluString(), 'data' => $data,
    ]);
    $send('reading', ['function' => 'vac', 'red' => 'HP.1', 'black' => 'HP.2', 'entered' => '26.4'])->assertCreated();
    $trace = $this->getJson("/api/calls/{$call['id']}")->assertOk()->json();
    expect($trace['suspects']['groups'][0]['faults'][0])->toStartWith('HP:');
    // grown: a fuse before it all, and the call goes on with what was read
    $unit = Unit::query()->firstWhere('name', 'Box on the pier');
    $draft = $this->postJson('/api/drafts', ['revision' => $trace['revision'], 'unit' => $unit->id])->assertCreated()->json();
    $draft = ($this->edit)($draft, 'insert T1.X1–TB.R FU1 fuse "Control fuse"')->assertOk()->json();
    $revision = $this->postJson("/api/drafts/{$draft['id']}/revision", ['note' => 'control fuse'])->assertCreated()->json('id');
    $grown = $this->putJson("/api/calls/{$call['id']}/revision", ['revision' => $revision])->assertOk()->json();
    expect($grown['revision'])->toBe($revision)->and($grown['suspects']['groups'][0]['faults'][0])->toStartWith('HP:')
        ->and(CallEvent::query()->where('call_id', $call['id'])->latest('sequence')->firstOrFail()->data['text'])
        ->toContain('Goes on with the drawing')
        ->and($unit->refresh()->circuit_id)->toBe("rung-1-unit-$unit->id");
    // one in which the log names what is not there is refused, and the call stays as it is
    $without = $this->postJson('/api/drafts', ['revision' => $revision, 'unit' => $unit->id])->json();
    $without = ($this->edit)($without, 'remove HP')->json();
    $other = $this->postJson("/api/drafts/{$without['id']}/revision", ['note' => 'no such switch'])->assertCreated()->json('id');
    $this->putJson("/api/calls/{$call['id']}/revision", ['revision' => $other])->assertUnprocessable()->assertSee('Line 1 of the log');
    expect(Call::query()->findOrFail($call['id'])->circuit_revision_id)->toBe($revision);
});

it('sets what is known of a unit, and refuses what belongs to another one', function (): void {
    $unit = Unit::query()->firstWhere('name', 'Oven-room cooling unit');
    $other = Unit::query()->where('id', '!=', $unit->id)->firstOrFail();
    $set = fn (array $what) => $this->putJson("/api/units/$unit->id", $what);
    expect($set(['name' => 'Oven room', 'site' => 'Boat shed', 'model' => ''])->assertOk()->json())
        ->toMatchArray(['name' => 'Oven room', 'model' => '', 'serial' => $unit->serial])
        ->and($unit->refresh()->site->name)->toBe('Boat shed');
    $set(['serial' => $other->serial])->assertUnprocessable()->assertSee('Another unit has that serial number');
    $set(['circuit' => 'no-such'])->assertUnprocessable();
    $set(['circuit' => 'heat-pump'])->assertOk();
    expect($unit->refresh()->circuit_id)->toBe('heat-pump')
        // calls before stay with what they were worked on with
        ->and(Demo::call('Oven room')->revision->circuit_id)->toBe('split-cooling');
});

it('keeps a photograph of the label beside a draft, and lets it go', function (): void {
    $draft = ($this->begin)();
    $photo = str_repeat('0a', 32);
    expect($this->putJson("/api/drafts/{$draft['id']}/label", ['photo' => $photo])->assertOk()->json('photo'))->toBe($photo)
        ->and($this->getJson("/api/drafts/{$draft['id']}")->json('photo'))->toBe($photo);
    $this->putJson("/api/drafts/{$draft['id']}/label", ['photo' => '../../etc/passwd'])->assertUnprocessable();
    expect($this->putJson("/api/drafts/{$draft['id']}/label", ['photo' => null])->assertOk()->json('photo'))->toBeNull();
});

it('says what a draft does after the call comes on, in order, and nothing of one that is not sound', function (): void {
    $furnace = ['revision' => Circuit::query()->findOrFail('gas-furnace')->newest->id];
    $draft = ($this->begin)($furnace);
    $does = fn (array $draft): array => array_map(
        fn (array $step): string => "{$step['part']} {$step['does']}",
        $this->getJson("/api/drafts/{$draft['id']}/sequence")->assertOk()->json('steps'),
    );
    // draft, igniter, gas, blower: common practice, no published source
    $order = array_values(array_intersect($does($draft), ['IND runs', 'HSI glows', 'GV open', 'IBM runs']));
    expect($order)->toBe(['IND runs', 'HSI glows', 'GV open', 'IBM runs']);
    $draft = ($this->edit)($draft, 'step IFC prove "lamp steady; to lockout after 5 s"')->assertOk()->json();
    expect($does($draft))->not->toContain('IND runs');
    $draft = ($this->edit)($draft, 'cut w31')->assertOk()->json();
    expect($draft['is_sound'])->toBeFalse()->and($does($draft))->toBe([]);
});

it('drops a draft with all of its steps, and gives its file out as it stands', function (): void {
    $draft = ($this->edit)(($this->begin)(['title' => 'Mine']), 'rename COMP C')->json();
    $file = $this->get("/api/drafts/{$draft['id']}/circuit.yaml")->assertOk();
    expect($file->headers->get('Content-Disposition'))->toContain('mine.yaml')
        ->and($file->getContent())->toContain('  C: { kind: compressor-psc')->toContain('# outdoor line voltage');
    $this->deleteJson("/api/drafts/{$draft['id']}")->assertNoContent();
    $this->getJson("/api/drafts/{$draft['id']}")->assertNotFound();
    expect(CircuitDraft::query()->find($draft['id']))->toBeNull();
});

it('says what a revision has otherwise than any other one', function (): void {
    $first = $this->postJson('/api/drafts/'.($this->begin)(['title' => 'Mine'])['id'].'/revision', ['note' => 'begun'])->json();
    $revisions = [$first['id']];
    foreach (['colour w24 tan', 'plate CC coil_ohms 14'] as $line) {
        $next = ($this->edit)($this->postJson('/api/drafts', ['revision' => end($revisions)])->json(), $line)->json();
        $revisions[] = $this->postJson("/api/drafts/{$next['id']}/revision", ['note' => $line])->assertCreated()->json('id');
    }
    $words = fn (int $of, string $from = ''): array => $this->getJson("/api/revisions/$of/difference$from")
        ->assertOk()->json('changes.*.words');
    expect($words($revisions[2]))->toBe(['CC, coil_ohms: 12 → 14'])
        ->and($words($revisions[2], "?from={$revisions[0]}"))
        ->toEqualCanonicalizing(['CC, coil_ohms: 12 → 14', 'w24, colour: orange → tan'])
        // and backwards
        ->and($words($revisions[0], "?from={$revisions[1]}"))->toBe(['w24, colour: tan → orange']);
    $this->getJson("/api/revisions/{$revisions[0]}/difference?from=999999")->assertUnprocessable();
});

it('takes a terminal off a board with what it switched there, by one line, and undoes it', function (): void {
    $draft = ($this->begin)(['revision' => Circuit::query()->findOrFail('gas-furnace')->newest->id]);
    ($this->edit)($draft, 'unpin IFC HUM')->assertUnprocessable()->assertSee('wires on IFC.HUM');
    foreach (['remove HWV', 'remove HST', 'unpin IFC HUM'] as $line) {
        $draft = ($this->edit)($draft, $line)->assertOk()->json();
    }
    expect($draft['is_sound'])->toBeTrue()->and($draft['done'][0])->toBe('IFC has no terminal HUM')
        ->and(array_column($draft['changes'], 'words'))->toContain('IFC, output humidify: taken out');
    for ($n = 0; $n < 3; $n++) {
        $draft = $this->postJson("/api/drafts/{$draft['id']}/step", ['by' => -1, 'at' => $draft['at']])->assertOk()->json();
    }
    expect($draft['changes'])->toBe([])->and($draft['is_sound'])->toBeTrue();
});
