<?php

use App\Calls\Call;
use App\Shop\User;
use Illuminate\Support\Facades\DB;
use Tests\Support\Demo;

beforeEach(function (): void {
    $this->marit = User::query()->firstWhere('email', 'marit@ternsound.example');
});

it('exports a call as JSON and imports it again without loss', function (): void {
    $number = Demo::closedCall('Oven-room cooling unit')->number;
    $file = $this->actingAs($this->marit)->getJson(
        '/api/calls/'.Demo::closedCall('Oven-room cooling unit')->id.'/call.json',
    )->assertOk()->json();
    expect($file['events'])->not->toBeEmpty();
    // another installation: the same shop without this call
    DB::statement('DROP TRIGGER call_events_no_DELETE');
    DB::table('call_events')->delete();
    DB::table('calls')->where('number', $number)->delete();
    $this->postJson('/api/calls/import', $file)->assertCreated()->assertJson(['number' => $number, 'stage' => 'closed']);
    expect($this->getJson('/api/calls/'.Demo::closedCall('Oven-room cooling unit')->id.'/call.json')->json())->toBe($file);
});

it('says why a call file cannot be imported, and changes nothing', function (Closure $spoil, string $message): void {
    $this->actingAs($this->marit);
    $file = $spoil($this->getJson('/api/calls/'.Demo::closedCall('Oven-room cooling unit')->id.'/call.json')->json());
    $before = [Call::query()->count(), DB::table('call_events')->count()];
    $this->postJson('/api/calls/import', $file)->assertUnprocessable()->assertSee($message);
    expect([Call::query()->count(), DB::table('call_events')->count()])->toBe($before);
})->with([
    'not a call' => [fn (array $f): array => ['hello' => 'there'], 'not a Levin call file'],
    'here already' => [fn (array $f): array => $f, 'is here already'],
    'no such unit' => [fn (array $f): array => [...$f, 'number' => 9, 'unit' => ['serial' => 'none']], 'no unit with serial number'],
    'events here already' => [fn (array $f): array => [...$f, 'number' => 9], 'Event 1 is here already'],
    'a circuit that is not here' => [
        fn (array $f): array => [...$f, 'circuit' => ['id' => 'x', 'sha256' => 'y']],
        'revision of the circuit',
    ],
    'no number' => [fn (array $f): array => [...$f, 'number' => null], 'has no number'],
    'a reading that was tampered with' => [fn (array $f): array => [...$f, 'number' => 9, 'events' => [[
        'id' => '0d4c1a52-51c4-4f27-9d5c-6f0f2b8f5a11',
        'type' => 'reading',
        'by' => 'x',
        'noted_at' => '2026-11-23T09:00:00Z',
        'stored_at' => '2026-11-23T09:00:00Z',
        'data' => ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '24', 'value' => 12, 'overload' => false],
    ]]], 'contradicts itself'],
    'a point that is not' => [fn (array $f): array => [...$f, 'number' => 9, 'events' => [[
        'id' => '0d4c1a52-51c4-4f27-9d5c-6f0f2b8f5a11',
        'type' => 'reading',
        'by' => 'x',
        'noted_at' => '2026-11-23T09:00:00Z',
        'stored_at' => '2026-11-23T09:00:00Z',
        'data' => ['function' => 'vac', 'red' => 'CC.Q', 'black' => 'CC.B', 'entered' => '24'],
    ]]], 'There is no point'],
    'a date that is not' => [fn (array $f): array => [...$f, 'number' => 9, 'scheduled_for' => 'soon-ish'], 'ISO 8601'],
]);

it('lets only a lead import', function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'oda@ternsound.example'))->postJson('/api/calls/import', [])->assertForbidden();
});

it('exports the readings as CSV, struck ones marked', function (): void {
    $csv = $this->actingAs($this->marit)->get(
        '/api/calls/'.Demo::call('Kennel cooling unit')->id.'/readings.csv',
    )->assertOk()->streamedContent();
    $rows = array_map(fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\n", trim($csv)));
    $readings = DB::table('call_events')->where('call_id', Demo::call('Kennel cooling unit')->id)->where('type', 'reading')->count();
    expect($rows[0])->toBe(['sequence', 'noted_at', 'by', 'function', 'red', 'black', 'entered', 'value_si', 'overload', 'struck_because'])
        ->and($rows)->toHaveCount(1 + $readings)
        ->and($readings)->toBeGreaterThan(0)
        ->and($rows[1][2])->toBe('Ravi Penhallow');
});

it('exports the diagram as SVG', function (): void {
    $svg = $this->actingAs($this->marit)->get('/api/revisions/1/diagram.svg')->assertOk()->assertHeader(
        'Content-Type',
        'image/svg+xml',
    )->getContent();
    expect(simplexml_load_string($svg))->not->toBeFalse();
    foreach (['letter' => '279.4mm', 'a4' => '297mm'] as $paper => $width) {
        $pages = $this->get("/api/revisions/1/diagram.svg?paper=$paper")->assertOk()->getContent();
        expect((string) simplexml_load_string($pages)['width'])->toBe($width);
    }
    $this->getJson('/api/revisions/1/diagram.svg?paper=napkin')->assertUnprocessable()->assertJsonValidationErrors('paper');
});

it('shows a unit with its nameplate, its parts\' plates and its calls', function (): void {
    $unit = $this->actingAs($this->marit)->getJson('/api/units/1')->assertOk()->json();
    $sheet = $this->getJson("/api/revisions/{$unit['circuit']['revision']}")->assertOk()->json();
    $calls = $this->getJson('/api/calls?unit=1')->assertOk()->json();
    expect($unit)->toMatchArray(['name' => 'Oven-room cooling unit', 'serial' => 'FK-20931'])
        ->and($unit['circuit']['title'])->toBe($sheet['title'])
        ->and(array_column(array_column($sheet['parts'], 'plate', 'id')['COMP'], 'name'))->toContain('fla')
        ->and(array_unique(array_column(array_column($calls['items'], 'unit'), 'id')))->toBe([1]);
});

it('has demo data in every stage', function (): void {
    $calls = $this->actingAs($this->marit)->getJson('/api/calls')->assertOk()->json('items');
    expect(array_unique(array_column($calls, 'stage')))->toEqualCanonicalizing(['scheduled', 'open', 'found', 'closed'])
        ->and(DB::table('sites')->count())->toBeGreaterThanOrEqual(6)
        ->and(DB::table('units')->count())->toBeGreaterThanOrEqual(8);
});

it('gives lists by the page, in an order that holds', function (): void {
    $this->actingAs($this->marit);
    $all = $this->getJson('/api/calls?per_page=100')->assertOk()->json();
    $seen = [];
    for ($page = 1; $page <= (int) ceil($all['total'] / 4); $page++) {
        $part = $this->getJson("/api/calls?per_page=4&page=$page")->assertOk()->json();
        expect($part)->toMatchArray(['page' => $page, 'pages' => (int) ceil($all['total'] / 4), 'total' => $all['total']]);
        array_push($seen, ...array_column($part['items'], 'id'));
    }
    expect($seen)->toBe(array_column($all['items'], 'id'));
    $this->getJson('/api/calls?per_page=1000')->assertUnprocessable();
    $this->getJson('/api/calls?from=yesterday')->assertUnprocessable()->assertSee('ISO 8601');
});

it('lists the calls of a span of time', function (): void {
    $this->actingAs($this->marit);
    // the day of the shop, which is not the server's for some hours of each
    $midnight = now(config()->string('levin.timezone'))->startOfDay();
    $of = fn (string $query): array => $this->getJson("/api/calls?per_page=100&$query")->assertOk()->json('items');
    $today = $of('from='.$midnight->toIso8601ZuluString().'&until='.$midnight->copy()->addDay()->toIso8601ZuluString().'&order=earliest');
    $before = $of('until='.$midnight->toIso8601ZuluString());
    $times = array_column($today, 'scheduled_for');
    $sorted = $times;
    sort($sorted);
    expect($today)->not->toBe([])->and($before)->not->toBe([])->and($times)->toBe($sorted)
        ->and(max(array_column($before, 'scheduled_for')))->toBeLessThan(min($times));
});
