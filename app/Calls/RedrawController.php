<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Circuits\CircuitRevision;
use App\Circuits\CircuitShelf;
use App\Database\Write;
use App\Shop\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;

/** A call goes on with another drawing of its unit: more of it is known by now, or it was not wired as drawn. */
class RedrawController
{
    #[Operation('Go on with another revision, in which all of the log still is', answer: TraceData::class, takes: RedrawInput::class)]
    public function __invoke(Request $request, Call $call, CircuitShelf $shelf, EventLog $log, Traces $traces): JsonResponse
    {
        $request->validate(['revision' => ['required', 'integer', 'exists:circuit_revisions,id']]);
        $user = SignedIn::by($request);
        $revision = CircuitRevision::query()->findOrFail($request->integer('revision'));
        if ($call->closed_at !== null) {
            throw ValidationException::withMessages([
                'revision' => 'This call is closed: it is read with the drawing that it was worked on with.',
            ]);
        }
        $was = $call->revision;
        $words = "Goes on with the drawing \"$revision->title\", revision $revision->number; "
            ."until here it was \"$was->title\", revision $was->number.";
        // the log knows of it, or it has not happened
        Write::transaction(static function () use ($call, $revision, $shelf, $log, $user, $words): void {
            self::admit($call, new Gate($shelf->model($revision), isRecord: true), $revision);
            $call->update(['circuit_revision_id' => $revision->id]);
            $log->append(Call::query()->findOrFail($call->id), Arriving::made($user, EventType::Note, ['text' => $words], now()));
        });

        return response()->json($traces->of($call->id, $user));
    }

    /** @throws ValidationException for the first event that names what is not in it */
    private static function admit(Call $call, Gate $gate, CircuitRevision $revision): void
    {
        $log = [];
        foreach ($call->log() as $n => $event) {
            try {
                $gate->admit($event->type, $event->data, $log);
            } catch (Refusal $e) {
                $line = $n + 1;
                throw ValidationException::withMessages([
                    'revision' => "Line $line of the log does not fit \"$revision->title\": {$e->getMessage()}",
                ]);
            }
            $log[] = $event;
        }
    }
}
