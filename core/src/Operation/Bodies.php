<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Level;

/** Levels that drift as time passes, each from nothing: the heat in overloads, run time, how far a part is on its way to burning out. */
final class Bodies
{
    /** Of what makes it act, a body around it has so much when it was long on its way there. [practice, no published source] */
    private const AROUND = 0.5;

    /** @param  array<string, Level>  $levels  by part */
    public function __construct(private array $levels = [])
    {
    }

    /**
     * As hot as they are when they have opened after a long run.
     *
     * @param  list<string>  $parts
     */
    public static function opened(array $parts): self
    {
        return new self(array_fill_keys($parts, new Level(1.0, self::AROUND)));
    }

    /**
     * What is set, and how warm the parts are that have warmed.
     *
     * @param  array<string, Kind>  $parts
     */
    public function warm(Conditions $conditions, array $parts): Conditions
    {
        $warm = [];
        foreach ($this->levels as $id => $level) {
            $celsius = $parts[$id]->celsius($level);
            $warm += $celsius === null ? [] : [$id => $celsius];
        }

        return $warm === [] ? $conditions : $conditions->warm($warm);
    }

    /**
     * @param  array<string, Drift>  $drifts  by part
     * @param  float  $within  so many seconds
     * @return array{float, string} seconds until the first of them acts, and whose it is; infinite when none will
     */
    public function next(array $drifts, float $within): array
    {
        $first = [$within, ''];
        foreach ($drifts as $id => $drift) {
            $after = $drift->reaches($this->of($id), $first[0]);
            if ($after < $first[0]) {
                $first = [$after, $id];
            }
        }

        return $first[1] === '' ? [INF, ''] : $first;
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
