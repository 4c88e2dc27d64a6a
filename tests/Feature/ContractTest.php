<?php

use App\Api\Description;
use App\Calls\Call;
use App\Shop\User;
use Illuminate\Support\Str;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\Support\Demo;

/** What of an answer does not fit the shape that the description promises; empty when all of it fits. */
function misfits(mixed $answer, string $shape): string
{
    static $description = null;
    $description ??= json_encode(app(Description::class)->make(), JSON_THROW_ON_ERROR);
    $validator = new Validator(max_errors: 5);
    $validator->resolver()?->registerRaw($description, 'https://levin.example/openapi.json');
    $schema = (object) ['$ref' => "https://levin.example/openapi.json#/components/schemas/$shape"];
    $error = $validator->validate($answer, $schema)->error();

    return $error === null ? '' : json_encode((new ErrorFormatter)->format($error), JSON_THROW_ON_ERROR);
}

beforeEach(function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'marit@ternsound.example'));
    $this->fits = fn ($response, string $shape) => expect(misfits(json_decode($response->getContent()), $shape))->toBe('');
});

it('has a written description that is the one the code makes', function (): void {
    $written = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
    $made = json_decode(json_encode(app(Description::class)->make()), true);
    expect($made)->toBe($written, 'Run php artisan levin:openapi, then npm run shapes.');
});

it('answers in the shapes it promises', function (string $path, string $shape): void {
    ($this->fits)($this->getJson("/api/$path")->assertOk(), $shape);
})->with([
    ['session', 'User'],
    ['calls', 'CallPage'],
    ['units', 'UnitPage'],
    ['bench', 'BenchChecks'],
    ['bench/supply?given[l1l2]=480&given[l2l3]=400&given[l1l3]=400', 'BenchAnswer'],
    ['bench/three-leads?given[ab]=118&given[bc]=69&given[ac]=49', 'BenchAnswer'],
    ['bench/capacitor', 'BenchAnswer'],
    ['units/1', 'Unit'],
    ['revisions/1', 'CircuitSheet'],
    ['calls/1/expected?function=vac&red=CC.A&black=CC.B', 'Expected'],
    ['calls/1/expected?function=ohms&red=CC.A&black=CC.B', 'Expected'],
    ['calls/1/suspects/CC', 'Dossier'],
    ['calls/1/alone/CC', 'Alone'],
    ['calls/1/story', 'Story'],
    ['calls/1/story?fault=CC:coil-open', 'Story'],
    ['calls/1/swap?part=CAP&is[farads]=45', 'Swap'],
    ['calls/1/swap?part=TST', 'Swap'],
    ['units/1/fitted', 'FittedParts'],
    ['units/1/checks', 'UnitChecks'],
    ['find?words=hall', 'FoundList'],
    ['shop/habits', 'Habits'],
]);

it('tells every call of the demo in the shape it promises, whatever its stage and circuit', function (): void {
    foreach (Call::query()->pluck('id') as $id) {
        ($this->fits)($this->getJson("/api/calls/$id")->assertOk(), 'Trace');
    }
});

it('draws every circuit in the shape it promises', function (): void {
    foreach (App\Circuits\CircuitRevision::query()->pluck('id') as $id) {
        ($this->fits)($this->getJson("/api/revisions/$id")->assertOk(), 'CircuitSheet');
    }
});

it('answers what is sent, and refuses, in the shapes it promises', function (): void {
    $event = ['id' => (string) Str::uuid(), 'type' => 'note', 'noted_at' => now()->toIso8601ZuluString(), 'data' => ['text' => 'x']];
    $call = Demo::call('Oven-room cooling unit')->id;
    ($this->fits)($this->postJson("/api/calls/$call/events", $event)->assertCreated(), 'Trace');
    ($this->fits)($this->postJson('/api/units/1/calls', ['complaint' => 'Warm.'])->assertCreated(), 'Call');
    ($this->fits)($this->postJson("/api/calls/$call/events", [...$event, 'noted_at' => 'then'])->assertUnprocessable(), 'Refused');
    ($this->fits)($this->postJson('/api/calls/import', [])->assertUnprocessable(), 'Refused');
    ($this->fits)($this->getJson('/api/calls/999999')->assertNotFound(), 'Refused');
});

it('notices an answer that does not fit', function (): void {
    $user = [
        'id' => 1, 'name' => 'x', 'role' => 'lead', 'shop' => 'y', 'timezone' => 'UTC', 'units' => (object) ['length' => 'ft'],
        'preferences' => [],
    ];
    expect(misfits((object) $user, 'User'))->toBe('')
        ->and(misfits((object) array_diff_key($user, ['shop' => '']), 'User'))->toContain('shop')
        ->and(misfits((object) [...$user, 'role' => 'king'], 'User'))->toContain('role')
        ->and(misfits((object) [...$user, 'extra' => 1], 'User'))->toContain('extra');
});
