<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Voltages;

/** Node voltages as one part sees them. */
final readonly class PartVoltages implements Voltages
{
    /**
     * @param  array<int, float>  $re
     * @param  array<int, float>  $im
     */
    public function __construct(private Model $model, private Component $component, private array $re, private array $im)
    {
    }

    public function across(string $a, string $b): Complex
    {
        [$p, $q] = [$this->node($a), $this->node($b)];

        return new Complex(($p < 0 ? 0.0 : $this->re[$p]) - ($q < 0 ? 0.0 : $this->re[$q]), ($p < 0 ? 0.0 : $this->im[$p]) - ($q < 0 ? 0.0 : $this->im[$q]));
    }

    private function node(string $local): int
    {
        return $this->model->node(Model::nodeName($this->component, $local, $this->model->circuit->earth));
    }
}
