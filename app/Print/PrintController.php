<?php

declare(strict_types=1);

namespace App\Print;

use App\Api\Operation;
use App\Calls\Call;
use App\Calls\SwapListController;
use App\Circuits\CircuitRevision;
use App\Circuits\CircuitShelf;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The papers of a call, and a circuit on paper, as PDF. */
class PrintController
{
    #[Operation('The report for the customer', file: 'application/pdf')]
    public function report(Call $call, CallPaper $paper): Response
    {
        return self::pdf($paper->report($call), "call-$call->number-report.pdf");
    }

    #[Operation('The note for the unit\'s door', file: 'application/pdf')]
    public function doorNote(Call $call, CallPaper $paper): Response
    {
        return self::pdf($paper->doorNote($call), "call-$call->number-note.pdf");
    }

    #[Operation('The tag for what is left off', file: 'application/pdf')]
    public function tag(Call $call, CallPaper $paper): Response
    {
        try {
            return self::pdf($paper->tag($call), "call-$call->number-tag.pdf");
        } catch (NothingLeft $e) {
            throw ValidationException::withMessages(['left' => $e->getMessage()]);
        }
    }

    #[Operation('The wires of a part that is swapped, to tick by hand', file: 'application/pdf')]
    public function swapList(Call $call, string $target, CallPaper $paper, CircuitShelf $shelf): Response
    {
        return self::pdf($paper->swapList($call, SwapListController::list($call, $target, $shelf)), "call-$call->number-swap.pdf");
    }

    #[Operation('A circuit revision on paper, rung by rung', file: 'application/pdf')]
    public function drawing(CircuitRevision $revision, DrawingPaper $paper): Response
    {
        return self::pdf($paper->of($revision), "$revision->circuit_id.pdf");
    }

    private static function pdf(string $pdf, string $name): Response
    {
        return new Response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"$name\""]);
    }
}
