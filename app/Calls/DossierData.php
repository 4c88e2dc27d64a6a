<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Dossier;
use Levin\Core\Diagnosis\Likely;

/** Why a part or wire is still suspected, or no longer. */
final readonly class DossierData extends Data
{
    /**
     * @param  string  $fault  the likeliest that may be wrong with it
     * @param  string  $likely  how probable that is, in a word
     * @param  list<ExplainedData>  $readings  what it would make each taken reading
     * @param  list<ExplainedData>  $tests  recommended ones: any other result clears it
     */
    private function __construct(public string $fault, public string $likely, public array $readings, public array $tests)
    {
    }

    public static function of(Dossier $dossier): self
    {
        return new self(
            $dossier->fault,
            Likely::word($dossier->probability),
            array_map(ExplainedData::of(...), $dossier->readings),
            array_map(ExplainedData::of(...), $dossier->tests),
        );
    }
}
