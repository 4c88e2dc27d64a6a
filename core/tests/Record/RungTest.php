<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;
use Levin\Core\Record\Rung\Account;
use Levin\Core\Record\Rung\Contact;
use Levin\Core\Record\Rung\EveryMore;
use Levin\Core\Record\Rung\Load;
use Levin\Core\Record\Rung\Loads;
use Levin\Core\Record\Rung\MoreToMeasure;
use Levin\Core\Record\Rung\OpenItems;
use Levin\Core\Record\Rung\Rung;
use Levin\Core\Record\Rung\RungContact;
use Levin\Core\Record\Rung\Stop;
use Levin\Core\Record\Rung\Visit;
use Levin\Core\Tests\Support\Called;
use Levin\Core\Tests\Support\Unit;

// A call as a rung: which contact is open, and what it asks for. The order of work, and that codes go when power is cycled, are common
// practice, no published source.

function arrived(Called $call): Called
{
    return $call->noted(EventType::HistoryRead, ['visits' => 2])
        ->noted(EventType::Complaint, ['words' => 'hall is hot', 'since' => '', 'pattern' => 'all the time']);
}

/** Of the shipped cooling unit, whose only lamps are its blower's and its thermostat's, if it has any. */
function seenAll(Called $call, Unit $unit): Called
{
    foreach ($unit->model()->parts as $id => $kind) {
        if ($kind->observables() !== []) {
            $call->see($id, $kind->observables()[0]);
        }
    }

    return arrived($call);
}

function found(Called $call, string $fault = 'CAP:herm-weak', array $more = []): Called
{
    return $call->noted(EventType::Finding, ['faults' => [$fault], 'label' => 'Capacitor weak', 'cause' => '', ...$more]);
}

function rungOf(Called $call, Unit $unit): Rung
{
    return new Rung(Visit::of($unit->model(), $call->log, $call->judged()));
}

/** What a contact still asks for. */
function asked(Called $call, Contact $contact, ?Unit $unit = null): array
{
    $contacts = rungOf($call, $unit ?? Unit::cooling())->contacts();

    return array_values(array_filter($contacts, static fn (RungContact $c): bool => $c->contact === $contact))[0]->open;
}

/** Currents of all that runs, as a meter reads them on a healthy unit. */
function verified(Called $call): Called
{
    return $call->clamp('w11')->clamp('w16')->clamp('w34')
        ->noted(EventType::Watched, ['minutes' => 12, 'as_expected' => true, 'words' => '']);
}

it('has seven contacts in the order of work, each with the stop where it is closed', function (): void {
    expect(array_map(static fn (Contact $c): string => "{$c->value} {$c->stop()->value}", Contact::cases()))->toBe([
        'seen arrive', 'found trace', 'cause cause', 'repaired repair', 'restored repair', 'verified verify', 'told hand-over',
    ])->and(Stop::cases())->toHaveCount(6);
});

it('is open at the first contact of a call that has just begun, and says all that is to do', function (): void {
    $rung = rungOf(new Called(Unit::cooling()), Unit::cooling());
    expect($rung->openAt()?->contact)->toBe(Contact::Seen)
        ->and(array_slice($rung->openAt()->open, 0, 3))->toBe([
            'Read what was done at this unit before.',
            'Write down the complaint, in the customer\'s words.',
            'Say what runs and what does not.',
        ])->and($rung->contacts()[4]->isClosed())->toBeTrue()->and($rung->isClosed())->toBeFalse();
});

it('closes Seen with history, complaint, a machine and every lamp', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $board = 'Furnace control: write down what its lamp shows, before power is cut.';
    $call = arrived(new Called($unit));
    expect(asked($call, Contact::Seen, $unit))->toBe(['Say what runs and what does not.', $board])
        ->and(asked($call->see('IND', 'silent'), Contact::Seen, $unit))->toBe([$board])
        ->and(asked($call->see('IFC', '3 flashes'), Contact::Seen, $unit))->toBe([]);
});

it('says that a code is gone when power was cut before it was written down', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $call = arrived(new Called($unit))->see('IND', 'silent')->off();
    expect(asked($call, Contact::Seen, $unit)[0])->toContain('an old code is gone')
        ->and(asked($call->see('IFC', 'dark'), Contact::Seen, $unit))->toBe([]);
});

it('does not ask for a lamp in a place that is out of reach', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $place = $unit->model()->circuit->part('IFC')->place;
    $call = arrived(new Called($unit))->see('IND', 'silent')
        ->noted(EventType::Barred, ['why' => 'cannot reach', 'what' => $place, 'barred' => true]);
    expect(asked($call, Contact::Seen, $unit))->toBe([]);
});

it('closes Found with a finding that leaves no reading unexplained, or strikes out what does not fit', function (): void {
    $call = (new Called(Unit::cooling()))->enterVolts('CC.A', 'CC.B', 12.0)->enterVolts('HP.1', 'HP.2', 3.0);
    expect(asked($call, Contact::Found))->toBe(['Find it, or write down what you found.']);
    found($call, more: ['unexplained' => ['e0', 'e1']]);
    expect(asked($call, Contact::Found)[0])->toContain('2 readings stand unexplained')
        ->and(asked($call->strike(0), Contact::Found)[0])->toContain('One reading stands unexplained')
        ->and(asked($call->strike(1), Contact::Found))->toBe([]);
});

it('takes the last finding for what is wrong, and those before it that it is beside', function (): void {
    $call = found(new Called(Unit::cooling()), more: ['unexplained' => ['x']]);
    expect(asked(found($call, 'HP:open', ['label' => 'HP open']), Contact::Cause))->toHaveCount(1)
        ->and(asked(found($call, 'OFM:seized', ['label' => 'Fan seized', 'beside' => true]), Contact::Cause))->toHaveCount(2);
});

it('closes Cause with what made it fail, what was looked for, or wear', function (array $cause): void {
    $call = found(new Called(Unit::cooling()));
    expect(asked($call, Contact::Cause)[0])->toStartWith('Capacitor weak: say what made it fail')
        ->and(asked($call->noted(EventType::Cause, $cause), Contact::Cause))->toBe([])
        // of another finding it says nothing
        ->and(asked(found($call, 'HP:open'), Contact::Cause))->toHaveCount(1);
})->with([
    [['kind' => 'found', 'words' => 'dead fan']], [['kind' => 'not found', 'words' => '']], [['kind' => 'wear', 'words' => '']],
]);

it('takes a cause that came with the finding', function (): void {
    expect(asked(found(new Called(Unit::cooling()), more: ['cause' => 'hot attic']), Contact::Cause))->toBe([]);
});

it('closes Repaired with what was done about each thing that was found', function (EventType $type, array $data, bool $closes): void {
    $call = found(new Called(Unit::cooling()));
    expect(asked($call, Contact::Repaired))->toHaveCount(1)
        ->and(asked($call->noted($type, $data), Contact::Repaired) === [])->toBe($closes);
})->with([
    'fitted' => [EventType::Replaced, ['part' => 'CAP'], true],
    'another part' => [EventType::Replaced, ['part' => 'CC'], false],
    'worked on' => [EventType::Worked, ['target' => 'CAP', 'words' => 'x'], true],
    'worked on another' => [EventType::Worked, ['target' => 'CC', 'words' => 'x'], false],
    'made safe' => [EventType::Left, ['how' => 'made safe', 'words' => 'x', 'off' => []], true],
    'return' => [EventType::Left, ['how' => 'return', 'words' => 'x', 'off' => []], true],
    'a note' => [EventType::Note, ['text' => 'x'], false],
]);

it('asks for nothing to be repaired where nothing is wrong', function (): void {
    $call = (new Called(Unit::cooling()))
        ->noted(EventType::Finding, ['faults' => [], 'nothing' => true, 'words' => 'x', 'label' => 'No electrical fault here: x']);
    foreach ([Contact::Found, Contact::Cause, Contact::Repaired] as $contact) {
        expect(asked($call, $contact))->toBe([]);
    }
});

it('opens Restored with every lead, jumper, part and switch that is not as it should be', function (): void {
    $call = (new Called(Unit::cooling()))->off()->lift('w12')->pull('FU1')
        ->noted(EventType::Jumper, ['from' => 'TST.R', 'to' => 'TST.Y', 'on' => true, 'reason' => 'x']);
    $open = asked($call, Contact::Restored);
    expect($open[0])->toBe('Take the jumper off TST.R and TST.Y.')->and($open[1])->toContain('Land the ')
        ->and($open[2])->toStartWith('Put ')->and(array_slice($open, 3))->toBe([
            'Outdoor breaker: it should be on.', 'Disconnect: it should be in.', 'Indoor breaker: it should be on.',
        ])
        ->and(asked((new Called(Unit::cooling()))->off()->lift('w12')->land('w12')->set('outdoor_breaker', true)
            ->set('disconnect', true)->set('indoor_breaker', true), Contact::Restored))->toBe([]);
});

it('opens it with a cover that is off, and not with the weather', function (): void {
    $unit = Unit::shipped('gas-furnace');
    expect(asked((new Called($unit))->set('door_off', true)->set('filter_clogged', true), Contact::Restored, $unit))
        ->toBe(['Blower door: it should be on.']);
});

it('says of all that is open since when, whether it is left so, and what puts it back', function (): void {
    $call = (new Called(Unit::cooling()))->off()->lift('w12')
        ->noted(EventType::Jumper, ['from' => 'TST.R', 'to' => 'TST.Y', 'on' => true, 'reason' => 'x'])
        ->noted(EventType::Left, ['how' => 'return', 'words' => 'motor ordered', 'must_not' => '', 'off' => ['w12']]);
    $items = array_column(OpenItems::of(Visit::of(Unit::cooling()->model(), $call->log, [])), null, 'key');
    expect(array_keys($items))->toBe(['TST.R~TST.Y', 'w12', 'outdoor_breaker', 'disconnect', 'indoor_breaker'])
        ->and($items['w12']->isLeft)->toBeTrue()->and($items['disconnect']->isLeft)->toBeFalse()
        ->and($items['TST.R~TST.Y']->mayBeLeft())->toBeFalse()->and($items['w12']->mayBeLeft())->toBeTrue()
        ->and($items['disconnect']->state)->toBe('pulled')->and($items['disconnect']->undo)->toBe('in')
        // each was opened one event after the other, ten seconds apart
        ->and($items['w12']->since - $items['indoor_breaker']->since)->toBeGreaterThanOrEqual(10.0)
        ->and($items['TST.R~TST.Y']->since)->toBe($items['w12']->since + 10.0);
    foreach ($items as $item) {
        $call->noted($item->type, $item->data);
    }
    expect(OpenItems::of(Visit::of(Unit::cooling()->model(), $call->log, [])))->toBe([]);
});

it('asks for nothing back that is left off on purpose, and for no load that it keeps from running', function (): void {
    $call = found(new Called(Unit::cooling()))->set('outdoor_breaker', false)
        ->noted(EventType::Left, ['how' => 'return', 'words' => 'fan ordered', 'must_not' => 'cooling', 'off' => ['outdoor_breaker']]);
    expect(asked($call, Contact::Restored))->toBe([])
        ->and(asked($call, Contact::Verified))->toBe([
            'Indoor blower motor: read what it draws, with the panels on.', 'Watch it through one whole cycle.',
        ]);
});

it('closes Verified with what each load draws since the last repair, and a cycle watched', function (): void {
    $call = found(verified(new Called(Unit::cooling())))->noted(EventType::Replaced, ['part' => 'CAP']);
    expect(asked($call, Contact::Verified))->toHaveCount(4)
        ->and(asked(verified($call), Contact::Verified))->toBe([])
        // something was done since: once more
        ->and(asked($call->noted(EventType::Worked, ['target' => 'CC', 'words' => 'x']), Contact::Verified))->toHaveCount(4);
});

it('opens it with a load that draws more than its plate, and with a cycle that did not go as it should', function (): void {
    $call = verified(found(new Called(Unit::cooling())))->enterAmps('w11', 18.0);
    expect(asked($call, Contact::Verified))->toBe(['Compressor: what it draws is not right.']);
    $stopped = found(new Called(Unit::cooling()))->clamp('w11')->clamp('w16')->clamp('w34')
        ->noted(EventType::Watched, ['minutes' => 4, 'as_expected' => false, 'words' => 'stopped']);
    expect(asked($stopped, Contact::Verified))->toBe(['Watch it through one whole cycle.']);
});

it('closes Told when somebody was told since the last thing that was found, done or reopened', function (): void {
    $told = static fn (Called $c): Called => $c->noted(EventType::WasTold, ['who' => 'x', 'words' => 'y', 'said' => '']);
    $call = $told(found(new Called(Unit::cooling())));
    expect(asked($call, Contact::Told))->toBe([])
        ->and(asked($call->noted(EventType::Replaced, ['part' => 'CAP']), Contact::Told))->toHaveCount(1)
        ->and(asked($told($call)->noted(EventType::Reopened, ['reason' => 'x']), Contact::Told))->toHaveCount(1);
});

it('passes a contact that is jumpered with a reason, until the jumper is off or the call reopened', function (): void {
    $waived = static fn (bool $on): array => ['contact' => 'seen', 'on' => $on, 'reason' => 'store closed'];
    $call = (new Called(Unit::cooling()))->noted(EventType::Waived, $waived(true));
    $openAt = static fn (Called $c): ?Contact => rungOf($c, Unit::cooling())->openAt()?->contact;
    $seen = rungOf($call, Unit::cooling())->contacts()[0];
    expect($seen->waived)->toBe('store closed')->and($seen->passes())->toBeTrue()->and($seen->isClosed())->toBeFalse()
        ->and($openAt($call))->toBe(Contact::Found)
        ->and($openAt($call->noted(EventType::Waived, $waived(false))))->toBe(Contact::Seen)
        ->and($openAt($call->noted(EventType::Waived, $waived(true))->noted(EventType::Reopened, ['reason' => 'x'])))->toBe(Contact::Seen);
});

it('pulls its coil in when all are closed, and not before', function (): void {
    $unit = Unit::cooling();
    $gate = new Gate($unit->model());
    $call = verified(found(seenAll(new Called($unit), $unit), more: ['cause' => 'heat'])->noted(EventType::Replaced, ['part' => 'CAP']));
    expect(fn () => $gate->admit(EventType::Closed, [], $call->log))->toThrow(Refusal::class, '"Told" is open')
        ->and(rungOf($call, $unit)->openAt()?->contact)->toBe(Contact::Told);
    $call->noted(EventType::WasTold, ['who' => 'x', 'words' => 'y', 'said' => '']);
    expect($gate->admit(EventType::Closed, [], $call->log))->toBe([])->and(rungOf($call, $unit)->openAt())->toBeNull()
        ->and(rungOf($call->noted(EventType::Closed, []), $unit)->isClosed())->toBeTrue();
});

it('lets no call be closed with a jumper on, whatever is waived', function (): void {
    $call = (new Called(Unit::cooling()))
        ->noted(EventType::Jumper, ['from' => 'TST.R', 'to' => 'TST.Y', 'on' => true, 'reason' => 'x']);
    foreach (Contact::cases() as $contact) {
        $call->noted(EventType::Waived, ['contact' => $contact->value, 'on' => true, 'reason' => 'x']);
    }
    expect(rungOf($call, Unit::cooling())->openAt())->toBeNull()
        ->and(fn () => (new Gate(Unit::cooling()->model()))->admit(EventType::Closed, [], $call->log))
        ->toThrow(Refusal::class, 'A jumper is still on');
});

it('tells the visit for the customer, from the record alone', function (): void {
    $call = arrived(new Called(Unit::cooling()))->clamp('w16');
    found($call, more: ['cause' => 'heat'])->noted(EventType::Replaced, ['part' => 'CAP'])
        ->noted(EventType::Worked, ['target' => '', 'label' => '', 'words' => 'coil washed', 'before' => '6 °F', 'after' => '18 °F'])
        ->noted(EventType::Cause, ['kind' => 'found', 'words' => 'dead fan'])->enterAmps('w11', 11.4)
        ->noted(EventType::Watched, ['minutes' => 12.5, 'as_expected' => true, 'words' => ''])
        ->noted(EventType::Watched, ['minutes' => 3, 'as_expected' => false, 'words' => 'stopped']);
    $words = (new Account(Visit::of(Unit::cooling()->model(), $call->log, $call->judged())))->words();
    expect(explode("\n", $words))->toBe([
        'You called because: “hall is hot”',
        'We found: Capacitor weak.',
        'What made it fail: heat.',
        'What made it fail: dead fan.',
        'We fitted a new one: Dual run capacitor.',
        'We did: coil washed (6 °F before, 18 °F after).',
        // the fan's current was read before anything was done
        'Measured under load: Compressor 11.40 A (plate 14.10 A).',
        'We watched it for 12.5 minutes; it did what it should.',
    ]);
});

it('tells what is left, what must not be switched on, and that nothing is wrong', function (): void {
    $nothing = ['faults' => [], 'nothing' => true, 'words' => 'all legs', 'label' => 'No electrical fault here: all legs'];
    $left = ['how' => 'return', 'words' => 'motor ordered', 'must_not' => 'cooling', 'off' => []];
    $told = static fn (Called $c): string => (new Account(Visit::of(Unit::cooling()->model(), $c->log, [])))->words();
    expect($told((new Called(Unit::cooling()))->noted(EventType::Finding, $nothing)))->toBe('No electrical fault here: all legs.')
        ->and($told(found(new Called(Unit::cooling()))->noted(EventType::Cause, ['kind' => 'wear', 'words' => ''])
            ->noted(EventType::Left, $left)))->toBe(implode("\n", [
                'We found: Capacitor weak.', 'It is worn out; nothing else made it fail.',
                'It is left so: motor ordered. Do not switch on: cooling.',
            ]))
        ->and($told(found(new Called(Unit::cooling()))->noted(EventType::Cause, ['kind' => 'not found', 'words' => ''])))
        ->toContain('looked for and not found');
});

it('reads what a motor draws round the wire that carries all of it, with what a healthy one draws there', function (): void {
    // common shares its screw with the transformer: the wire to run carries run and start; [physics] Kirchhoff at the motor
    $call = found(new Called(Unit::cooling()))->enterAmps('w34', 2.2)->noted(EventType::Replaced, ['part' => 'IBM'])->enterAmps('w34', 2.1);
    $loads = Loads::of(Visit::of(Unit::cooling()->model(), $call->log, $call->judged()));
    $blower = array_values(array_filter($loads, static fn (Load $l): bool => $l->part->id === 'IBM'))[0];
    $settled = Unit::cooling()->with();
    $common = $settled->wireCurrent('w33')->minus($settled->wireCurrent('w38'))->abs();
    expect($blower->wires)->toBe(['w34'])->and($blower->expected)->toEqualWithDelta($common, 0.01)
        ->and($blower->before?->number('value'))->toBe(2.2)->and($blower->measured?->number('value'))->toBe(2.1)
        ->and($blower->isFaulted())->toBeFalse()->and($blower->judged?->text('check'))->toBe('running-current');
});

it('has a unit with the plate of what was fitted, from then on', function (): void {
    $fitted = ['part' => 'OFM', 'plate' => ['fla' => 1.6]];
    $call = found((new Called(Unit::cooling()))->enterAmps('w16', 1.4))->noted(EventType::Replaced, $fitted)->enterAmps('w16', 1.5);
    $judged = array_column($call->judged(), null, 'id');
    // over the old plate of 1.1 A before, under the new one after
    expect($judged['e0']->text('verdict'))->toBe('bad')
        ->and($judged['e3']->text('verdict'))->not->toBe('bad');
    $loads = Loads::of(Visit::of(Unit::cooling()->model(), $call->log, $call->judged()));
    $fan = array_values(array_filter($loads, static fn (Load $l): bool => $l->part->id === 'OFM'))[0];
    expect($fan->plate)->toBe(1.6)->and($fan->before?->number('value'))->toBe(1.4)->and($fan->measured?->number('value'))->toBe(1.5)
        ->and($fan->isFaulted())->toBeFalse();
    // that it was fitted is struck out: the old plate again
    $struck = $call->noted(EventType::Strike, ['event' => 'e2', 'reason' => 'other unit']);
    expect(Visit::of(Unit::cooling()->model(), $struck->log, [])->model->circuit->part('OFM')->number('fla'))->toBe(1.1);
});

it('tells a current that creeps up from one that is steady, and one that came to rest', function (array $amps, ?string $says): void {
    $call = found(new Called(Unit::cooling()))->noted(EventType::Replaced, ['part' => 'OFM']);
    foreach ($amps as $reading) {
        $call->enterAmps('w16', $reading);
    }
    $loads = Loads::of(Visit::of(Unit::cooling()->model(), $call->log, $call->judged()));
    $fan = array_values(array_filter($loads, static fn (Load $l): bool => $l->part->id === 'OFM'))[0];
    expect($fan->creep?->words())->toBe($says);
    // bad or creeping: the contact stays open
    $isOpen = array_filter(asked($call, Contact::Verified), static fn (string $order): bool => str_contains($order, 'creeps up'));
    expect($isOpen !== [])->toBe($says !== null && str_starts_with($says, 'It creeps'));
})->with([
    'once' => [[1.0], null],
    'steady' => [[1.0, 1.01], 'Steady: 1.00 to 1.01 A in 1 min.'],
    'creeping' => [[0.9, 0.95, 1.02], 'It creeps up: 0.90 to 1.02 A in 1 min. Stay with it, it may trip.'],
    'warm by now' => [[0.9, 1.0, 1.0], 'Steady: 0.90 to 1.00 A in 1 min.'],
    'falling as it comes up' => [[1.05, 0.98], 'Steady: 1.05 to 0.98 A in 1 min.'],
]);

it('wants the thermostat as it was found, where it was set otherwise for a test', function (): void {
    $call = (new Called(Unit::cooling()))
        ->noted(EventType::Thermostat, ['mode' => 'cool', 'set' => '72 °F', 'shows' => '80 °F', 'seated' => 'on its base']);
    expect(asked($call, Contact::Restored))->toBe([])
        ->and(asked($call->set('call_cool', false), Contact::Restored))
        ->toBe(['Thermostat: set it back as you found it (cool, 72 °F), and write down what it shows.'])
        // as it was before, or looked at again
        ->and(asked($call->set('call_cool', true), Contact::Restored))->toBe([]);
    $call->set('call_cool', false)->noted(EventType::Thermostat, ['mode' => 'cool', 'set' => '72 °F', 'shows' => '70 °F']);
    expect(asked($call, Contact::Restored))->toBe([])
        // nobody asks for what nobody looked at
        ->and(asked((new Called(Unit::cooling()))->set('call_cool', false), Contact::Restored))->toBe([]);
});

it('asks for more time where it came and went', function (): void {
    $call = verified(found((new Called(Unit::cooling()))
        ->noted(EventType::Complaint, ['words' => 'x', 'since' => '', 'pattern' => 'now and then'])));
    $watch = ['minutes' => 12, 'as_expected' => true, 'words' => ''];
    $minutes = array_sum(array_map(
        static fn ($e): float => $e->type === EventType::Watched ? $e->number('minutes') : 0.0,
        $call->log,
    ));
    expect($minutes)->toBeLessThan(30.0)
        ->and(asked($call, Contact::Verified)[0])->toContain('It came and went: watch it for 30 minutes')
        ->and(asked($call->noted(EventType::Watched, [...$watch, 'minutes' => 30]), Contact::Verified))->toBe([]);
});

it('has the checks by which such a unit is verified', function (string $circuit, array $checks): void {
    $more = EveryMore::of(Visit::of(Unit::shipped($circuit)->model(), [], []));
    expect(array_map(static fn (MoreToMeasure $m): string => $m->check, $more))->toBe($checks);
})->with([
    ['split-cooling', ['refrigerant-side']],
    ['gas-furnace', ['gas-heat', 'flame-signal', 'static-pressure']],
    ['air-handler-electric', ['electric-heat', 'static-pressure']],
    ['two-circuit-fan-cycling', ['refrigerant-side', 'supply']],
]);

it('asks for pressures on every call where the shop reads them so', function (): void {
    $what = fn (Habits $habits): string => EveryMore::of(Visit::of(Unit::cooling()->model(), [], []), $habits)[0]->what;
    expect($what(new Habits))->toStartWith('split first')
        ->and($what(new Habits([Habit::Gauges->value => Habit::EVERY_CALL])))->toContain('pressures on every call');
});

it('counts none of them that was made before the last repair', function (): void {
    $judged = ['part' => 'unit', 'check' => 'refrigerant-side', 'verdict' => 'good', 'headline' => 'As it should', 'figures' => []];
    $call = found(new Called(Unit::cooling()))->noted(EventType::Judged, $judged);
    $kept = static fn (): ?string => EveryMore::of(Visit::of(Unit::cooling()->model(), $call->log, []))[0]->kept?->headline;
    expect($kept())->toBe('As it should');
    $call->noted(EventType::Replaced, ['part' => 'CAP']);
    expect($kept())->toBeNull();
});
