<?php

use App\Calls\Call;
use App\Calls\MeaningData;
use App\Calls\Trace;
use App\Calls\Traces;
use App\Circuits\CircuitShelf;
use App\Desk\Answer;
use App\Desk\Desk;
use App\Desk\Desks;
use App\Desk\Door;
use App\Desk\HowItStands;
use App\Desk\NoDesk;
use App\Desk\Question;
use App\Desk\SomebodyWaits;
use App\Desk\Talk;
use App\Desk\WhatIsExpected;
use App\Desk\WhatItMeans;
use App\Desk\WhatItWouldMean;
use App\Shop\User;
use Illuminate\Support\Str;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\NoPause;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\EventType;
use Tests\Support\Demo;

/** The last question that a desk is asked: its door is gone by then. */
final readonly class LastQuestion extends Question
{
    public function __construct(private Question $question, private string $door)
    {
        parent::__construct($question->call);
    }

    public function answer(Traces $traces): mixed
    {
        unlink($this->door);

        return $this->question->answer($traces);
    }

    public function then(Trace $trace): bool
    {
        return $this->question->then($trace);
    }
}

beforeEach(function (): void {
    $this->marit = User::query()->firstWhere('email', 'marit@ternsound.example');
    $this->call = Demo::call('Oven-room cooling unit');
    $this->folder = sys_get_temp_dir().'/levin-desks-'.getmypid();
    is_dir($this->folder) || mkdir($this->folder, 0o700);
    $this->path = "$this->folder/one.sock";
    /** Asks a desk that is in this process and leaves after it has answered. */
    $this->asked = function (Question ...$questions): array {
        $door = Door::at($this->path);
        $shelf = app(CircuitShelf::class);
        $shelf->keepAtHand($door);
        $talks = array_map(fn (): Talk => Talk::with($this->path, 5), $questions);
        foreach ($questions as $n => $question) {
            $talks[$n]->say($n === count($questions) - 1 ? new LastQuestion($question, $this->path) : $question);
        }
        (new Desk($door, $shelf, fn (): Trace => app(Trace::class)))->sit();
        gc_enable();

        return array_map(fn (Talk $talk): mixed => $talk->hear(), $talks);
    };
});

afterEach(function (): void {
    array_map(unlink(...), glob("$this->folder/*") ?: []);
    rmdir($this->folder);
});

it('answers as it would be worked out here, however often it is asked', function (): void {
    $here = json_encode(app(Trace::class)->of($this->call->id, $this->marit));
    $question = new HowItStands($this->call->id, $this->marit->id);
    foreach (($this->asked)($question, $question, $question) as $answer) {
        expect($answer)->toBeInstanceOf(Answer::class)->and($answer->isThere)->toBeTrue()->and(json_encode($answer->value))->toBe($here);
    }
});

it('says what a reading means before it says what is next, and both are as they would be worked out here', function (): void {
    $id = (string) Str::uuid();
    $this->actingAs($this->marit)->postJson("/api/calls/{$this->call->id}/events", [
        'id' => $id, 'type' => 'reading', 'noted_at' => now()->toIso8601ZuluString(),
        'data' => ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '0.02'],
    ])->assertCreated();
    $here = app(Trace::class)->of($this->call->id, $this->marit);
    $meaning = array_values(array_filter($here->events, fn ($e): bool => $e->id === $id))[0]->meaning;
    [$said, $stands] = ($this->asked)(new WhatItMeans($this->call->id, $id), new HowItStands($this->call->id, $this->marit->id));
    expect($said->value)->toEqual($meaning)->and(json_encode($stands->value))->toBe(json_encode($here));
});

it('answers what an event means as soon as it is taken, and nothing of what is no evidence', function (): void {
    $send = fn (string $type, array $data) => $this->actingAs($this->marit)->postJson("/api/calls/{$this->call->id}/events/meaning", [
        'id' => (string) Str::uuid(), 'type' => $type, 'noted_at' => now()->toIso8601ZuluString(), 'data' => $data,
    ]);
    $reading = ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '0.02'];
    $taken = $send('reading', $reading)->assertCreated()->json();
    $trace = $this->getJson("/api/calls/{$this->call->id}")->assertOk()->json();
    expect(array_column($trace['events'], 'meaning', 'id')[$taken['id']])->toBe($taken['meaning'])
        ->and($taken['meaning']['as_healthy'])->toBeFalse()
        ->and($send('note', ['text' => 'x'])->assertCreated()->json('meaning'))->toBeNull();
    $send('reading', [...$reading, 'red' => 'NO.1'])->assertUnprocessable();
    expect($this->getJson("/api/calls/{$this->call->id}")->json('events'))->toHaveCount(count($trace['events']) + 1);
});

it('gets ready for what is being typed, keeps nothing of it, and says the same of it when it is sent', function (): void {
    $data = ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '11.7'];
    $suppose = fn (array $data) => $this->actingAs($this->marit)
        ->postJson("/api/calls/{$this->call->id}/events/supposed", ['type' => 'reading', 'data' => $data]);
    $suppose($data)->assertNoContent();
    $suppose([...$data, 'entered' => 'volts'])->assertNoContent();
    $suppose([])->assertNoContent();
    $this->postJson("/api/calls/{$this->call->id}/events/supposed", ['type' => 'shout', 'data' => []])->assertUnprocessable();
    $events = $this->call->events()->count();

    $supposed = new WhatItWouldMean($this->call->id, EventType::Reading, $data);
    [$answer, $half] = ($this->asked)(
        $supposed,
        new WhatItWouldMean($this->call->id, EventType::Reading, [...$data, 'entered' => '11.']),
    );
    expect($answer->isThere)->toBeTrue()->and($answer->value)->toBeNull()->and($half->isThere)->toBeTrue()
        ->and($supposed->canWait())->toBeTrue()->and($this->call->events()->count())->toBe($events);
    // what was made ready is at hand: nothing more is heard when it is sent
    $heard = fn (Investigation $of): array => (fn (): array => array_keys((fn (): array => $this->all)->call($this->heard)))->call($of);
    $shelf = app(CircuitShelf::class);
    $shelf->keepAtHand(new NoPause);
    $trace = app(Trace::class);
    $trace->suppose($this->call, EventType::Reading, $data);
    $ready = $shelf->investigation($this->call->revision, (string) $this->call->id);
    $before = $heard($ready);
    $id = (string) Str::uuid();
    $this->postJson("/api/calls/{$this->call->id}/events", [
        'id' => $id, 'type' => 'reading', 'noted_at' => now()->toIso8601ZuluString(), 'data' => $data,
    ])->assertCreated();
    expect($trace->meaning($this->call->refresh(), $id))->toBeInstanceOf(MeaningData::class)
        ->and($heard($ready))->toBe($before)->and($before)->not->toBeEmpty();
});

it('works it out here where there is no desk, or it cannot answer, and says what is wrong', function (?string $folder): void {
    $desks = new Desks(app(Trace::class), $folder, 'none');
    $question = fn (string $red) => $desks->expected(Call::query()->findOrFail($this->call->id), MeterFunction::VoltsAc, $red, 'CC.B', 1);
    expect(json_encode($desks->of($this->call->id, $this->marit)))
        ->toBe(json_encode(app(Trace::class)->of($this->call->id, $this->marit)))
        ->and($question('CC.A')->display)->not->toBe('')
        ->and(fn () => $question('NO.1'))->toThrow(UnknownName::class);
})->with(['none are wanted' => [null], 'the path is too long for a socket' => ['/tmp/'.str_repeat('long/', 30)]]);

it('tells whoever asked that it could not answer', function (): void {
    [$answer] = ($this->asked)(new WhatIsExpected($this->call->id, MeterFunction::VoltsAc, 'NO.1', 'CC.B', 1));
    expect($answer->isThere)->toBeFalse()->and($answer->value)->toContain('NO.1');
});

it('leaves for whoever knocks only what is done ahead', function (): void {
    $door = Door::at($this->path);
    $door->isAhead = true;
    $door->take();
    $talk = Talk::with($this->path, 1);
    $talk->say('here');
    expect(fn () => $door->take())->toThrow(SomebodyWaits::class);
    $door->isAhead = false;
    $door->take();
    $inside = $door->comeIn();
    expect($inside?->hear())->toBe('here')->and($door->isThere())->toBeTrue();
    $door->close();
    expect($door->isThere())->toBeFalse()->and(fn () => Talk::with($this->path, 1))->toThrow(NoDesk::class);
    // another one in its place is not its own, and is left alone
    [$one, $other] = [Door::at($this->path), Door::at($this->path)];
    expect($one->isThere())->toBeFalse()->and($other->isThere())->toBeTrue();
    $one->close();
    expect($other->isThere())->toBeTrue();
    $other->close();
});

it('holds up nobody who asks while one is put up, for as long as that sits', function (): void {
    // one that only opens and closes its door: what is asked there is worked out here
    file_put_contents("$this->folder/artisan", <<<'PHP'
        <?php
        $door = stream_socket_server("unix://$argv[3]");
        for ($until = time() + 30; time() < $until && file_exists($argv[3]); ) {
            @stream_socket_accept($door, 0.2);
        }
        PHP);
    $base = base_path();
    app()->setBasePath($this->folder);
    $stands = (new Desks(app(Trace::class), $this->folder, 'none'))->of($this->call->id, $this->marit);
    app()->setBasePath($base);
    [$lock] = glob("$this->folder/*.lock");
    expect(json_encode($stands))->toBe(json_encode(app(Trace::class)->of($this->call->id, $this->marit)))
        ->and(glob("$this->folder/*.sock"))->toHaveCount(1)
        ->and(flock(fopen($lock, 'c'), LOCK_EX | LOCK_NB))->toBeTrue();
});
