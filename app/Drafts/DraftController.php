<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Operation;
use App\Circuits\Ahead;
use App\Circuits\CircuitRevision;
use App\Circuits\RevisionData;
use App\Circuits\SequenceStepData;
use App\Shop\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Review;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\Problem;
use Levin\Core\Operation\Sequence;
use Levin\Core\Operation\Settler;

/** Circuits in the making. */
class DraftController
{
    #[Operation('What one is making and has not saved', answer: DraftsData::class)]
    public function index(Request $request): JsonResponse
    {
        $open = CircuitDraft::query()->where('user_id', SignedIn::by($request)->id)->whereNull('saved_at')
            ->with('base')->latest('updated_at')->limit(20)->get();

        return response()->json(new DraftsData(array_values($open->map(OpenDraftData::of(...))->all())));
    }

    #[Operation('Begin a circuit like another one, or of a family', answer: DraftData::class, status: 201, takes: BeginInput::class)]
    public function store(BeginRequest $request, Drafts $drafts): JsonResponse
    {
        $base = $request->base();
        $title = $request->title() === '' ? [] : ["title \"{$request->title()}\""];
        $edits = [...($request->family()?->edits($request->answers()) ?? []), ...$title];
        try {
            $draft = $drafts->begin(SignedIn::by($request), $request->circuit(), Draft::of($base->text), $base, $request->unit(), $edits);
        } catch (CannotEdit $e) {
            throw ValidationException::withMessages(['answers' => $e->getMessage()]);
        }

        return response()->json(DraftData::of($draft), 201);
    }

    #[Operation('A circuit in the making', answer: DraftData::class)]
    public function show(CircuitDraft $draft): JsonResponse
    {
        return response()->json(DraftData::of($draft));
    }

    #[Operation('Change it', answer: DraftData::class, takes: EditInput::class)]
    public function edit(Request $request, CircuitDraft $draft, Drafts $drafts): JsonResponse
    {
        $request->validate(['line' => ['required', 'string', 'max:2000'], 'at' => ['required', 'integer', 'min:0']]);
        try {
            $drafts->edit($draft, $request->string('line')->toString(), $request->integer('at'));
        } catch (CannotEdit $e) {
            throw ValidationException::withMessages(['line' => $e->getMessage()]);
        }

        return response()->json(DraftData::of($draft));
    }

    #[Operation('Undo a step, or do it again', answer: DraftData::class, takes: StepInput::class)]
    public function step(Request $request, CircuitDraft $draft, Drafts $drafts): JsonResponse
    {
        $request->validate(['by' => ['required', 'integer', 'in:-1,1'], 'at' => ['required', 'integer', 'min:0']]);
        $drafts->step($draft, $request->integer('by'), $request->integer('at'));

        return response()->json(DraftData::of($draft));
    }

    #[Operation('Save it as a revision', answer: RevisionData::class, status: 201, takes: SaveInput::class)]
    public function save(Request $request, CircuitDraft $draft, Drafts $drafts, Ahead $ahead): JsonResponse
    {
        $request->validate(
            ['note' => ['required', 'string', 'max:250']],
            ['note.required' => 'Say in a few words what is different, for whoever comes next.'],
        );
        try {
            $revision = $drafts->save($draft, SignedIn::by($request), $request->string('note')->toString());
        } catch (InvalidCircuit $e) {
            throw ValidationException::withMessages(['draft' => array_map(static fn (Problem $p): string => (string) $p, $e->problems)]);
        }

        $ahead->of($revision);

        return response()->json(RevisionData::of($revision, null), 201);
    }

    #[Operation('The photograph of the label beside it', answer: DraftData::class, takes: LabelInput::class)]
    public function label(Request $request, CircuitDraft $draft): JsonResponse
    {
        $request->validate(['photo' => ['nullable', 'string', 'regex:/^[0-9a-f]{64}$/']]);
        $draft->update(['photo' => $request->filled('photo') ? $request->string('photo')->toString() : null]);

        return response()->json(DraftData::of($draft));
    }

    #[Operation('Drop it, with all of its steps')]
    public function destroy(CircuitDraft $draft): Response
    {
        $draft->delete();

        return response()->noContent();
    }

    #[Operation('What it does after the call comes on, healthy', answer: DraftSequenceData::class)]
    public function sequence(CircuitDraft $draft): JsonResponse
    {
        $review = Review::of($draft->draft());
        $steps = $review->model === null || ! $review->isSound() ? [] : Sequence::of(Settler::of($review->model));

        return response()->json(new DraftSequenceData(array_map(SequenceStepData::of(...), $steps)));
    }

    #[Operation('Its circuit file as it stands', file: 'application/yaml')]
    public function yaml(CircuitDraft $draft): Response
    {
        return response($draft->draft()->text(), 200, [
            'Content-Type' => 'application/yaml; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$draft->circuit_id.yaml\"",
        ]);
    }

    #[Operation('What a revision has otherwise than another one', answer: DifferenceData::class, query: [
        'from' => 'id of the other; without one the revision before it',
    ])]
    public function difference(Request $request, CircuitRevision $revision): JsonResponse
    {
        $request->validate(['from' => ['nullable', 'integer', 'exists:circuit_revisions,id']]);
        $other = $request->filled('from')
            ? CircuitRevision::query()->findOrFail($request->integer('from'))
            : CircuitRevision::query()->where('circuit_id', $revision->circuit_id)->where('number', '<', $revision->number)
                ->latest('number')->first();

        return response()->json(DifferenceData::between($other, $revision));
    }
}
