<?php

declare(strict_types=1);

namespace App\Circuits;

use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\OutlookStore;
use Levin\Core\Diagnosis\Pause;
use Levin\Core\Diagnosis\Predictor;
use Levin\Core\Operation\Recent;
use Levin\Core\Operation\Settler;

/** What is at hand of one circuit: what its suspects predict, and what was learned on the calls that were asked about last. */
final readonly class AtHand
{
    /** Calls. */
    private const CALLS = 6;

    private Investigation $first;

    private LaterOutlooks $store;

    /** @var Recent<Investigation> */
    private Recent $calls;

    public function __construct(Settler $settler, OutlookStore $store, Pause $pause)
    {
        $this->store = new LaterOutlooks($store);
        $this->first = new Investigation(Predictor::of($settler, $this->store, $pause));
        $this->calls = new Recent(self::CALLS);
    }

    /** @param  string  $of  which call */
    public function investigation(string $of): Investigation
    {
        return $this->calls->of($of, $this->first->ofAnother(...));
    }

    /**
     * @param  \Closure(): bool  $isEnough  between two pages
     * @return bool whether all of it is kept
     */
    public function keepNow(\Closure $isEnough): bool
    {
        return $this->store->keepNow($isEnough);
    }
}
