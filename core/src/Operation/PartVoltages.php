<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Network\Complex;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Voltages;

/** Node voltages as one part sees them. */
final readonly class PartVoltages implements Voltages
{
    /** @var array<string, int> */
    private array $nodes;

    /**
     * @param  array<int, float>  $re
     * @param  array<int, float>  $im
     * @param  (\Closure(): array{Factorisation, array<int, float>})|null  $direct  the network to direct current and its node
     *         voltages, when they are to be had
     */
    public function __construct(
        private Model $model,
        private Component $component,
        private array $re,
        private array $im,
        private ?\Closure $direct = null,
    ) {
        $this->nodes = $model->nodesOf($component);
    }

    #[\Override]
    public function across(string $a, string $b): Complex
    {
        $p = $this->nodes[$a] ?? $this->model->nodeOf($this->component, $a);
        $q = $this->nodes[$b] ?? $this->model->nodeOf($this->component, $b);

        return new Complex(
            ($p < 0 ? 0.0 : $this->re[$p]) - ($q < 0 ? 0.0 : $this->re[$q]),
            ($p < 0 ? 0.0 : $this->im[$p]) - ($q < 0 ? 0.0 : $this->im[$q]),
        );
    }

    #[\Override]
    public function volts(string $a, string $b): float
    {
        $p = $this->nodes[$a] ?? $this->model->nodeOf($this->component, $a);
        $q = $this->nodes[$b] ?? $this->model->nodeOf($this->component, $b);

        return hypot(
            ($p < 0 ? 0.0 : $this->re[$p]) - ($q < 0 ? 0.0 : $this->re[$q]),
            ($p < 0 ? 0.0 : $this->im[$p]) - ($q < 0 ? 0.0 : $this->im[$q]),
        );
    }

    #[\Override]
    public function direct(string $a, string $b): float
    {
        if ($this->direct === null) {
            return 0.0;
        }
        [$p, $q] = [$this->model->nodeOf($this->component, $a), $this->model->nodeOf($this->component, $b)];
        [, $volts] = ($this->direct)();

        return ($p < 0 ? 0.0 : $volts[$p]) - ($q < 0 ? 0.0 : $volts[$q]);
    }

    #[\Override]
    public function ohms(string $a, string $b): float
    {
        return $this->direct === null ? INF : ($this->direct)()[0]->impedanceBetween(
            $this->model->nodeOf($this->component, $a),
            $this->model->nodeOf($this->component, $b),
        )->re;
    }
}
