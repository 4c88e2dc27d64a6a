<?php

// The whole story in the real application: sign in, open a call, trace it, find the fault, keep the record.

use Facebook\WebDriver\WebDriverKeys;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Sign;
use Levin\Core\Tests\Support\Unit;

it('goes from sign-in to the finding on a unit whose outdoor section does nothing', function (): void {
    $this->signIn();
    $call = $this->call('Oven-room cooling unit');
    // by its address: an earlier call at the same unit stands in the other list, which may be there first
    $this->click("a[href$='/calls/$call']");
    // what is there to know before any cover comes off
    $this->sees('Seen is open', '[data-open-at=seen]');
    $this->press('Keep the complaint');
    $this->sees('“Oven room hot', '[aria-label=Complaint]');
    $this->press('I have read it');
    $this->sees('Say what runs', '[data-open-at=seen]');
    $this->click('[data-see=IBM] button');
    $this->sees('Found is open', '[data-open-at=found]');
    $this->click('[data-contact=found]');
    $this->find('svg.ladder');
    $this->sees('LIVE', '[role=status]');
    $this->sees('SUSPECTS');

    // what is seen, by tapping the fan on the diagram
    $this->tap('[data-part=OFM]');
    $this->sees('Outdoor fan motor', '[aria-label=Part]');
    $this->click('[data-seen=silent]');
    $this->sees('Outdoor fan motor silent', '[aria-label=Log]');

    // then whatever is recommended, until it is found
    $before = $this->api("calls/$call");
    expect($this->text('[data-next-why]'))->toContain($before['next'][0]['results'][0]['who'])->toContain('healthy');
    $this->follow($call, 'HP:open');
    $after = $this->api("calls/$call");
    expect($after['suspects']['in_play'])->toBeLessThan($before['suspects']['in_play'])
        ->and($after['suspects']['found'])->toContain('HP:open');
    $this->sees('High-pressure switch', '[data-finding]');
    $this->sees('Drawn as it stands with: High-pressure switch');
    $this->type('input[name=cause]', 'coil packed with flour dust');
    $this->press('Record the finding');
    $this->sees('coil packed with flour dust', '[aria-label=Log]');
    // it came with its cause; something is done about it, and the unit is verified
    $this->sees('Repaired is open', '[data-open-at=repaired]');
    $this->click('[data-contact=repaired]');
    $this->press('Work that is no part');
    $this->choose('select[name=part]', 'HP');
    $this->type('input[name=words]', 'switch changed, coil washed');
    $this->press('Keep it');
    $this->sees('High-pressure switch: switch changed', '[aria-label=Done]');
    // and everything is put back that was opened on the way
    $this->putBack($call);
    $this->sees('Verified is open', '[data-open-at=verified]');
    $this->verify($call);
    $this->sees('Told is open', '[data-open-at=told]');
    expect($this->find('[data-contact=told]')->getAttribute('data-state'))->toBe('open');
    $this->click('[data-contact=told]');
    expect($this->find('textarea[name=words]')->getAttribute('value'))->toContain('We found: High-pressure switch');
    $this->tellAndClose($call, 'the baker');

    // the record is there afterwards
    $this->visit('/');
    $this->sees('✓ High-pressure switch');
    $file = $this->api("calls/$call/call.json");
    expect(
        array_column($file['events'], 'type'),
    )->toContain('observation')->toContain('reading')->toContain('finding')->toContain('closed');
});

it('leads through making it dead and lifting a lead where only a dead test decides', function (): void {
    $this->signIn('ravi');
    $call = $this->freshCall();
    $this->find('svg.ladder');
    // a start winding and its wire read alike live; the last word is an ohmmeter on a lifted lead
    $fault = 'COMP:start-open';
    $kinds = $this->follow($call, $fault);
    $end = $this->api("calls/$call");
    expect($end['suspects']['found'])->toContain($fault);
    $this->sees('start winding open', '[data-finding]');
    expect(array_unique($kinds))->toContain('vac');
    // whatever was lifted on the way is in sight, with how long it has been so, until it is landed
    if ($end['standing']['lifted'] !== []) {
        $this->press('Record the finding');
        $this->sees('start winding open', '[aria-label=Log]');
        $this->click('[data-contact=restored]');
        foreach ($end['standing']['lifted'] as $wire) {
            $this->sees('lifted', "[data-open-item=$wire]");
            $this->until(fn (): bool => $this->find("[data-open-item=$wire] button")->isEnabled(), "the way to land $wire");
            $this->click("[data-open-item=$wire] button");
            $this->until(fn (): bool => ! in_array($wire, $this->api("calls/$call")['standing']['lifted'], true), "$wire landed");
        }
        $none = "return document.querySelector('[data-open-item^=w]') === null";
        $this->until(fn (): bool => $this->driver()->executeScript($none), 'no lead open');
    }
});

it('sets two probes by hand, by tapping and by name, and says what a healthy unit reads there', function (): void {
    $this->signIn();
    $this->freshCall();
    $this->find('svg.ladder');
    $tap = fn (string $point) => $this->tap("[data-point='$point']");
    $tap('AH.R');
    $this->sees('AH.R', '[data-lead=red]');
    $tap('AH.C');
    $this->sees('AH.C', '[data-lead=black]');
    $healthy = Unit::cooling()->read(MeterFunction::VoltsAc, 'AH.R', 'AH.C')->value ?? 0.0;
    $this->sees(Display::said(MeterFunction::VoltsAc, $healthy), '[data-expected]');
    // by name, from the keyboard
    $this->driver()->getKeyboard()->sendKeys('/');
    $this->type('input[name=find]', 'compressor terminals comp.c');
    $this->driver()->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $this->sees('COMP.C', '[data-lead=red]');
    $this->driver()->getKeyboard()->sendKeys('?');
    $this->sees('keep the reading', '[role=dialog]');
});

it('refuses ohms until the circuit is proved dead, and the way to prove it is right there', function (): void {
    $this->signIn();
    $id = $this->freshCall();
    $this->find('svg.ladder');
    $tap = fn (string $point) => $this->tap("[data-point='$point']");
    $tap('COMP.C');
    $tap('COMP.R');
    $this->click('[aria-label="Ω ohms"]');
    $this->sees('Not proved dead', '[role=alert]');
    expect($this->driver()->executeScript("return document.querySelector('[data-keep]')"))->toBeNull();
    $this->press('Prove it dead');
    foreach (['outdoor_breaker', 'disconnect', 'indoor_breaker'] as $feed) {
        $this->click("[data-off=$feed]");
        $this->until(
            fn (): bool => $this->driver()->executeScript("return document.querySelector('[data-off=$feed]') === null"),
            "$feed off",
        );
    }
    foreach (['known_before', 'circuit_dead', 'known_after'] as $step) {
        $this->click("input[name=$step]");
    }
    $this->press('Proved dead');
    $this->sees('PROVED DEAD', '[role=status]');
    // the unit is dead; the line side of the breakers in the building's panel is not, and is still drawn live
    $energy = array_column($this->api("calls/$id")['drawn']['points'], 'energy', 'point');
    expect(array_keys($energy, 'live'))->toEqualCanonicalizing(['SUP.L1', 'SUP.L2', 'CB1.L1', 'CB1.L2', 'CB2.L1', 'CB2.L2']);
    $tap('COMP.C');
    $tap('COMP.R');
    $this->click('[aria-label="Ω ohms"]');
    $dead = Unit::cooling()->settle(Unit::cooling()->off());
    $ohms = Unit::cooling()->read(MeterFunction::Ohms, 'COMP.C', 'COMP.R', $dead)->value ?? 0.0;
    $this->sees(Display::said(MeterFunction::Ohms, $ohms), '[data-expected]');
    $this->type('input[name=reading]', '-4');
    $this->keep();
    $this->sees('cannot be negative', '[role=alert]');
    expect($this->find('input[name=reading]')->getAttribute('value'))->toBe('-4');
    $this->type('input[name=reading]', '0.8');
    $this->keep();
    $this->sees('COMP.C → COMP.R', '[aria-label=Log]');
    // power back on undoes the proof
    $this->click('[data-condition=indoor_breaker]');
    $this->sees('LIVE', '[role=status]');
});

it('says what is wrong with a reading and loses nothing of it', function (string $typed, string $message): void {
    $this->signIn();
    $this->freshCall();
    $this->find('svg.ladder');
    foreach (['LV.Y', 'LV.C'] as $point) {
        $this->tap("[data-point='$point']");
        $this->sees($point, '[data-leads]');
    }
    $before = $this->text('[aria-label=Log] h2');
    $this->type('input[name=reading]', $typed);
    $this->keep();
    $this->sees($message, '[role=alert]');
    expect($this->find('input[name=reading]')->getAttribute('value'))->toBe($typed)
        ->and($this->text('[aria-label=Log] h2'))->toBe($before);
})->with([
    'letters' => ['high', 'is not a reading'],
    'absurd' => ['1e99', 'more than any service meter'],
    'wrong unit' => ['12 ohm', 'is not a unit of this test'],
]);

it('stores a double submission once', function (): void {
    $this->signIn();
    $id = $this->freshCall();
    $this->find('svg.ladder');
    foreach (['LV.Y', 'LV.C'] as $point) {
        $this->tap("[data-point='$point']");
        $this->sees($point, '[data-leads]');
    }
    $this->type('input[name=reading]', '26.5');
    $this->driver()->executeScript("const b = document.querySelector('form[aria-label=Meter] button[type=submit]'); b.click(); b.click();");
    $this->until(fn (): bool => str_contains($this->text('[aria-label=Log] h2'), '· 1'), 'one event');
    expect($this->api("calls/$id")['events'])->toHaveCount(1);
});

it('keeps what was entered when the session has ended, and sends it after signing in again', function (): void {
    $this->signIn();
    $id = $this->freshCall();
    $this->find('svg.ladder');
    $before = count($this->api("calls/$id")['events']);
    $this->forgetSession();
    $this->type('input[name=note]', 'roof hatch key is with the librarian');
    $this->press('Add');
    $this->sees('Sign in again', '[role=dialog]');
    $this->type('[role=dialog] input[name=email]', 'oda@ternsound.example');
    $this->type('[role=dialog] input[name=password]', 'tern-sound');
    $this->click('[role=dialog] button[type=submit]');
    $this->sees('roof hatch key is with the librarian', '[aria-label=Log] ol');
    expect(count($this->api("calls/$id")['events']))->toBe($before + 1);
});

it('strikes a reading out and leaves it in sight', function (): void {
    $this->signIn('ravi');
    $id = $this->freshCall();
    $this->find('svg.ladder');
    $this->tap('[data-part=CC]');
    $this->click('[data-seen="pulled in"]');
    $this->sees('Contactor pulled in', '[aria-label=Log]');
    $this->press('Strike');
    $this->type('input[name=reason]', 'that was the neighbour unit');
    $this->press('Strike it out');
    $this->sees('that was the neighbour unit', '[aria-label=Log]');
    expect($this->find('.line-through')->getText())->toContain('Contactor pulled in');
});

it('lets a technician read another\'s call and not change it', function (): void {
    $this->signIn('oda');
    $this->visit('/calls/'.$this->call('Stage cooling unit').'/trace');
    $this->sees("This is Ravi Penhallow's call.");
    expect($this->find('[data-condition=disconnect]')->isEnabled())->toBeFalse();
});

it('follows a leg that is only back-fed to the fuse, and to what blew it, with the power off', function (): void {
    $this->signIn('ravi');
    $call = $this->freshCall();
    $this->find('svg.ladder');
    $kinds = $this->follow($call, 'COMP:grounded');
    expect($this->api("calls/$call")['suspects']['found'])->toContain('COMP:grounded')->and($kinds)->toContain('ohms');
    $this->sees('Compressor: winding grounded', '[data-finding]');
    $this->sees('PROVED DEAD', '[role=status]');
});

it('takes a flash code on the furnace, follows the advice and finds the igniter', function (): void {
    $this->signIn('marit');
    $call = $this->call('East-wing furnace');
    $this->visit("/calls/$call/trace");
    $this->find('svg.ladder');
    $furnace = Unit::shipped('gas-furnace');
    $hidden = $furnace->with('HSI:cracked');
    expect($hidden->observed('IFC'))->toBe('6 flashes');
    $this->follow($call, 'HSI:cracked', $furnace);
    $this->sees('Hot-surface igniter: cracked', '[data-finding]');
});

it('keeps every event while there is no connection, in order, and sends them all when there is', function (): void {
    $this->signIn();
    $id = $this->freshCall();
    $this->find('svg.ladder');
    $this->offline(true);
    foreach (['one', 'two', 'three', 'four'] as $n => $word) {
        $this->type('input[name=note]', "note $word");
        $this->press('Add');
        $this->until(
            fn (): bool => $this->find('[data-waiting]')->getAttribute('data-waiting') === (string) ($n + 1),
            'waiting: '.($n + 1),
        );
    }
    $this->sees('4 waiting.', '[role=alert]');
    $this->offline(false);
    $this->sees('· 4', '[aria-label=Log] h2');
    $texts = array_map(fn (array $event): string => $event['data']['text'], $this->api("calls/$id")['events']);
    expect($texts)->toBe(['note one', 'note two', 'note three', 'note four']);
    $this->until(
        fn (): bool => $this->driver()->executeScript("return document.querySelector('[data-waiting]') === null"),
        'nothing waiting',
    );
});

it('says why an event is refused, wherever it was sent from, until it is dismissed', function (): void {
    $this->signIn();
    $this->freshCall();
    $this->find('svg.ladder');
    foreach (['outdoor_breaker', 'disconnect', 'indoor_breaker'] as $n => $feed) {
        $this->click("[data-condition=$feed]");
        $this->sees('· '.($n + 1), '[aria-label=Log] h2');
    }
    $this->type('input[name=note]', ' ');
    $this->press('Add');
    $this->sees('The note is empty', '[role=alert]');
    $this->click('[aria-label=Dismiss]');
    $this->until(fn (): bool => $this->driver()->executeScript("return document.querySelector('[role=alert]') === null"), 'no alert');
});
