<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Circuits\Circuit;
use App\Circuits\CircuitSheetData;
use App\Circuits\Revisions;
use App\Database\Write;
use App\Shop\SignedIn;
use App\Units\Site;
use App\Units\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use Levin\Core\Drafting\Quick\Rung;
use Levin\Core\Operation\Model;

/** One rung, traced from nothing: no circuit of the unit is at hand. */
class QuickController
{
    /** What the circuit of a rung is called begins so. */
    private const CIRCUIT = 'rung-';

    /** Of who has not said more. */
    private const COMPLAINT = 'Does not run.';

    private const SITE = ['name' => 'No site yet', 'address' => '', 'contact' => '', 'phone' => ''];

    #[Operation('What is understood of a rung', answer: QuickData::class, query: [
        'words' => 'what lies on it, in order',
        'volts' => 'that the load should get',
        'line' => 'volts that feed the control transformer of a 24 V rung; 240 where none are given',
    ])]
    public function show(QuickRequest $request): JsonResponse
    {
        $model = new Model($request->draft(self::CIRCUIT.'0')->circuit());
        $rung = Rung::said($request->string('words')->toString());

        return response()->json(new QuickData(
            array_map(QuickPieceData::of(...), [...$rung->series, $rung->load]),
            CircuitSheetData::drawn($model),
        ));
    }

    #[Operation('Open a call on one rung', answer: CallData::class, status: 201, takes: QuickInput::class)]
    public function store(QuickRequest $request, Revisions $revisions): JsonResponse
    {
        $user = SignedIn::by($request);
        $id = Write::transaction(function () use ($request, $revisions, $user): int {
            $circuit = self::CIRCUIT.(1 + Circuit::query()->where('id', 'like', self::CIRCUIT.'%')->count());
            $revision = $revisions->add($request->draft($circuit)->text(), $circuit, $user, 'traced from nothing');
            $unit = $request->unit() ?? self::unit($request->string('name')->trim()->toString(), $circuit);

            $complaint = $request->string('complaint')->trim()->toString();

            return Call::open($unit, $revision->id, $user, $complaint === '' ? self::COMPLAINT : $complaint)->id;
        });

        return response()->json(CallData::of(Call::listed()->findOrFail($id), $user), 201);
    }

    /** A unit that nobody has entered yet: what it is called is all that is known of it. */
    private static function unit(string $name, string $circuit): Unit
    {
        return Unit::query()->create([
            'site_id' => Site::query()->firstOrCreate(['name' => self::SITE['name']], self::SITE)->id,
            'name' => $name === '' ? 'Unit at hand' : $name,
            'circuit_id' => $circuit,
            'maker' => '',
            'model' => '',
            'serial' => 'not read, '.Str::lower(Str::random(8)),
            'installed' => (int) now()->format('Y'),
            'place' => 'not said',
            'serves' => '',
            'thermostat' => '',
            'critical' => '',
        ]);
    }
}
