<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** Node voltages against earth as they are now; replaced at every solve, looked at by every part. */
final class NodeVolts
{
    /**
     * @param  array<int, float>  $re
     * @param  array<int, float>  $im
     */
    public function __construct(public array $re = [], public array $im = [])
    {
    }
}
