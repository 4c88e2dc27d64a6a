<?php

namespace Database\Seeders;

use App\Bench\UnitLog;
use App\Calls\Arriving;
use App\Calls\Call;
use App\Shop\Role;
use App\Shop\User;
use App\Units\Site;
use App\Units\Unit;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Levin\Core\Record\EventType;

/** The invented shop of the demo. Its past calls are worked through with a fault hidden in the model, not written down. */
class DatabaseSeeder extends Seeder
{
    public function run(SimulatedVisit $visit, UnitLog $log): void
    {
        $oda = $this->person('Oda Brandvold', 'oda@ternsound.example', Role::Technician);
        $ravi = $this->person('Ravi Penhallow', 'ravi@ternsound.example', Role::Technician);
        $marit = $this->person('Marit Skerry', 'marit@ternsound.example', Role::Lead);
        $units = $this->units();
        $day = Carbon::now()->startOfDay();

        // today
        $this->visit(
            1042,
            $units['oven'],
            $oda,
            'Oven room hot since this morning. Blower runs, nothing happens outside.',
            $day->copy()->addHours(9),
        );
        $open = $this->visit(
            1043,
            $units['reading'],
            $oda,
            'Reading room warm since noon. Blower runs, outdoor unit does nothing.',
            $day->copy()->addHours(11),
        );
        $visit->work($open, $oda, 'HP:open', 2);
        $found = $this->visit(1044, $units['kennel'], $ravi, 'Kennel cooling dead, thermostat clicks.', $day->copy()->addHours(10));
        $visit->work($found, $ravi, 'CC:coil-open', 20);
        $this->visit(1045, $units['stage'], $ravi, 'Stage left too warm during rehearsals, outdoor unit hums.', $day->copy()->addHours(14));
        $this->visit(1046, $units['ticket'], $oda, 'No air at all from the vents.', $day->copy()->addHours(15));

        foreach ([
            [1047, 'archive', $ravi, 'Archive cold since the frost; outdoor unit iced over.', 8],
            [1048, 'foyer', $ravi, 'Blower runs, no heat from it.', 11],
            [1049, 'wing', $marit, 'No heat in the east wing; a lamp on the board flashes.', 8],
            [1050, 'gym', $marit, 'Gymnasium cools only half as well as last week.', 10],
            [1051, 'surgery', $marit, 'Red lamp in the control box, surgery warm.', 13],
            [1052, 'waiting', $ravi, 'Trips on cold mornings, fine by noon.', 13],
            [1053, 'bait', $marit, 'Bait freezer at −9 °C and rising; coil a block of ice.', 15],
        ] as [$number, $unit, $who, $complaint, $hour]) {
            $this->visit($number, $units[$unit], $who, $complaint, $day->copy()->addHours($hour));
        }

        // earlier
        $old = $this->visit(1031, $units['oven'], $oda, 'No cooling after the storm.', $day->copy()->subDays(47)->addHours(8));
        $visit->work(
            $old,
            $oda,
            'FU2:blown',
            20,
            'Melted in the storm; the compressor windings read clear to ground.',
            'and the other one replaced',
        );
        $again = $this->visit(
            1036,
            $units['stacks'],
            $marit,
            'Cooling stops by noon, starts again by itself.',
            $day->copy()->subDays(12)->addHours(13),
        );
        $visit->work($again, $marit, 'HP:tripped', 20, 'Outdoor coil packed with seed fluff.', 'outdoor coil washed, head pressure normal');
        $shed = $this->visit(1039, $units['seed'], $ravi, 'Shop too warm, outdoor fan slow.', $day->copy()->subDays(5)->addHours(9));
        $visit->work($shed, $ravi, 'CAP:fan-open', 20, 'Plain age.', 'replaced like for like');

        // what was judged on spring visits
        foreach ([[37, '900'], [25, '760'], [13, '410'], [1, '330']] as [$months, $megohms]) {
            $given = ['read' => $megohms, 'of' => 'hermetic compressor', 'temperature' => '70'];
            $this->judged($log, $units['oven'], $oda, 'COMP', 'insulation', $given, $day->copy()->subMonths($months)->addHours(10));
        }
        foreach ([[25, '39.8'], [13, '39.1'], [1, '37.6']] as [$months, $read]) {
            $given = ['marked' => '40', 'read' => $read];
            $this->judged($log, $units['oven'], $ravi, 'CAP', 'capacitor', $given, $day->copy()->subMonths($months)->addHours(11));
        }
    }

    /** @param  array<string, string>  $given */
    private function judged(UnitLog $log, Unit $unit, User $user, string $part, string $check, array $given, Carbon $when): void
    {
        $data = ['part' => $part, 'check' => $check, 'given' => $given, 'units' => []];
        $log->append($unit, Arriving::made($user, EventType::Judged, $data, $when));
    }

    private function person(string $name, string $email, Role $role): User
    {
        return User::query()->create(['name' => $name, 'email' => $email, 'password' => 'tern-sound', 'role' => $role]);
    }

    /** @return array<string, Unit> */
    private function units(): array
    {
        $sites = [
            'bakery' => ['Harbour bakery', '3 Slipway Lane', 'Ines Morrow', '555-0110'],
            'library' => ['Tern Sound public library', '41 Lantern Street', 'Abel Quist', '555-0121'],
            'clinic' => ['Gullfoot veterinary clinic', '8 Netmender Road', 'Dr Sunniva Vale', '555-0132'],
            'theatre' => ['The Little Lugger theatre', '2 Capstan Square', 'Corin Ashby', '555-0143'],
            'ferry' => ['Ferry office', 'Pier 1', 'Lowri Tamsin', '555-0154'],
            'seeds' => ['Saltmarsh seed and garden', '19 Dyke Road', 'Piet Harrow', '555-0165'],
            'coop' => ['Fishing co-op ice house', 'Quay 7', 'Ketil Marsh', '555-0187'],
            'school' => ['Sound community school', '60 Beacon Hill', 'Maud Ferring', '555-0176'],
        ];
        $made = [];
        foreach ($sites as $key => [$name, $address, $contact, $phone]) {
            $made[$key] = Site::query()->create(['name' => $name, 'address' => $address, 'contact' => $contact, 'phone' => $phone]);
        }
        $units = [
            'oven' => ['bakery', 'Oven-room cooling unit', 'Fulmar', 'FK three-ton', 'FK-20931', 2014, 'north yard, ground level'],
            'shop' => ['bakery', 'Shop cooling unit', 'Fulmar', 'FK two-ton', 'FK-21178', 2016, 'flat roof'],
            'reading' => ['library', 'Reading-room cooling unit', 'Wrack & Holm', 'Calder 36', 'WH-7702', 2018, 'behind the book return'],
            'stacks' => ['library', 'Stacks cooling unit', 'Wrack & Holm', 'Calder 36', 'WH-7703', 2018, 'behind the book return'],
            'kennel' => ['clinic', 'Kennel cooling unit', 'Fulmar', 'FK three-ton', 'FK-30412', 2020, 'east wall'],
            'stage' => ['theatre', 'Stage cooling unit', 'Plover', 'Drift 40', 'PD-0059', 2009, 'roof over the fly loft'],
            'ticket' => ['ferry', 'Ticket-hall cooling unit', 'Plover', 'Drift 40', 'PD-0112', 2011, 'pier deck, caged'],
            'seed' => ['seeds', 'Sales-floor cooling unit', 'Wrack & Holm', 'Calder 30', 'WH-8120', 2021, 'yard, by the compost'],
            'hall' => [
                'school',
                'Assembly-hall cooling unit',
                'Fulmar',
                'FK three-ton',
                'FK-31877',
                2022,
                'flat roof, ladder on the west side',
            ],
            'archive' => ['library', 'Archive heat pump', 'Wrack & Holm', 'Calder HP 42', 'WH-9034', 2021, 'roof, north end', 'heat-pump'],
            'foyer' => [
                'theatre',
                'Foyer air handler',
                'Plover',
                'Drift AH 10',
                'PD-0244',
                2015,
                'cupboard behind the box office',
                'air-handler-electric',
            ],
            'wing' => ['school', 'East-wing furnace', 'Fulmar', 'FG ninety', 'FG-4410', 2012, 'boiler cellar', 'gas-furnace'],
            'gym' => ['school', 'Gymnasium rooftop unit', 'Fulmar', 'FR twelve', 'FR-1188', 2017, 'gymnasium roof', 'rooftop-460'],
            'surgery' => ['clinic', 'Surgery rooftop unit', 'Fulmar', 'FR twelve L', 'FR-1203', 2019, 'flat roof', 'rooftop-460-lockout'],
            'waiting' => [
                'ferry',
                'Waiting-room condensing unit',
                'Plover',
                'Drift 2C',
                'PD-0301',
                2016,
                'pier deck, caged',
                'two-circuit-fan-cycling',
            ],
            'bait' => ['coop', 'Bait freezer', 'Ice & Tern', 'Gannet 15', 'IT-077', 2013, 'quay side, roof', 'freezer-pump-down'],
        ];
        $all = [];
        foreach ($units as $key => [$site, $name, $maker, $model, $serial, $year, $place]) {
            $circuit = $units[$key][7] ?? 'split-cooling';
            $all[$key] = Unit::query()->create([
                'site_id' => ($made[$site] ?? throw new \LogicException("There is no site $site."))->id,
                'name' => $name,
                'circuit_id' => $circuit,
                'maker' => $maker,
                'model' => $model,
                'serial' => $serial,
                'installed' => $year,
                'place' => $place,
            ]);
        }

        return $all;
    }

    private function visit(int $number, Unit $unit, User $technician, string $complaint, Carbon $when): Call
    {
        return Call::query()->create([
            'number' => $number,
            'unit_id' => $unit->id,
            'circuit_revision_id' => $unit->circuit()->firstOrFail()->newest()->firstOrFail()->id,
            'technician_id' => $technician->id,
            'complaint' => $complaint,
            'scheduled_for' => $when,
        ]);
    }
}
