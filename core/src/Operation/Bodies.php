<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Level;

/** Levels that drift as time passes, each from nothing: the heat in overloads, run time, how far a part is on its way to burning out. */
final class Bodies
{
    /** @var array<string, Level> by part */
    private array $levels = [];

    /** @return array<string, Level> of the parts whose level has moved */
    public function all(): array
    {
        return $this->levels;
    }

    /**
     * @param  array<string, Drift>  $drifts  by part
     * @return array{float, string} seconds until the first of them acts, and whose it is; infinite when none will
     */
    public function next(array $drifts): array
    {
        $first = [INF, ''];
        foreach ($drifts as $id => $drift) {
            $after = $drift->reaches($this->of($id));
            if ($after < $first[0]) {
                $first = [$after, $id];
            }
        }

        return $first;
    }

    /** @param  array<string, Drift>  $drifts  by part */
    public function pass(array $drifts, float $seconds): void
    {
        foreach ($drifts as $id => $drift) {
            $this->levels[$id] = $drift->after($this->of($id), $seconds);
        }
    }

    /** A part has acted on its drift: what is left of its level. */
    public function leave(string $id, Drift $drift): void
    {
        $this->levels[$id] = $drift->left($this->of($id));
    }

    public function forget(string $id): void
    {
        unset($this->levels[$id]);
    }

    private function of(string $id): Level
    {
        return $this->levels[$id] ?? new Level;
    }
}
