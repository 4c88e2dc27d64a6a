<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What one piece of evidence did to the suspects. */
final readonly class Meaning
{
    /** Parts that are named before the others are counted. */
    private const NAMED = 2;

    /**
     * @param  bool  $asHealthy  it is what a healthy unit shows
     * @param  int  $before  suspects in play before it
     * @param  int  $after  and after it
     * @param  list<string>  $cleared  parts and wires that were in play before it and are not after it, the most probable first
     */
    public function __construct(public bool $asHealthy, public int $before, public int $after, public array $cleared)
    {
    }

    /** In a line, as a technician says it. */
    public function text(): string
    {
        $left = $this->after === 1 ? 'one suspect left' : "$this->after suspects left";

        return $this->cleared === []
            ? ($this->after < $this->before ? ucfirst($left).'.' : 'Clears no part yet.')
            : "Cleared: {$this->named()}; $left.";
    }

    private function named(): string
    {
        $more = count($this->cleared) - self::NAMED;
        $names = $more > 1 ? [...array_slice($this->cleared, 0, self::NAMED), "$more more"] : $this->cleared;
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names)." and $last";
    }
}
