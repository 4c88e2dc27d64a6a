<?php

use Facebook\WebDriver\WebDriverKeys;

// The bench by keyboard, at a desk and on a phone.

/** The six that are used most: what is typed to find it, what is typed into it, and what comes of it. */
const MOST_USED = [
    'three leads' => ['three leads', ['ab' => '118', 'bc' => '69', 'ac' => '49'], 'Windings good'],
    'capacitor' => ['microfarads', ['marked' => '40', 'read' => '36.1'], 'Weak'],
    'insulation' => ['megohm', ['read' => '12'], 'Insulation'],
    'contactor' => ['chatters', ['rated' => '24', 'coil' => '18'], 'Too little at the coil'],
    'supply' => ['lost leg', ['l1l2' => '480', 'l2l3' => '400', 'l1l3' => '400'], 'L3 is lost'],
    'current' => ['roll the leads', ['plate' => '10', 'amps' => '11.2'], 'Over its plate'],
];

it('is found by what is in the hand, filled in by keyboard, and judges as one types', function (
    string $find,
    array $typed,
    string $verdict,
): void {
    foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
        $this->resize($width, $height);
        $this->signIn();
        $this->visit('/bench');
        $this->find('input[type=search]');
        $this->driver()->getKeyboard()->sendKeys('/');
        $this->driver()->getKeyboard()->sendKeys([$find, WebDriverKeys::ENTER]);
        $this->find('main h1');
        foreach ($typed as $entry => $text) {
            // from field to field by Tab alone
            $this->until(function () use ($entry): bool {
                if ($this->driver()->executeScript('return document.activeElement.id') === "entry-$entry") {
                    return true;
                }
                $this->driver()->getKeyboard()->sendKeys(WebDriverKeys::TAB);

                return false;
            }, "the field $entry by Tab");
            $this->driver()->getKeyboard()->sendKeys($text);
        }
        $this->sees($verdict, $width > 1000 ? '[data-verdict]' : '[data-verdict-line]');
        $this->driver()->executeScript('sessionStorage.clear()');
        $this->forgetSession();
    }
})->with(MOST_USED);

it('says beside the field what is wrong with it, and keeps what was typed', function (): void {
    $this->signIn();
    $this->visit('/bench/capacitor');
    $this->type('#entry-marked', '40 V');
    $this->sees('"V" is not a unit of capacitance', '#entry-marked-wrong');
    $this->type('#entry-marked', '40');
    $this->sees('read is missing', '[data-verdict]');
    $this->type('#entry-read', '39.6');
    $this->sees('Good', '[data-verdict]');
    $this->visit('/bench/supply');
    $this->find('#entry-l1l2');
    $this->visit('/bench/capacitor');
    $this->sees('Good', '[data-verdict]');
});

it('has what was typed in its address, for somebody else to open', function (): void {
    $this->signIn();
    $this->visit('/bench/capacitor?marked=7.5&read=5.1&unit.read=µF');
    $this->sees('Weak', '[data-verdict]');
    $this->type('#entry-read', '7.4');
    $this->sees('Good', '[data-verdict]');
    $this->until(fn (): bool => str_contains($this->driver()->getCurrentURL(), 'read=7.4'), 'the address with what was typed');
});

it('shows figures in the units that someone reads in', function (): void {
    $this->signIn();
    $this->visit('/shop');
    $this->click('[data-unit="air pressure: Pa"]');
    $this->until(fn (): bool => $this->api('session')['units']['air pressure'] === 'Pa', 'pascals kept');
    $this->visit('/bench/static-pressure');
    $this->type('#entry-supply', '80');
    $this->type('#entry-return', '-40');
    $this->sees('120 Pa', 'main');
    $this->visit('/shop');
    $this->click('[data-unit="air pressure: in w.c."]');
    $this->until(fn (): bool => $this->api('session')['units']['air pressure'] === 'in w.c.', 'inches kept');
});

it('keeps a judgement with a call, and the unit has it for the next visit', function (): void {
    $this->signIn();
    $call = $this->freshCall();
    $this->press('Judge a part on the bench');
    $this->find('main input[type=search]');
    $this->visit('/bench/capacitor?marked=40&read=36.1');
    $this->sees('Weak', '[data-verdict]');
    $this->press('Keep');
    $this->press('Dual run capacitor');
    $this->press('Keep it');
    $this->sees('Kept with Dual run capacitor', 'main');
    $this->visit("/calls/$call/trace");
    $this->sees('Dual run capacitor: Weak, bad', '[data-event=judged]');
    $this->visit('/units/9#checks');
    $this->sees('Dual run capacitor', '[data-part=CAP]');
    $this->sees('of its mark 90.3 %', '[data-part=CAP]');
    expect($this->find('[data-part=CAP] a')->getAttribute('href'))->toContain("/calls/$call");
});

it('plots what is watched of a part over the visits, and strikes one out', function (): void {
    $this->signIn();
    $this->visit('/units/1#checks');
    $this->find('[data-part=COMP] canvas');
    $this->sees('It has come down', '[data-part=COMP]');
    $before = count($this->api('units/1/checks')['parts'][0]['judged']);
    $this->click('[data-part=CAP] li:first-child button');
    $this->type('input[name=reason]', 'Its wires were on.');
    $this->press('Strike it out');
    $this->sees('struck out: Its wires were on.', '[data-part=CAP]');
    expect($this->api('units/1/checks')['parts'][0]['judged'])->toHaveCount($before);
});
