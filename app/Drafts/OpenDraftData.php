<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** A draft in a list. */
final readonly class OpenDraftData extends Data
{
    /**
     * @param  string  $last  what was done last; empty for nothing yet
     * @param  string  $changed  ISO 8601
     */
    private function __construct(public int $id, public string $circuit, public string $begun, public string $last, public string $changed)
    {
    }

    public static function of(CircuitDraft $draft): self
    {
        return new self(
            $draft->id,
            $draft->circuit_id,
            $draft->base->title ?? '',
            $draft->steps()->where('number', $draft->at)->firstOrFail()->words,
            $draft->updated_at->toIso8601String(),
        );
    }
}
