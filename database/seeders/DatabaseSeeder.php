<?php

namespace Database\Seeders;

use App\Bench\UnitLog;
use App\Calls\Arriving;
use App\Calls\Call;
use App\Shop\Role;
use App\Shop\User;
use App\Units\Unit;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Levin\Core\Record\EventType;

/** The invented shop of the demo. Its calls are worked through with a fault hidden in the model, not written down. */
class DatabaseSeeder extends Seeder
{
    public function run(SimulatedVisit $visit, UnitLog $log): void
    {
        $people = [
            'oda' => $this->person('Oda Brandvold', 'oda@ternsound.example', Role::Technician),
            'ravi' => $this->person('Ravi Penhallow', 'ravi@ternsound.example', Role::Technician),
            'marit' => $this->person('Marit Skerry', 'marit@ternsound.example', Role::Lead),
        ];
        $units = DemoUnits::make();
        $day = Carbon::now(config()->string('levin.timezone'))->startOfDay();
        $calls = [];
        // earlier ones first: a visit reads what was done before it
        foreach ([
            [1031, 'oven', 'oda', 'No cooling after the storm.', -47, 8],
            [1033, 'shop', 'ravi', 'Shop warm, outdoor fan does not turn.', -20, 9],
            [1036, 'stacks', 'marit', 'Cooling stops by noon, starts again by itself.', -12, 13],
            [1039, 'seed', 'ravi', 'Shop too warm, outdoor fan slow.', -5, 9],
            [1040, 'ticket', 'ravi', 'Stops in the middle of the day, and runs again when somebody goes to look.', -3, 9],
            [1041, 'green', 'oda', 'Green room stuffy; something hums in the courtyard.', -1, 15],
            // today
            [1042, 'oven', 'oda', 'Oven room hot since this morning. Blower runs, nothing happens outside.', 0, 9],
            [1043, 'reading', 'oda', 'Reading room warm since noon. Blower runs, outdoor unit does nothing.', 0, 11],
            [1044, 'kennel', 'ravi', 'Kennel cooling dead, thermostat clicks.', 0, 10],
            [1045, 'stage', 'ravi', 'Stage left too warm during rehearsals, outdoor unit hums.', 0, 14],
            [1046, 'ticket', 'oda', 'No air at all from the vents.', 0, 15],
            [1047, 'archive', 'ravi', 'Archive cold since the frost; outdoor unit iced over.', 0, 8],
            [1048, 'foyer', 'ravi', 'Blower runs, no heat from it.', 0, 11],
            [1049, 'wing', 'marit', 'No heat in the east wing; a lamp on the board flashes.', 0, 8],
            [1050, 'gym', 'marit', 'Gymnasium cools only half as well as last week.', 0, 10],
            [1051, 'surgery', 'marit', 'Red lamp in the control box, surgery warm.', 0, 13],
            [1052, 'waiting', 'ravi', 'Trips on cold mornings, fine by noon.', 0, 13],
            [1053, 'bait', 'marit', 'Bait freezer at −9 °C and rising; coil a block of ice. 400 kg of bait in it.', 0, 15],
            [1054, 'seed', 'ravi', 'Shop warm again, and you were here last week.', 0, 16],
            // coming
            [1055, 'stacks', 'oda', 'Spring check, and the fluff at the outdoor coil.', 2, 9],
            [1056, 'shop', 'ravi', 'Fit the fan motor that was ordered.', 3, 8],
            [1057, 'slip', 'marit', 'Lights dim when it starts.', 6, 8],
            [1058, 'annex', 'marit', 'Autumn check.', 6, 10],
            [1059, 'cellar', 'marit', 'Smells of gas for a moment before it lights.', 6, 13],
            [1060, 'roof', 'marit', 'Cools, does not heat.', 6, 15],
            [1061, 'depot', 'marit', 'Belt squeals.', 7, 8],
            [1062, 'nets', 'marit', 'Blows cold for a minute after it stops.', 7, 10],
            [1063, 'lounge', 'marit', 'Fan starts and stops.', 7, 13],
            [1064, 'chart', 'marit', 'Amber lamp most of the day.', 8, 8],
            [1065, 'fillet', 'marit', 'Low-pressure control chatters at night.', 8, 10],
            [1066, 'pantry', 'marit', 'Ice on the fan blades.', 8, 13],
            [1067, 'porch', 'marit', 'Pilot stays lit, burner does not come on.', 9, 8],
            [1068, 'choir', 'marit', 'Only lukewarm in the mornings.', 9, 10],
            [1069, 'customs', 'marit', 'Red lamp in the panel door.', 9, 13],
            [1070, 'stalls', 'marit', 'Second stage never comes in.', 10, 8],
        ] as [$number, $unit, $who, $complaint, $days, $hour]) {
            $when = $day->copy()->addDays($days)->addHours($hour)->utc();
            $calls[$number] = $this->scheduled($number, $units[$unit], $people[$who], $complaint, $when);
        }
        $this->earlier($visit, $calls);
        $this->today($visit, $calls);
        DemoTrucks::load($people);
        $this->judgedBefore($log, $units['oven'], $people['oda'], $people['ravi'], $day);
    }

    /** @param  array<int, Call>  $calls */
    private function earlier(SimulatedVisit $visit, array $calls): void
    {
        $visit->begin($calls[1031], 'FU2:blown')->arrive('the storm')
            ->trace('Melted in the storm; the compressor windings read clear to ground.')
            ->repair('and the other one replaced')->restore()->verify()->tell()->close();
        // a unit left half on: it blows air, and does not cool until the motor comes
        $visit->begin($calls[1033], 'OFM:seized')->arrive('Sunday')->trace('Its bearing is dry; the blade is whole.')
            ->leave('Outdoor fan motor ordered. Blower left on, outdoor disconnect pulled and tagged.', 'cooling', ['disconnect'])
            ->restore('disconnect')->pass('verified', 'nothing outdoors may run until the motor is in')->tell()->close();
        $visit->begin($calls[1036], 'HP:tripped')->arrive('the heat', 'now and then')->trace('Outdoor coil packed with seed fluff.')
            ->repair('outdoor coil washed, head pressure normal')->restore()->verify(40)->tell()->close();
        $visit->begin($calls[1039], 'CAP:fan-open')->arrive()->trace('Plain age.')
            ->repair('replaced like for like')->restore()->verify()->tell()->close();
        // it comes and goes, and is watched long enough
        $visit->beginNowAndThen($calls[1040], 'w24:open')->arrive('the new moorings', 'now and then')
            ->trace('Chafed on the edge of the panel.')->repair('remade, and tied off the edge')->restore()->verify(45)->tell()->close();
        // all done but for telling somebody, and never closed
        $visit->begin($calls[1041], 'CAP:herm-open')->arrive('Thursday')->trace('Plain age.')
            ->repair('replaced like for like')->restore()->verify();
    }

    /**
     * One call at each contact of the rung: 1042 has not begun.
     *
     * @param  array<int, Call>  $calls
     */
    private function today(SimulatedVisit $visit, array $calls): void
    {
        $visit->begin($calls[1043], 'HP:open')->arrive()->trace('', 2);
        $visit->begin($calls[1044], 'CC:coil-open')->arrive()->trace();
        $visit->begin($calls[1045], 'CAP:fan-open')->arrive('rehearsals began')->trace('Plain age.');
        // two at once: the second shows when the first is put right
        $visit->begin($calls[1046], 'CAP2:run-open', 'HP:open')->arrive()->trace('Plain age.')->repair('replaced like for like')
            ->trace('Its contact is burnt.')->repair('replaced like for like');
        // a return inside the guarantee, put back and not yet verified
        $visit->begin($calls[1054], 'HP:tripped')->arrive('yesterday')->trace('Compost bags stacked against the coil.')
            ->repair('bags moved, coil washed')->restore();
    }

    private function judgedBefore(UnitLog $log, Unit $unit, User $oda, User $ravi, Carbon $day): void
    {
        foreach ([[37, '900'], [25, '760'], [13, '410'], [1, '330']] as [$months, $megohms]) {
            $given = ['read' => $megohms, 'of' => 'hermetic compressor', 'temperature' => '70'];
            $this->judged($log, $unit, $oda, 'COMP', 'insulation', $given, $day->copy()->subMonths($months)->addHours(10)->utc());
        }
        foreach ([[25, '39.8'], [13, '39.1'], [1, '37.6']] as [$months, $read]) {
            $given = ['marked' => '40', 'read' => $read];
            $this->judged($log, $unit, $ravi, 'CAP', 'capacitor', $given, $day->copy()->subMonths($months)->addHours(11)->utc());
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

    private function scheduled(int $number, Unit $unit, User $technician, string $complaint, Carbon $when): Call
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
