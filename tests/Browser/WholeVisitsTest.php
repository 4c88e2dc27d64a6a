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
