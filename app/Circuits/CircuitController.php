<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Operation;
use App\Database\Write;
use App\Shop\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\Problem;

/** The library of circuits: those that ship, and the shop's own. */
class CircuitController
{
    #[Operation('Circuits that fit a unit', answer: CircuitsData::class, query: [
        'search' => 'words that its title, supply, parts and the units that have it have together',
        'family' => 'of this family',
        'supply' => 'on this supply',
        'has[]' => 'kinds of parts that one sees in the unit',
        'without[]' => 'kinds of parts that one does not see in it',
    ])]
    public function index(Request $request, CircuitSearch $search): JsonResponse
    {
        $request->validate([
            'search' => ['nullable', 'string', 'max:200'],
            'family' => ['nullable', 'string', 'max:80'],
            'supply' => ['nullable', 'string', 'max:80'],
            'has' => ['array', 'max:80'],
            'has.*' => ['string', 'max:80'],
            'without' => ['array', 'max:80'],
            'without.*' => ['string', 'max:80'],
        ]);
        $text = static fn (string $of): string => $request->string($of)->toString();

        return response()->json($search->find(
            $text('search'),
            $text('family'),
            $text('supply'),
            self::texts($request->array('has')),
            self::texts($request->array('without')),
        ));
    }

    #[Operation('A circuit with its revisions', answer: CircuitData::class)]
    public function show(string $circuit, CircuitSearch $search): JsonResponse
    {
        $found = Circuit::query()->findOrFail($circuit);
        $shops = ShopCircuit::query()->find($circuit)->circuit_revision_id ?? null;
        $revisions = CircuitRevision::query()->where('circuit_id', $circuit)->with('author')->latest('number')->get();

        return response()->json(new CircuitData(
            $search->card($found->newest()->firstOrFail()),
            array_values($revisions->map(static fn (CircuitRevision $r): RevisionData => RevisionData::of($r, $shops))->all()),
        ));
    }

    #[Operation('Take in a circuit file, the body: a circuit or its next revision', answer: RevisionData::class, status: 201)]
    public function import(Request $request, Revisions $revisions, Ahead $ahead): JsonResponse
    {
        try {
            $revision = $revisions->add($request->getContent(), 'the file', SignedIn::by($request), 'taken in from a file');
        } catch (InvalidCircuit $e) {
            throw ValidationException::withMessages(['file' => array_map(static fn (Problem $p): string => (string) $p, $e->problems)]);
        }

        $ahead->of($revision);

        return response()->json(RevisionData::of($revision, null), 201);
    }

    #[Operation('Bring a revision back as the newest', answer: RevisionData::class, status: 201)]
    public function again(Request $request, CircuitRevision $revision, Revisions $revisions): JsonResponse
    {
        try {
            $note = "revision $revision->number brought back";
            $new = $revisions->add($revision->text, $revision->circuit_id, SignedIn::by($request), $note);
        } catch (InvalidCircuit $e) {
            throw UnreadableRevision::of($revision, $e);
        }

        return response()->json(RevisionData::of($new, null), 201);
    }

    #[Operation('Mark a revision as the shop\'s; for leads', answer: RevisionData::class)]
    public function mark(Request $request, CircuitRevision $revision): JsonResponse
    {
        $user = SignedIn::by($request);
        Write::transaction(static fn (): ShopCircuit => ShopCircuit::query()->updateOrCreate(
            ['circuit_id' => $revision->circuit_id],
            ['circuit_revision_id' => $revision->id, 'user_id' => $user->id],
        ));

        return response()->json(RevisionData::of($revision, $revision->id));
    }

    /**
     * @param  array<mixed>  $of
     * @return list<string>
     */
    private static function texts(array $of): array
    {
        return array_values(array_filter($of, is_string(...)));
    }
}
