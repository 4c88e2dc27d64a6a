<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

/** A fuse or breaker that opens with nothing wrong: hot to common without a load between, or too small for what it feeds. */
final class Blows extends Slip
{
    #[\Override]
    public function in(Drawn $drawn): array
    {
        $wrong = [];
        foreach ($drawn->model->parts as $id => $kind) {
            if ($kind->overcurrentDevice() === null) {
                continue;
            }
            foreach ($drawn->settled() as $settled) {
                if (($settled->states[$id] ?? '') !== ($drawn->model->initialStates[$id] ?? '')) {
                    $wrong[] = Wrong::with(
                        $drawn,
                        (string) $id,
                        'It opens with nothing wrong: something behind it goes from hot to common without a load.',
                        'Put the load that belongs there, or take the path out.',
                    );
                    break;
                }
            }
        }

        return $wrong;
    }
}
