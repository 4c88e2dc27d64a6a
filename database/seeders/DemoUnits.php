<?php

namespace Database\Seeders;

use App\Units\Site;
use App\Units\Unit;

/** What stands where on the invented stretch of coast. */
final class DemoUnits
{
    /** name, address, contact, phone */
    private const SITES = [
        'bakery' => ['Harbour bakery', '3 Slipway Lane', 'Ines Morrow', '555-0110'],
        'library' => ['Tern Sound public library', '41 Lantern Street', 'Abel Quist', '555-0121'],
        'clinic' => ['Gullfoot veterinary clinic', '8 Netmender Road', 'Dr Sunniva Vale', '555-0132'],
        'theatre' => ['The Little Lugger theatre', '2 Capstan Square', 'Corin Ashby', '555-0143'],
        'ferry' => ['Ferry office', 'Pier 1', 'Lowri Tamsin', '555-0154'],
        'seeds' => ['Saltmarsh seed and garden', '19 Dyke Road', 'Piet Harrow', '555-0165'],
        'coop' => ['Fishing co-op ice house', 'Quay 7', 'Ketil Marsh', '555-0187'],
        'school' => ['Sound community school', '60 Beacon Hill', 'Maud Ferring', '555-0176'],
    ];

    /** site, name, maker, model, serial number, year, place, spaces, thermostat, circuit */
    private const UNITS = [
        'oven' => ['bakery', 'Oven-room cooling unit', 'Fulmar', 'FK three-ton', 'FK-20931', 2014, 'north yard, ground level',
            'oven room, proofing room', 'by the proofing-room door', 'split-cooling'],
        'shop' => ['bakery', 'Shop cooling unit', 'Fulmar', 'FK two-ton', 'FK-21178', 2016, 'flat roof',
            'shop and counter', 'behind the counter', 'split-cooling'],
        'reading' => ['library', 'Reading-room cooling unit', 'Wrack & Holm', 'Calder 36', 'WH-7702', 2018, 'behind the book return',
            'reading room, children\'s corner', 'reading room, by the globe', 'split-cooling'],
        'stacks' => ['library', 'Stacks cooling unit', 'Wrack & Holm', 'Calder 36', 'WH-7703', 2018, 'behind the book return',
            'stacks, local history', 'stacks, end of row 4', 'split-cooling'],
        'kennel' => ['clinic', 'Kennel cooling unit', 'Fulmar', 'FK three-ton', 'FK-30412', 2020, 'east wall',
            'kennels', 'kennel corridor, in a cage', 'split-cooling'],
        'stage' => ['theatre', 'Stage cooling unit', 'Plover', 'Drift 40', 'PD-0059', 2009, 'roof over the fly loft',
            'stage, wings', 'prompt corner', 'split-cooling'],
        'ticket' => ['ferry', 'Ticket-hall cooling unit', 'Plover', 'Drift 40', 'PD-0112', 2011, 'pier deck, caged',
            'ticket hall', 'ticket hall, under the clock', 'split-cooling'],
        'seed' => ['seeds', 'Sales-floor cooling unit', 'Wrack & Holm', 'Calder 30', 'WH-8120', 2021, 'yard, by the compost',
            'sales floor', 'by the till', 'split-cooling'],
        'hall' => ['school', 'Assembly-hall cooling unit', 'Fulmar', 'FK three-ton', 'FK-31877', 2022,
            'flat roof, ladder on the west side', 'assembly hall', 'assembly hall, stage left', 'split-cooling'],
        'archive' => ['library', 'Archive heat pump', 'Wrack & Holm', 'Calder HP 42', 'WH-9034', 2021, 'roof, north end',
            'archive, map room', 'archive, inside the door', 'heat-pump'],
        'foyer' => ['theatre', 'Foyer air handler', 'Plover', 'Drift AH 10', 'PD-0244', 2015, 'cupboard behind the box office',
            'foyer, box office', 'foyer, by the coat hooks', 'air-handler-electric'],
        'wing' => ['school', 'East-wing furnace', 'Fulmar', 'FG ninety', 'FG-4410', 2012, 'boiler cellar',
            'east wing, rooms 1 to 6', 'corridor outside room 3', 'gas-furnace'],
        'gym' => ['school', 'Gymnasium rooftop unit', 'Fulmar', 'FR twelve', 'FR-1188', 2017, 'gymnasium roof',
            'gymnasium', 'gymnasium, by the wall bars', 'rooftop-460'],
        'surgery' => ['clinic', 'Surgery rooftop unit', 'Fulmar', 'FR twelve L', 'FR-1203', 2019, 'flat roof',
            'surgery, recovery room', 'surgery corridor', 'rooftop-460-lockout'],
        'waiting' => ['ferry', 'Waiting-room condensing unit', 'Plover', 'Drift 2C', 'PD-0301', 2016, 'pier deck, caged',
            'waiting room, café', 'waiting room, north wall', 'two-circuit-fan-cycling'],
        'bait' => ['coop', 'Bait freezer', 'Ice & Tern', 'Gannet 15', 'IT-077', 2013, 'quay side, roof',
            'bait store', 'control box by the freezer door', 'freezer-pump-down'],
        'green' => ['theatre', 'Green-room cooling unit', 'Plover', 'Drift 30', 'PD-0077', 2013, 'courtyard, behind the flats',
            'green room, dressing rooms', 'green room, by the mirror', 'split-cooling'],
        'slip' => ['bakery', 'Slipway flat cooling unit', 'Plover', 'Drift 30 H', 'PD-0331', 2019, 'behind the flour store',
            'flat over the bakery', 'flat, hall', 'split-cooling-hard-start'],
        'annex' => ['library', 'Annex heat pump', 'Wrack & Holm', 'Calder HP 30', 'WH-9102', 2022, 'annex, south wall',
            'annex, meeting room', 'meeting room', 'heat-pump-no-heat'],
        'cellar' => ['school', 'Old-wing furnace', 'Fulmar', 'FG eighty', 'FG-3307', 2007, 'cellar under the stage',
            'old wing, stage', 'corridor by the stage door', 'gas-furnace-spark'],
        'roof' => ['seeds', 'Office package unit', 'Fulmar', 'FP three', 'FP-5120', 2015, 'office roof',
            'office, potting room', 'office', 'gas-electric-package'],
        'depot' => ['ferry', 'Depot package unit', 'Fulmar', 'FP six', 'FP-6044', 2018, 'depot roof',
            'depot, crew room', 'crew room', 'gas-electric-three-phase'],
        'nets' => ['coop', 'Net-loft air handler', 'Plover', 'Drift AH 10 C', 'PD-0219', 2014, 'cupboard on the landing',
            'net loft', 'net loft, by the stairs', 'air-handler-capacitor'],
        'lounge' => ['ferry', 'Lounge condensing unit', 'Plover', 'Drift 2C T', 'PD-0355', 2020, 'pier deck, by the crane',
            'lounge', 'building controller', 'two-circuit-fan-controller'],
        'chart' => ['ferry', 'Chart-room reverse-cycle unit', 'Skua', 'Halcyon 9', 'SK-0412', 2021, 'roof over the chart room',
            'chart room', 'building controller', 'reverse-cycle-230'],
        'fillet' => ['coop', 'Filleting-room condensing unit', 'Ice & Tern', 'Gannet 30 D', 'IT-102', 2019, 'quay side, yard',
            'filleting-room cooler', 'control box in the yard', 'cooler-575-digital'],
        'pantry' => ['bakery', 'Walk-in cooler evaporator', 'Ice & Tern', 'Puffin 3', 'IT-118', 2017, 'in the walk-in cooler',
            'walk-in cooler', 'inside the box, by the door', 'walk-in-evaporator'],
        'porch' => ['seeds', 'Potting-shed wall furnace', 'Fulmar', 'FW thirty', 'FW-0907', 1998, 'inside wall of the shed',
            'potting shed', 'by the potting bench', 'wall-furnace-millivolt'],
        'choir' => ['school', 'Music-room air handler', 'Plover', 'Drift AH 15 V', 'PD-0402', 2021, 'loft over the music room',
            'music room, practice rooms', 'music room, by the piano', 'air-handler-variable'],
        'customs' => ['ferry', 'Customs-hall reverse-cycle unit', 'Skua', 'Halcyon 24', 'SK-0519', 2022, 'roof over the customs hall',
            'customs hall', 'building controller', 'reverse-cycle-400'],
        'stalls' => ['theatre', 'Auditorium rooftop unit', 'Fulmar', 'FR fifteen', 'FR-1340', 2020, 'auditorium roof',
            'stalls, balcony', 'stalls, under the balcony', 'rooftop-208'],
    ];

    /** What is lost where a unit stands. */
    private const CRITICAL = ['bait' => '400 kg of bait: lost above −5 °C'];

    /** @return array<key-of<self::UNITS>, Unit> */
    public static function make(): array
    {
        $sites = array_map(static fn (array $site): int => Site::query()->create([
            'name' => $site[0], 'address' => $site[1], 'contact' => $site[2], 'phone' => $site[3],
        ])->id, self::SITES);

        $units = array_map(static fn (array $unit): Unit => Unit::query()->create([
            'site_id' => $sites[$unit[0]],
            'name' => $unit[1],
            'maker' => $unit[2],
            'model' => $unit[3],
            'serial' => $unit[4],
            'installed' => $unit[5],
            'place' => $unit[6],
            'serves' => $unit[7],
            'thermostat' => $unit[8],
            'circuit_id' => $unit[9],
        ]), self::UNITS);
        foreach (self::CRITICAL as $unit => $lost) {
            $units[$unit]->update(['critical' => $lost]);
        }

        return $units;
    }
}
