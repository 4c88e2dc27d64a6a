<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\MeterFunction;

/** Something learned about the unit: what a test showed, and on what occasion. */
final readonly class Evidence
{
    /**
     * @param  float|string|null  $shown  what was seen, or SI; null for OL
     * @param  list<string>  $replaced  parts that have been replaced since: what it says of those is of others
     * @param  bool  $isFaulted  whether a check that knows the part's plate finds fault with it, however likely a healthy unit shows it
     */
    public function __construct(
        public Test $test,
        public float|string|null $shown,
        public Occasion $when,
        private array $replaced = [],
        private bool $isFaulted = false,
    ) {
    }

    public function faulted(): self
    {
        return new self($this->test, $this->shown, $this->when, $this->replaced, true);
    }

    public function beforeReplacing(string $part): self
    {
        return new self($this->test, $this->shown, $this->when, [...$this->replaced, $part], $this->isFaulted);
    }

    /** The same for the same test on the same occasion, whichever way round the leads were held. */
    public function key(): string
    {
        return $this->test->key().' '.$this->when->key();
    }

    /** The same where the same was learned. */
    public function says(): string
    {
        return serialize([$this->key(), $this->test, $this->shown, $this->replaced, $this->isFaulted]);
    }

    /** The same for the same test under the same conditions, at whatever time. */
    public function whenever(): string
    {
        return $this->test->key().' '.$this->when->conditions->key();
    }

    /** @return list<string> whenever(); and that of volts on a low impedance, on which they are taken again where they may be a ghost's */
    public function ways(): array
    {
        $isVolts = $this->test instanceof Probe && $this->test->function === MeterFunction::VoltsAc;
        $lowered = $isVolts ? [new self($this->test->on(MeterFunction::VoltsAcLowZ), null, $this->when)] : [];

        return array_map(static fn (self $e): string => $e->whenever(), [$this, ...$lowered]);
    }

    /** What was learned, in a few words. */
    public function words(): string
    {
        return $this->test->result($this->shown);
    }

    /**
     * How some variants explain it.
     *
     * @param  list<int>  $variants  all of each suspect's
     * @return array<int, Fit> by variant
     *
     * @throws UnknownName when it names a part or point the circuit does not have
     */
    public function fits(Predictor $predictor, array $variants): array
    {
        $fits = $this->test->fits($predictor, $this->when, $this->shown, $variants);
        foreach ($this->replaced as $part) {
            $fits = $this->withAnother($part, $fits, $predictor);
        }

        return $fits;
    }

    /**
     * As it was when a part was another one, that may have had any of its faults: half of the time it had.
     *
     * @param  array<int, Fit>  $fits  by variant
     * @return array<int, Fit>
     */
    private function withAnother(string $part, array $fits, Predictor $predictor): array
    {
        $its = $predictor->lineup->priorOf($part);
        $all = array_sum($its);
        $had = $this->test->fits($predictor, $this->when, $this->shown, array_keys($its));
        $then = array_map(static fn (Fit $fit, float $weight): array => [$fit, 0.5 * $weight / $all], $had, $its);

        return $then === []
            ? $fits
            : array_map(static fn (Fit $now): Fit => Fit::ofAll([[$now, 0.5], ...$then]), $fits);
    }

    /** Whether a healthy unit shows it, as a technician would say it does. */
    public function isAsHealthy(Predictor $predictor): bool
    {
        return $this->replaced === [] && ! $this->isFaulted && $this->test->isAsHealthy($predictor, $this->when, $this->shown);
    }
}
