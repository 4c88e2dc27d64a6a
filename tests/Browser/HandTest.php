<?php

// The trace in the hand: from the keyboard alone, and found by what a wire looks like.

use Facebook\WebDriver\WebDriverKeys;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Unit;

it('traces from the keyboard alone, with no more than three keys a reading besides what is read', function (): void {
    $this->signIn();
    $call = $this->freshCall();
    $this->find('[data-next-title]');
    $fault = 'HP:open';
    [$readings, $kept] = [0, 0.0];
    $press = fn (string ...$keys) => array_map(fn (string $key) => $this->driver()->getKeyboard()->sendKeys($key), $keys);
    for ($steps = 0; $steps < 30; $steps++) {
        $trace = $this->api("calls/$call");
        if ($trace['suspects']['found'] !== null) {
            break;
        }
        $advice = $trace['next'][0];
        $this->sees($advice['title'], '[data-next-title]');
        $events = count($trace['events']);
        $first = array_column(array_filter($advice['steps'], fn (array $s): bool => $s['event'] !== null), 'event')[0] ?? null;
        if ($first === 'proved-dead') {
            $press(WebDriverKeys::ENTER);
            $this->find('[role=dialog] input[name=known_before]');
            foreach (range(1, 3) as $step) {
                $press(WebDriverKeys::TAB, ' ');
            }
            $press(WebDriverKeys::TAB, WebDriverKeys::ENTER);
            $this->logged($events + 1, 'the proof');

            continue;
        }
        if ($first !== null) {
            $press(WebDriverKeys::ENTER);
            $this->logged($events + 1, 'the step');

            continue;
        }
        $answer = $this->answerTo($advice, $fault, $trace['standing']);
        $digits = array_map(
            fn (string $seen): string => (string) ((int) array_search($seen, $advice['choices'], true) + 1),
            explode(', ', $answer),
        );
        if ($advice['function'] === null) {
            // one digit is the answer; of a start that was watched each, and Enter; a gauge's digits, and Enter
            // the same again at once would be taken for a tap too many
            $this->until(fn (): bool => microtime(true) - $kept > 0.7, 'a moment after the last answer');
            $press(
                ...$advice['kind'] === 'gauge' ? str_split($answer) : $digits,
                ...in_array($advice['kind'], ['watch', 'gauge'], true) ? [WebDriverKeys::ENTER] : [],
            );
        } else {
            $readings++;
            // OL is one key; a reading is what the meter shows, typed from anywhere, and Enter
            preg_match('/^[\d.]+(?: ?[kM](?=Ω))?/u', $answer, $shown);
            $keys = [...$answer === 'OL' ? ['o'] : str_split(str_replace(' ', '', $shown[0])), WebDriverKeys::ENTER];
            expect(count($keys) - strlen($shown[0] ?? ''))->toBeLessThanOrEqual(3);
            $press(...$keys);
        }
        $this->logged($events + 1, 'the answer');
        $kept = microtime(true);
    }
    expect($this->api("calls/$call")['suspects']['found'])->toContain($fault)->and($readings)->toBeGreaterThan(1);
    $this->sees('High-pressure switch', '[data-finding]');
});

it('comes to the test before the drawing, which is one stop with arrows along the rung', function (): void {
    $this->signIn();
    $this->freshCall();
    $this->find('[data-next-title]');
    $stops = $this->driver()->executeScript(<<<'JS'
        const all = [...document.querySelectorAll('main a, main button, main input, main select, main [tabindex="0"]')]
            .filter((e) => e.offsetParent !== null || e instanceof SVGElement);
        const at = (css) => all.findIndex((e) => e.matches(css));
        return { test: at('[aria-label="Next test"] *, [data-answers] *, form[aria-label=Meter] *'), drawing: at('svg.ladder'),
            drawings: all.filter((e) => e.matches('svg.ladder, svg.ladder *')).length,
            rungs: document.querySelectorAll('svg.ladder[tabindex="0"]').length };
        JS);
    expect($stops['test'])->toBeGreaterThan(-1)->toBeLessThan($stops['drawing'])->and($stops['drawings'])->toBe($stops['rungs']);
    $this->driver()->executeScript('document.querySelector("svg.ladder").focus()');
    for ($n = 0, $here = ''; $n < 8 && ($n < 2 || ! str_starts_with($here, 'Point ')); $n++) {
        $this->driver()->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $here = $this->driver()->executeScript('return document.querySelector("svg.ladder title").textContent');
    }
    expect($here)->toStartWith('Point ');
    $this->driver()->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $this->sees(substr($here, strlen('Point ')), '[data-lead=red]');
});

it('finds an orange wire by its colour, and puts both leads on its ends', function (): void {
    $this->signIn();
    $this->freshCall();
    $this->find('[data-next-title]');
    $this->driver()->getKeyboard()->sendKeys('/');
    $this->type('input[name=find]', 'orange wire');
    $this->driver()->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $this->sees('orange wire', '[data-wire-view]');
    $id = $this->find('[data-wire-view]')->getAttribute('data-wire-view') ?? '';
    $wire = Unit::cooling()->model()->circuit->wire($id);
    expect($wire->colour)->toBe('orange');
    $this->press('Leads on its ends');
    $this->sees($wire->from, '[data-lead=red]');
    $this->sees($wire->to, '[data-lead=black]');
    $healthy = Unit::cooling()->read(MeterFunction::VoltsAc, $wire->from, $wire->to)->value ?? 0.0;
    $this->sees(Display::said(MeterFunction::VoltsAc, $healthy), '[data-expected]');
    // and on the drawing the wire itself is touched
    $this->touchWire($id);
    $this->sees('orange wire', "[data-wire-view=$id]");
});

it('plays what a furnace does after the call, step by step, with the drawing lit accordingly', function (): void {
    $this->signIn('marit');
    $this->visit('/calls/'.$this->call('East-wing furnace').'/trace');
    $this->find('[data-time-strip]');
    $this->click('[data-choice=sheet]');
    $wire = array_values(array_filter(
        Unit::shipped('gas-furnace')->model()->circuit->wires,
        fn ($w): bool => $w->joins('IFC.HSI'),
    ))[0]->id;
    $isLit = fn (): bool => $this->driver()->executeScript(
        'return document.querySelector(`[aria-label="Whole drawing"] [data-wire="${arguments[0]}"] .ink`).classList.contains("live")',
        [$wire],
    );
    $this->press('▶ Healthy');
    $this->sees('after the call', '[data-film]');
    $this->press('Pause');
    $done = fn (): array => $this->driver()->executeScript(
        'return [...document.querySelectorAll("[data-step-of][data-done=true]")].map((s) => s.dataset.stepOf)',
    );
    for ($back = 0; $back < 12; $back++) {
        $this->click('[aria-label="A step back"]');
    }
    $this->sees('Healthy: 2 s after the call', '[data-film]');
    [$order, $lit] = [[], [$isLit()]];
    for ($step = 0; $step < 12 && ! in_array('IBM', $order, true); $step++) {
        $new = array_values(array_diff($done(), $order));
        $order = [...$order, ...$new];
        $lit = in_array('HSI', $new, true) ? [...$lit, $isLit()] : $lit;
        $this->click('[aria-label="A step on"]');
    }
    // draft, igniter, gas, water to the humidifier, blower: common practice, no published source
    expect($order)->toBe(['IND', 'HSI', 'GV', 'HWV', 'IBM'])->and($lit)->toBe([false, true]);
    $this->press('As it stands');
    $this->until(fn (): bool => ! $isLit(), 'the drawing as it stands');
});

it('tests a part by itself, step by step, and comes back to the next test', function (): void {
    $this->signIn();
    $call = $this->freshCall();
    $this->find('[data-next-title]');
    $this->tap('[data-part=CC]');
    $this->click('[data-alone=CC]');
    $this->click('[data-alone-test]');
    $this->sees('Ohms across Contactor, A to B', '[data-next-title]');
    $orders = fn (): array => array_values(array_filter(array_column($this->api("calls/$call/alone/CC")['tests'][0]['steps'], 'event')));
    while (($left = $orders()) !== []) {
        // the steps stand as they are by then, and the test is still the one that was chosen
        $this->doStep($left[0], count($this->api("calls/$call")['events']));
        $this->sees('Ohms across Contactor, A to B', '[data-next-title]');
    }
    $this->sees('12.0 Ω', '[data-expected]');
    $events = count($this->api("calls/$call")['events']);
    $this->enter('OL');
    $this->keep();
    $this->logged($events + 1, 'the reading');
    $this->sees('CC.A → CC.B OL', '[data-last-meaning]');
    $log = $this->api("calls/$call")['events'];
    expect(end($log)['data'])->toMatchArray(['function' => 'ohms', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => 'OL'])
        ->and($this->api("calls/$call")['suspects']['parts'][0]['target'])->toBe('CC');
});

it('draws the wire that is looked at from end to end as wired', function (): void {
    $this->signIn();
    $this->freshCall();
    $this->click('[data-choice=wired]');
    $this->click('[data-run=w24]');
    $this->find('[data-wire-view=w24]');
    $this->find('[data-runs] path');
    $ends = $this->driver()->executeScript(<<<'JS'
        const path = document.querySelector('[data-runs] g path:last-child');
        const frame = path.ownerSVGElement.getBoundingClientRect();
        return [0, path.getTotalLength()].map((l) => {
            const at = path.getPointAtLength(l);
            return [...document.querySelectorAll('[data-run=w24]')].some((run) => {
                const box = run.getBoundingClientRect();
                return at.x + frame.left >= box.left && at.x + frame.left <= box.right
                    && at.y + frame.top >= box.top && at.y + frame.top <= box.bottom;
            });
        });
        JS);
    expect($ends)->toBe([true, true]);
});
