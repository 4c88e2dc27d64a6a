<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Families\Families;
use Levin\Core\Drafting\Families\Family;
use Levin\Core\Parts\Catalogue;

/** What circuits are made of, and how. */
final readonly class MakingData extends Data
{
    /**
     * @param  list<KindData>  $kinds
     * @param  list<FamilyData>  $families
     * @param  list<string>  $usages  how each sort of edit is said
     */
    private function __construct(public array $kinds, public array $families, public array $usages)
    {
    }

    public static function all(): self
    {
        return new self(
            array_values(array_map(static fn (string $class): KindData => KindData::of($class::definition()), Catalogue::classes())),
            array_values(array_map(static fn (Family $f): FamilyData => FamilyData::of($f), Families::all())),
            array_map(static fn (string $edit): string => $edit::usage(), Edits::all()),
        );
    }
}
