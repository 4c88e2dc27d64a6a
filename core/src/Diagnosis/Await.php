<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** Waiting until a machine does again what it does now and then: only then do readings tell what it is. */
final readonly class Await implements Test
{
    /** After so long without it nobody goes on waiting, seconds. [practice, no published source] */
    public const SECONDS = 1200.0;

    private Look $look;

    public function __construct(public string $part)
    {
        $this->look = new Look($part);
    }

    #[\Override]
    public function key(): string
    {
        return $this->look->key();
    }

    #[\Override]
    public function act(): Act
    {
        return $this->look->act();
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return 'Wait until it does it again: '.$circuit->parts[$this->part]->label;
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return sprintf(
            'Leave it running, up to %d minutes, until %s does it again; flex and tap what is suspected. Then read before it comes back.',
            self::SECONDS / 60,
            $circuit->parts[$this->part]->label,
        );
    }

    #[\Override]
    public function words(float|string|null $shown): string
    {
        return $this->look->words($shown);
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return $this->look->result($shown);
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $this->look->place($circuit);
    }

    #[\Override]
    public function carriedOut(Hand $hand): string
    {
        return $hand->await($this->part, self::SECONDS);
    }

    #[\Override]
    public function shows(Predictor $predictor, Occasion $when, int $variant): string
    {
        return $this->look->shows($predictor, $when, $variant);
    }

    #[\Override]
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array
    {
        return $this->look->fits($predictor, $when, $shown, $variants);
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool
    {
        return $this->look->isAsHealthy($predictor, $when, $shown);
    }

    #[\Override]
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array
    {
        return $this->look->outcomes($predictor, $when, $variants);
    }
}
