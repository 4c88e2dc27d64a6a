<?php

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

// A circuit for the unit in front of one: found, made to match, saved, given out and taken in, used; one rung from nothing; a part
// swapped wire for wire.

beforeEach(function (): void {
    /** A line typed under the drawing. */
    $this->types = function (string $line): void {
        $this->type('input[name=line]', $line);
        $this->find('input[name=line]')->sendKeys(WebDriverKeys::ENTER);
    };
    /** A field of the panel, and Enter. */
    $this->fills = function (string $name, string $value): void {
        $this->type("input[name='$name']", $value);
        $this->find("input[name='$name']")->sendKeys(WebDriverKeys::ENTER);
    };
    /** The draft stands at its next step. */
    $this->steps = function (Closure $act): void {
        $at = (int) $this->find('[data-at]')->getAttribute('data-at');
        $act();
        $this->until(fn (): bool => (int) $this->find('[data-at]')->getAttribute('data-at') === $at + 1, 'the next step');
    };
    $this->part = fn (string $part) => $this->tap("svg.ladder [data-part=$part]");
});

it('makes a gas/electric unit from its family, matches it by hand, mends a mistake, and is used on a call', function (): void {
    $this->signIn('marit');
    $this->visit('/circuits');
    $this->type('input[name=search]', 'spark 240');
    $this->find('[data-circuit=gas-electric-package]');
    $this->until(fn (): bool => count($this->driver()->findElements(WebDriverBy::cssSelector('[data-circuit]'))) === 1, 'only that one');
    $this->click('[data-family=gas-electric]');
    // two poles, a start relay, a freeze-up thermostat in the string
    foreach (['0 1', '2 2', '5 1'] as $answer) {
        $this->click("[data-choice='$answer']");
    }
    $this->type('input[name=title]', 'Clinic gas pack');
    $this->click('button[type=submit]');
    $this->sees('Clinic gas pack', 'h1');
    $this->sees('Nothing that can be seen', '[aria-label="What is wrong"]');
    $this->sees('Start relay SR put in', '[aria-label="What is different"]');
    // three parts by the letters of the label
    foreach (['COMP' => 'C1', 'OFM' => 'CFM', 'IBM' => 'BLM'] as $was => $is) {
        ($this->types)($was);
        $this->find("svg.ladder [data-part=$was] .chosen");
        ($this->steps)(fn () => ($this->fills)('letters', $is));
        $this->sees($is, '[aria-label="What is chosen"] h2');
    }
    // a switch into the string, by tapping its wire
    $this->click('[aria-label="Let go"]');
    $this->touchWireHere('w41');
    $this->choose('select[name=new-kind]', 'temperature-switch');
    $this->type('input[name=new-letters]', 'AMB');
    $this->type('input[name=new-label]', 'Ambient switch');
    ($this->steps)(fn () => $this->press('Put it in series'));
    $this->find('svg.ladder [data-part=AMB] .fresh');
    // a wire too many is taken out: it is said where that is wrong, and cannot be saved
    $this->click('[aria-label="Let go"]');
    ($this->steps)(fn () => ($this->types)('cut w43'));
    $this->sees('Nothing is wired to CC.B', '[data-wrong=CC]');
    $this->find('svg.ladder [data-part=CC] .fault');
    expect($this->find('header button[data-strong]')->isEnabled())->toBeFalse();
    // mended: undone, done again, and put back by hand
    $this->driver()->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
    $this->sees('Nothing that can be seen', '[aria-label="What is wrong"]');
    $this->press('Redo');
    $this->sees('Nothing is wired to CC.B', '[data-wrong=CC]');
    ($this->steps)(fn () => ($this->types)('wire CC.B LV.C blue'));
    $this->sees('Nothing that can be seen', '[aria-label="What is wrong"]');
    // a mistake that is one is not taken, and what was typed stays
    ($this->types)('rename AMB HP');
    $this->sees('There is a HP already', '[role=alert]');
    expect($this->find('input[name=line]')->getAttribute('value'))->toBe('rename AMB HP');
    // nothing is lost when the page goes, not even what was typed
    $this->visit((string) parse_url($this->driver()->getCurrentURL(), PHP_URL_PATH));
    $this->sees('Ambient switch AMB put in', '[aria-label="What is different"]');
    expect($this->find('input[name=line]')->getAttribute('value'))->toBe('rename AMB HP');
    $this->press('See what it does');
    $this->sees('Compressor: runs', '[aria-label="What it does"]');
    $this->isCleanByAxe('a circuit in the making');
    $this->press('Save');
    $this->type('input[name=note]', 'letters of the door label');
    $this->press('Save it');
    $this->sees('letters of the door label', '[data-revision="1"]');
    $this->isCleanByAxe('a circuit');
    // given out and taken in unchanged
    $circuit = $this->api('circuits/clinic-gas-pack');
    $revision = $circuit['card']['revision'];
    $file = $this->driver()->executeAsyncScript(
        'const done = arguments[0]; fetch("/api/revisions/'.$revision.'/circuit.yaml").then((r) => r.text()).then(done)',
    );
    expect($file)->toContain('AMB: {')->toContain('# cooling string');
    $path = tempnam(sys_get_temp_dir(), 'levin-circuit').'.yaml';
    file_put_contents($path, $file);
    $this->visit('/circuits');
    $this->find('h1');
    $this->driver()->findElement(WebDriverBy::cssSelector('input[name=circuit-file]'))->sendKeys($path);
    $this->sees('letters of the door label', '[data-revision="1"]');
    expect($this->api('circuits/clinic-gas-pack')['revisions'])->toHaveCount(1);
    // a bad one: what is wrong, where, and nothing changes
    file_put_contents($path, str_replace('kind: limit', 'kind: limmit', $file));
    $this->visit('/circuits');
    $this->find('h1');
    $this->driver()->findElement(WebDriverBy::cssSelector('input[name=circuit-file]'))->sendKeys($path);
    $this->sees('There is no kind "limmit". Did you mean limit?', '[role=alert]');
    expect($this->api('circuits/clinic-gas-pack')['revisions'])->toHaveCount(1);
    // a lead says that it is the shop's
    $this->visit('/circuits/clinic-gas-pack');
    $this->press("This is the shop's");
    $this->until(fn (): bool => $this->api('circuits/clinic-gas-pack')['card']['is_shops'], 'it is the shop\'s');
    // a unit has it from now on, and its next call is worked with it
    $this->visit('/units');
    $this->type('input[name=search]', 'Green-room');
    $this->click('main ul li a');
    $this->press('Another circuit');
    $this->type('[role=dialog] input[type=search]', 'clinic');
    $found = fn (): array => $this->driver()->findElements(WebDriverBy::cssSelector('[role=dialog] ul button'));
    $this->until(fn (): bool => count($found()) === 1, 'only that circuit is found');
    $this->click('[role=dialog] ul button');
    $this->sees('Clinic gas pack', 'dl');
    $this->type('textarea[name=complaint]', 'No cooling.');
    $this->press('Open the call');
    // nobody has thought about this circuit yet
    $this->patience = 120;
    $call = (int) $this->until(function (): ?string {
        preg_match('#/calls/(\d+)#', $this->driver()->getCurrentURL(), $found);

        return $found[1] ?? null;
    }, 'the call');
    $this->visit("/calls/$call/trace");
    $this->find('svg.ladder');
    $this->read($call, 'AMB.1', 'AMB.2', 'V~ volts a.c.', '26.4');
    $this->sees('Ambient switch', '[aria-label=Suspects]');
});

it('traces one rung from nothing to a finding, in a few taps', function (): void {
    $this->signIn();
    $this->onPhone();
    $this->visit('/circuits');
    $taps = 0;
    $tap = function (string $css) use (&$taps): void {
        $taps++;
        $this->click($css);
    };
    $tap('a[href="/quick"]');
    foreach (['TST', 'HP', 'LP', 'CC'] as $piece) {
        $tap("[data-piece-key=$piece]");
    }
    $this->sees('Low-pressure switch', '[aria-label="In its order"]');
    $this->isCleanByAxe('quick trace');
    $tap('main form button[type=submit]');
    $this->find('[aria-label="Next test"], [data-answers]');
    // six taps from the library to the first test
    expect($taps)->toBe(6);
    $call = (int) $this->until(function (): ?string {
        preg_match('#/calls/(\d+)/trace#', $this->driver()->getCurrentURL(), $found);

        return $found[1] ?? null;
    }, 'the call');
    $unit = Levin\Core\Tests\Support\Unit::fromText(
        Levin\Core\Drafting\Quick\QuickTrace::draft('rung-1', 'TST HP LP CC', 24, 240)->text(),
    );
    $tests = count($this->follow($call, 'LP:open', $unit));
    $this->sees('Low-pressure switch', '[data-finding]');
    expect($tests)->toBeLessThan(9);
    // there is a fuse as well: the drawing is grown, and the call goes on with it and with all that was read
    $this->resize(1280, 800);
    $this->visit("/calls/$call/trace");
    $this->click('[data-choice=sheet]');
    $this->press('Not as drawn?');
    ($this->steps)(fn () => ($this->types)('insert T1.X1–TB.R FU1 fuse "Control fuse"'));
    $this->press('Save');
    $this->type('input[name=note]', 'has a control fuse');
    $this->press('Save it');
    $this->sees('Goes on with the drawing', '[aria-label=Log]');
    $this->sees('Low-pressure switch', '[data-finding]');
});

it('swaps a contactor by its list: with one wire left over it is not done', function (): void {
    $this->signIn();
    $call = $this->freshCall('Sales-floor cooling unit');
    $this->makeDead($call);
    $this->visit("/calls/$call/repair");
    $this->click('[data-choice=leads]');
    $this->choose('select[name=part]', 'CC');
    $leads = $this->until(function (): ?array {
        $all = array_map(
            static fn ($li): string => (string) $li->getAttribute('data-lead'),
            $this->driver()->findElements(WebDriverBy::cssSelector('[data-lead]')),
        );

        return $all === [] ? null : $all;
    }, 'its wires');
    expect(count($leads))->toBeGreaterThan(8);
    // the new one has other letters on its coil
    $this->type('input[name=to-w24]', 'A1');
    foreach (array_slice($leads, 0, -1) as $wire) {
        $this->click("[data-lead=$wire] button");
        $this->find("[data-lead=$wire][data-moved=true]");
    }
    $this->press('Done? 1 left over');
    $this->sees('One wire is left over on CC', '[role=alert]');
    $last = $leads[count($leads) - 1];
    $this->click("[data-lead=$last] button");
    $this->press('Every wire is on the new one');
    $this->sees('Test it by itself', '[aria-label="Readings that prove it"]');
    $this->isCleanByAxe('the swap list');
    $this->visit("/calls/$call/trace");
    $this->sees('landed on A1 of the new one', '[aria-label=Log]');
    $this->sees('swapped wire for wire', '[aria-label=Log]');
});
