<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Circuits\CircuitRevision;
use App\Circuits\Revisions;
use App\Database\Write;
use App\Shop\User;
use App\Units\Unit;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\File\InvalidCircuit;

/** Begins drafts, takes their steps, goes back and forth in them, and saves them as revisions. */
final readonly class Drafts
{
    public function __construct(private Revisions $revisions)
    {
    }

    /**
     * @param  string  $circuit  id that it will be saved as
     * @param  list<string>  $edits  that it begins with, as Edits takes them
     *
     * @throws CannotEdit
     */
    public function begin(User $user, string $circuit, Draft $first, ?CircuitRevision $base, ?Unit $unit, array $edits = []): CircuitDraft
    {
        $steps = [['', '', $first->text()]];
        foreach ($edits as $line) {
            $edit = Edits::said($line);
            $first = $edit->on($first);
            $steps[] = [$line, $edit->words(), $first->text()];
        }

        return Write::transaction(static function () use ($user, $circuit, $base, $unit, $steps): CircuitDraft {
            $draft = CircuitDraft::query()->create([
                'user_id' => $user->id,
                'circuit_id' => $circuit,
                'base_revision_id' => $base?->id,
                'unit_id' => $unit?->id,
                'at' => count($steps) - 1,
            ]);
            foreach ($steps as $n => [$line, $words, $text]) {
                self::keep($draft, $n, $line, $words, $text);
            }

            return $draft;
        });
    }

    /**
     * One more step; what had been undone is gone.
     *
     * @param  int  $at  the step that stood when it was made
     *
     * @throws CannotEdit
     * @throws MovedOn when another one stands by now
     */
    public function edit(CircuitDraft $draft, string $line, int $at): void
    {
        $edit = Edits::said($line);
        Write::transaction(static function () use ($draft, $edit, $line, $at): void {
            self::standing($draft, $at);
            $after = $edit->on($draft->draft());
            DraftStep::query()->where('circuit_draft_id', $draft->id)->where('number', '>', $at)->delete();
            self::keep($draft, $at + 1, $line, $edit->words(), $after->text());
            $draft->update(['at' => $at + 1, 'saved_at' => null]);
        });
    }

    /**
     * Another step stands: the one before, or the one that was undone.
     *
     * @throws MovedOn
     */
    public function step(CircuitDraft $draft, int $by, int $at): void
    {
        Write::transaction(static function () use ($draft, $by, $at): void {
            self::standing($draft, $at);
            $last = DraftStep::query()->where('circuit_draft_id', $draft->id)->count() - 1;
            $draft->update(['at' => max(0, min($last, $at + $by)), 'saved_at' => null]);
        });
    }

    /**
     * It becomes the newest revision of its circuit, and the circuit of the unit that it was made for.
     *
     * @throws InvalidCircuit while it is not sound
     */
    public function save(CircuitDraft $draft, User $user, string $note): CircuitRevision
    {
        $text = $draft->draft()->named($draft->circuit_id)->text();

        return Write::transaction(function () use ($draft, $user, $note, $text): CircuitRevision {
            $revision = $this->revisions->add($text, $draft->circuit_id, $user, $note);
            if ($draft->unit_id !== null) {
                Unit::query()->whereKey($draft->unit_id)->update(['circuit_id' => $draft->circuit_id]);
            }
            $draft->update(['saved_at' => now()]);

            return $revision;
        });
    }

    private static function keep(CircuitDraft $draft, int $number, string $line, string $words, string $text): void
    {
        DraftStep::query()->create([
            'circuit_draft_id' => $draft->id, 'number' => $number, 'line' => $line, 'words' => $words, 'text' => $text,
        ]);
    }

    /** @throws MovedOn */
    private static function standing(CircuitDraft $draft, int $at): void
    {
        $draft->refresh();
        if ($draft->at !== $at) {
            throw MovedOn::to($draft->at);
        }
    }
}
