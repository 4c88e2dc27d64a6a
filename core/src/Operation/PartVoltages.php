<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Network\Complex;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Voltages;

/** Node voltages as one part sees them. */
final class PartVoltages implements Voltages
{
    /** @var array<string, int> by the part's own name for them */
    private array $nodes = [];

    /**
     * @param  (\Closure(): array{Factorisation, array<int, float>})|null  $direct  the network to direct current and its node
     *         voltages, when they are to be had
     */
    public function __construct(
        private readonly Model $model,
        private readonly Component $component,
        private readonly NodeVolts $now,
        private readonly ?\Closure $direct = null,
    ) {
    }

    #[\Override]
    public function across(string $a, string $b): Complex
    {
        $p = $this->nodes[$a] ??= $this->model->nodeOf($this->component, $a);
        $q = $this->nodes[$b] ??= $this->model->nodeOf($this->component, $b);

        return new Complex(
            ($p < 0 ? 0.0 : $this->now->re[$p]) - ($q < 0 ? 0.0 : $this->now->re[$q]),
            ($p < 0 ? 0.0 : $this->now->im[$p]) - ($q < 0 ? 0.0 : $this->now->im[$q]),
        );
    }

    #[\Override]
    public function volts(string $a, string $b): float
    {
        $p = $this->nodes[$a] ??= $this->model->nodeOf($this->component, $a);
        $q = $this->nodes[$b] ??= $this->model->nodeOf($this->component, $b);

        return hypot(
            ($p < 0 ? 0.0 : $this->now->re[$p]) - ($q < 0 ? 0.0 : $this->now->re[$q]),
            ($p < 0 ? 0.0 : $this->now->im[$p]) - ($q < 0 ? 0.0 : $this->now->im[$q]),
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
