<?php

use Levin\Core\Record\Rung\Stop;
use Levin\Core\Tests\Support\Unit;

// Whole visits, from arriving to the closed call: the order of work, common practice, no published source.

it('goes the whole way on a phone, by thumb: a capacitor that took its motor with it', function (): void {
    $this->onPhone();
    $this->signIn();
    $call = $this->freshCall();
    $fault = 'CAP:fan-open';
    $this->arrive($call, Unit::cooling(), $fault, 'OFM', 'COMP');
    $this->photograph('CAP', 'bulged');
    $this->sees('Found is open', '[data-open-at=found]');
    $this->visit("/calls/$call/".Stop::Trace->value);
    $this->follow($call, $fault);
    $this->sees('FAN section open', '[data-finding]');
    $this->press('Record the finding');
    // what it did to the motor is a finding of its own
    $this->type('input[name=beside]', 'Outdoor fan motor ran hot on it: smells burnt, drags');
    $this->press('That is wrong too');
    $this->visit("/calls/$call/".Stop::Cause->value);
    $this->sees('smells burnt', 'main');
    $this->press('Plain wear');
    $this->press('Keep it');
    $this->sees('Repaired is open', '[data-open-at=repaired]');

    $this->makeDead($call);
    // like for like from the truck, then a universal motor with another capacitor
    $this->sees('It matches', '[aria-label="On your truck"]');
    $this->press('This one');
    $this->press('It is fitted');
    $this->sees('a new one fitted', '[aria-label=Done]');
    $this->choose('select[name=part]', 'OFM');
    $this->sees('universal', '[aria-label="On your truck"]');
    $this->press('This one');
    $this->sees('label decides', '[aria-label="How it matches"]');
    $this->press('It is fitted');
    $this->sees('Condenser fan motor', '[aria-label=Done]');

    $this->putBack($call);
    $this->verify($call);
    $this->tellAndClose($call, 'the caretaker');
    // the unit has its new parts, and its own circuit
    $unit = $this->api("calls/$call")['call']['unit']['id'];
    $fitted = array_filter($this->api("units/$unit/fitted")['parts'], fn (array $one): bool => $one['call'] === $call);
    expect(array_column($fitted, 'part'))->toEqualCanonicalizing(['CAP', 'OFM'])
        ->and($this->api("units/$unit")['circuit']['id'])->toBe("split-cooling-unit-$unit");
});

it('goes the whole way on a furnace: a board found, proved out before the drive, swapped and verified', function (): void {
    $this->signIn('marit');
    $call = $this->freshCall('East-wing furnace');
    $unit = Unit::shipped('gas-furnace');
    $fault = 'IFC:dead';
    // the lamp is read before any power is cut, and its table is beside it
    $this->arrive($call, $unit, $fault, 'IND', 'IFC');
    $this->find('[data-printed] .bg-live');
    $this->visit("/calls/$call/".Stop::Trace->value);
    $this->follow($call, $fault, $unit);
    $this->sees('board dead with power on it', '[data-finding]');
    $this->press('Record the finding');
    $this->sees('Cause is open', '[data-open-at=cause]');

    // what sits behind a dead part is proved before anybody drives for the new one
    $this->visit("/calls/$call/".Stop::Cause->value);
    $behind = '[aria-label="Before you drive for the part"]';
    $this->sees('Draft motor', $behind);
    $this->click("$behind [data-check=IND] button:nth-child(1)");
    $this->until(
        fn (): bool => $this->find("$behind [data-check=IND] button:nth-child(1)")->getAttribute('aria-pressed') === 'true',
        'the draft motor proved',
    );
    $this->press('Plain wear');
    $this->press('Keep it');

    $this->makeDead($call);
    $this->sees("The maker's number", '[aria-label="What must match"]');
    $this->type('input[name=fitted]', 'Furnace control, same number');
    $this->press('It is fitted');
    $this->sees('same number', '[aria-label=Done]');
    $this->putBack($call);
    $this->verify($call);
    $this->tellAndClose($call, 'the school');
    $this->sees('✓', '[aria-label=Closed]');
});

it('goes the whole way with a limit that comes and goes: caught, replaced, and watched long enough', function (): void {
    $this->signIn('marit');
    $call = $this->freshCall('East-wing furnace');
    $unit = Unit::shipped('gas-furnace');
    $fault = 'LIM:open';
    $this->complain($call, 'now and then');
    // the lamp is steady, and then it is not
    $this->click('[data-see=IFC] .border-dashed');
    $this->press('comes and goes');
    foreach (['4 flashes', 'steady'] as $seen) {
        $this->click("[role=dialog] [data-seen='$seen']");
    }
    $this->press('Keep it');
    $this->sees('comes and goes', '[data-see=IFC]');
    $this->look($unit, $fault, 'IBM');
    $this->visit("/calls/$call/".Stop::Trace->value);
    $this->follow($call, $fault, $unit);
    $this->sees('High limit', '[data-finding]');
    $this->press('Record the finding');
    $this->sees('Cause is open', '[data-open-at=cause]');
    $this->visit("/calls/$call/".Stop::Cause->value);
    $this->press('Plain wear');
    $this->press('Keep it');
    $this->makeDead($call);
    $this->press('It is fitted');
    $this->sees('a new one fitted', '[aria-label=Done]');
    $this->putBack($call);
    $this->verify($call);
    // what came and went is not gone because it ran once
    $this->sees('It came and went: watch it for 30 minutes', '[data-open-at=verified]');
    $this->watch(12);
    $this->sees('12 so far', '[data-open-at=verified]');
    $this->watch(18);
    $this->tellAndClose($call, 'the school');
});

it('goes as far as it can go with two fuses of three and the plug that blew them: made safe, tagged, left for a return', function (): void {
    // the first call at a circuit of hundreds of suspects works out what each of them goes through
    $this->patience = 120;
    $this->signIn('ravi');
    $call = $this->freshCall('Surgery rooftop unit');
    $unit = Unit::shipped('rooftop-460-lockout');
    $this->arrive($call, $unit, 'PL1:pins1-2-burnt', 'CB1', 'IBM', 'UCB', 'PM', 'LOR1', 'LOR2', 'ECO');
    $this->visit("/calls/$call/".Stop::Trace->value);
    // the breaker is reset and holds: nothing between two legs behind the fuses, volts over a blown one
    $this->read($call, 'DISC.T1', 'DISC.T2', 'V~ volts a.c.', '0');
    $this->read($call, 'DISC.F1', 'DISC.T1', 'V~ volts a.c.', '480');
    $this->type('input[name=own_finding]', 'Compressor plug 1 burnt between pins 1 and 2');
    $this->press('Record it in these words');
    $this->sees('Compressor plug 1 burnt', '[aria-label=Finding]');
    $this->type('input[name=beside]', 'Line fuses 1 and 2 blown, as they should on a short between their legs');
    $this->press('That is wrong too');
    $this->sees('as they should', '[aria-label=Finding]');
    $this->visit("/calls/$call/".Stop::Cause->value);
    $this->click('[data-choice=found]');
    $this->type('input[name=cause]', 'drain pan runs over onto the plug');
    $this->press('Keep it');
    $this->sees('Repaired is open', '[data-open-at=repaired]');

    // the power stays off on purpose, and the tag says so
    $this->visit("/calls/$call/".Stop::Repair->value);
    $this->photograph('PL1', 'burnt between 1 and 2');
    $this->press('Prove it dead');
    $this->click('[data-off=disconnect]');
    $this->sees('Disconnect: off', '[aria-label="To put back"]');
    $this->click('[role=dialog] [aria-label=Close]');
    $this->press('It cannot be put right now');
    $this->press('Temporary, made safe');
    $this->type('input[name=left]', 'plug 1 cut out, its wires capped and tagged; three fuses and a plug to be fetched');
    $this->type('input[name=must_not]', 'the disconnect, before the plug is in');
    $this->press('It is left so');
    $this->sees('left so on purpose', '[aria-label="To put back"]');
    // nothing of it may run: nothing is left to verify
    $this->sees('Told is open', '[data-open-at=told]');
    $this->tellAndClose($call, 'the practice');
    $this->sees('Tag for what is left off', '[aria-label="On paper"]');
    // and the day has it among what waits
    $this->visit('/');
    $this->sees('plug 1 cut out', '[data-section=waiting]');
});
