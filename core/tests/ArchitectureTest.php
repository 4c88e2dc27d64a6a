<?php

declare(strict_types=1);

// Imports run one way: screens → HTTP API → application → core; inside the core towards the circuit.

arch('the core knows no framework, database, clock or chance')
    ->expect('Levin\Core')
    ->not->toUse(['Illuminate', 'Laravel', 'App', 'Carbon', 'DateTime', 'DateTimeImmutable', 'time', 'microtime', 'rand', 'mt_rand', 'random_int']);

arch('the network knows nothing of circuits or parts')
    ->expect('Levin\Core\Network')
    ->toOnlyUse(['Levin\Core\Network']);

arch('operation knows nothing of meters or diagnosis')
    ->expect('Levin\Core\Operation')
    ->not->toUse(['Levin\Core\Meter', 'Levin\Core\Diagnosis', 'Levin\Core\Record', 'Levin\Core\Ladder']);

arch('the meter knows nothing of diagnosis')
    ->expect('Levin\Core\Meter')
    ->not->toUse(['Levin\Core\Diagnosis', 'Levin\Core\Record']);

arch('diagnosis knows nothing of the record or the drawing')
    ->expect('Levin\Core\Diagnosis')
    ->not->toUse(['Levin\Core\Record', 'Levin\Core\Ladder']);

arch('strict types everywhere in the core')
    ->expect('Levin\Core')
    ->toUseStrictTypes();
