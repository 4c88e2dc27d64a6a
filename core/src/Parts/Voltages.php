<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Network\Complex;

/** What a part sees at its own terminals once the network is solved. */
interface Voltages
{
    /** The phasor between two of the part's nodes, volts r.m.s. */
    public function across(string $a, string $b): Complex;

    /** Its magnitude, which is what most parts go by. */
    public function volts(string $a, string $b): float;

    /** The direct voltage between two of the part's nodes. */
    public function direct(string $a, string $b): float;

    /** Ohms between two of the part's nodes to direct current, by whatever way; infinite when that is not known. */
    public function ohms(string $a, string $b): float;
}
