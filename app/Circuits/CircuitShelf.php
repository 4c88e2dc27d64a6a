<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\Repository;
use Levin\Core\Circuit\Circuit as Schematic;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\Pause;
use Levin\Core\Diagnosis\Predictor;
use Levin\Core\File\CircuitReader;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;

/** Circuits made ready to compute, by revision. What was worked out is kept under the revision and the build of the core. */
final class CircuitShelf
{
    /** Seconds. */
    private const PATIENCE = 300;

    /** @var array<int, Settler> by revision */
    private array $ready = [];

    /** @var array<int, AtHand> by revision */
    private array $atHand = [];

    private ?Pause $pause = null;

    /** @param  string  $build  changes when the core does, so that nothing computed by older code is used */
    public function __construct(private readonly Repository $cache, private readonly string $build)
    {
    }

    /** @throws UnreadableRevision */
    public function settler(CircuitRevision $revision): Settler
    {
        return $this->ready[$revision->id] ??= Settler::of(new Model($this->schematic($revision)));
    }

    /** @throws UnreadableRevision */
    public function model(CircuitRevision $revision): Model
    {
        return $this->settler($revision)->model;
    }

    /** From now on what has been worked out stays at hand, for one who answers again and again. */
    public function keepAtHand(Pause $pause): void
    {
        $this->pause = $pause;
    }

    /**
     * Keeps what is at hand for those who come after.
     *
     * @param  \Closure(): bool  $isEnough  between two pages
     * @return bool whether all of it is kept
     */
    public function keep(\Closure $isEnough): bool
    {
        foreach ($this->atHand as $circuit) {
            if (! $circuit->keepNow($isEnough)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  string  $of  which call it is about
     *
     * @throws UnreadableRevision
     */
    public function investigation(CircuitRevision $revision, string $of = ''): Investigation
    {
        $store = new CachedOutlooks($this->cache, $this->key($revision));
        if ($this->pause === null) {
            return new Investigation(Predictor::of($this->settler($revision), $store));
        }
        $this->atHand[$revision->id] ??= new AtHand($this->settler($revision), $store, $this->pause);

        return $this->atHand[$revision->id]->investigation($of);
    }

    /**
     * What only the circuit itself decides, and takes a while to work out.
     *
     * @template T
     *
     * @param  \Closure(): T  $work
     * @return T
     */
    public function kept(string $what, CircuitRevision $revision, \Closure $work): mixed
    {
        return $this->cache->rememberForever("$what:".$this->key($revision), $work);
    }

    /**
     * One at a time: what has not been worked out of a large circuit takes half a minute, and whoever else wants it meanwhile waits.
     *
     * @template T
     *
     * @param  \Closure(Investigation): T  $work
     * @param  string  $of  which call it is about
     * @return T
     *
     * @throws UnreadableRevision
     */
    public function alone(CircuitRevision $revision, \Closure $work, string $of = ''): mixed
    {
        $store = $this->cache->getStore();
        $do = fn (): mixed => $work($this->investigation($revision, $of));
        if (! $store instanceof LockProvider) {
            return $do();
        }
        set_time_limit(self::PATIENCE);

        return $store->lock('working:'.$this->key($revision), self::PATIENCE)->block(self::PATIENCE, $do);
    }

    private function schematic(CircuitRevision $revision): Schematic
    {
        try {
            return $this->cache->rememberForever(
                'circuit:'.$this->key($revision),
                fn (): Schematic => CircuitReader::fromText($revision->text, "$revision->circuit_id, revision $revision->number"),
            );
        } catch (InvalidCircuit $e) {
            throw UnreadableRevision::of($revision, $e);
        }
    }

    private function key(CircuitRevision $revision): string
    {
        return substr($revision->hash, 0, 20)."-$this->build";
    }
}
