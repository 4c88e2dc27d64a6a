<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Operation;
use Illuminate\Http\Response;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Interchange\SpiceNetlist;
use Levin\Core\Parts\Faults;

/** A revision as files that other programs read. */
class CircuitFileController
{
    #[Operation('The circuit file of a revision, as it was taken in', file: 'application/yaml')]
    public function yaml(CircuitRevision $revision): Response
    {
        return self::file($revision, $revision->text, 'yaml', 'application/yaml');
    }

    #[Operation('A revision as a SPICE netlist, healthy and settled', file: 'text/plain')]
    public function spice(CircuitRevision $revision, CircuitShelf $shelf): Response
    {
        $settler = $shelf->settler($revision);
        $settled = $settler->settle(Conditions::healthyDefaults($settler->model->circuit), Faults::none());

        return self::file($revision, SpiceNetlist::of($settled), 'cir', 'text/plain');
    }

    private static function file(CircuitRevision $revision, string $text, string $end, string $type): Response
    {
        return response($text, 200, [
            'Content-Type' => "$type; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"$revision->circuit_id.$end\"",
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
