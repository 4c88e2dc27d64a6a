<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;

/** One revision of a circuit, without what is in it. */
final readonly class RevisionData extends Data
{
    /**
     * @param  string  $by  who made it; empty for one that ships with Levin
     * @param  string  $at  ISO 8601
     * @param  bool  $isShops  whether a lead has marked it as the shop's
     */
    private function __construct(
        public int $id,
        public string $circuit,
        public int $number,
        public string $title,
        public string $note,
        public string $by,
        public string $at,
        public RevisionSource $source,
        public bool $isShops,
    ) {
    }

    public static function of(CircuitRevision $revision, ?int $shops): self
    {
        return new self(
            $revision->id,
            $revision->circuit_id,
            $revision->number,
            $revision->title,
            $revision->note,
            $revision->author->name ?? '',
            $revision->created_at->toIso8601String(),
            $revision->source,
            $revision->id === $shops,
        );
    }
}
