<?php

use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;
use Levin\Core\Record\ThermostatSeen;
use Levin\Core\Tests\Support\Unit;

// What is seen at a thermostat: common practice, no published source.

/** @return list<string> */
function thermostatSays(array $seen): array
{
    $data = (new Gate(Unit::cooling()->model()))->admit(EventType::Thermostat, ['seated' => 'not looked', ...$seen], []);

    return ThermostatSeen::of(new Event('e', EventType::Thermostat, $data))->says();
}

it('says what a thermostat tells before any cover comes off', function (array $seen, array $says): void {
    $all = thermostatSays($seen);
    expect($all)->toHaveCount(count($says));
    foreach ($says as $n => $words) {
        expect($all[$n])->toContain($words);
    }
})->with([
    'it calls for cooling' => [['mode' => 'cool', 'set' => '72 °F', 'shows' => '81 °F'], []],
    'in other degrees' => [['mode' => 'cool', 'set' => '22 °C', 'shows' => '81 °F'], []],
    'satisfied' => [['mode' => 'cool', 'set' => '76 °F', 'shows' => '75 °F'], ['Set it lower']],
    'satisfied with heat' => [['mode' => 'heat', 'set' => '20 °C', 'shows' => '21 °C'], ['Set it higher']],
    'heat is called for' => [['mode' => 'heat', 'set' => '20 °C', 'shows' => '12 °C'], []],
    'off, and loose' => [['mode' => 'off', 'seated' => 'loose'], ['calls for nothing', 'loose on its base']],
    'fan only' => [['mode' => 'fan only'], ['no cooling and no heat']],
    'emergency heat' => [['mode' => 'emergency heat'], ['compressor stays off']],
    'blank' => [['mode' => 'blank'], ['batteries']],
    'nothing else written down' => [['mode' => 'cool', 'set' => '72 °F'], []],
]);

it('keeps temperatures as they are typed, and refuses what is none', function (): void {
    $gate = new Gate(Unit::cooling()->model());
    $seen = ['mode' => 'cool', 'set' => '72 °F', 'shows' => '', 'seated' => 'on its base'];
    $data = $gate->admit(EventType::Thermostat, $seen, []);
    expect($data)->toMatchArray(['set' => '72 °F', 'shows' => '', 'shows_celsius' => null])
        // 72 °F are 22.22 °C: NIST SP 811, from memory
        ->and($data['set_celsius'])->toEqualWithDelta(22.222, 0.001)
        ->and(fn () => $gate->admit(EventType::Thermostat, [...$seen, 'set' => 'warm'], []))->toThrow(Refusal::class)
        ->and(fn () => $gate->admit(EventType::Thermostat, [...$seen, 'mode' => 'party'], []))->toThrow(Refusal::class, 'fan only');
});
