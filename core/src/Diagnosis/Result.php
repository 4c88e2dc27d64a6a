<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** A result that a test may have, and what it would mean. */
final readonly class Result
{
    /** Of what is wrong, so many are named before the others are counted. */
    private const NAMED = 2;

    /**
     * @param  float|string|null  $value  what it is of whoever shows it most probably: SI, null for OL, or what is seen
     * @param  string  $shows  as the meter would show it
     * @param  string  $said  as a technician would say it
     * @param  list<string>  $suspects  those that would show it, the most probable first
     * @param  list<string>  $wrong  the parts and wires that they are faults of, or of one of those its faults, in the same order; none
     *                               where nothing would be wrong
     */
    public function __construct(
        public float|string|null $value,
        public string $shows,
        public string $said,
        public array $suspects,
        public array $wrong,
        public float $probability,
        public bool $isAsHealthy,
    ) {
    }

    /** In a sentence. */
    public function means(): string
    {
        return ucfirst($this->said)." ({$this->likely()}".($this->isAsHealthy ? ', as healthy' : '')."): {$this->who()}.";
    }

    /** What it would be; of many, those that come first. */
    public function who(): string
    {
        $more = count($this->wrong) - self::NAMED;
        $names = $more > 1 ? [...array_slice($this->wrong, 0, self::NAMED), "one of $more more"] : $this->wrong;
        $last = array_pop($names) ?? 'nothing wrong';

        return $names === [] ? $last : implode(', ', $names)." or $last";
    }

    /** Its probability in a word. */
    public function likely(): string
    {
        return Likely::word($this->probability);
    }
}
