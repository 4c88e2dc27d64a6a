<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * What every variant of every suspect goes through under one set of conditions, each told of when it is first asked for, and kept.
 * Variant 0 is the healthy unit.
 */
final class Outlook implements Page
{
    use Growing;

    public readonly Gallery $gallery;

    /** @var array<int, Passages> by variant, of those that have been asked for */
    private array $passages = [];

    /** @var (\Closure(int): Passages)|null */
    private ?\Closure $tell = null;

    private ?Others $others = null;

    /** @var array<string, non-empty-array<int, float>> shares of a start that is watched, by variant and what of it is noted */
    private array $noted = [];

    /** @param  self|null  $narrower  of fewer variants: its scenes keep their numbers */
    #[\Override]
    public function __construct(?self $narrower = null)
    {
        $this->gallery = $narrower === null ? new Gallery : $narrower->others()->gallery;
    }

    /** Of variants beside its own, under the same conditions. */
    public function others(): Others
    {
        return $this->others ??= new Others($this->gallery);
    }

    /** @return array{Gallery, array<int, Passages>} what is kept of it */
    public function __serialize(): array
    {
        return [$this->gallery, $this->passages];
    }

    /** @param  array{Gallery, array<int, Passages>}  $kept */
    public function __unserialize(array $kept): void
    {
        [$this->gallery, $this->passages] = $kept;
    }

    /** @param  \Closure(int): Passages  $tell  a variant's, when nobody else tells so far */
    public function toldBy(\Closure $tell): self
    {
        $this->tell ??= $tell;

        return $this;
    }

    public function passages(int $variant): Passages
    {
        return $this->passages[$variant] ?? $this->told($variant);
    }

    /** @return non-empty-array<int, float> share of the time by number, of the scenes of a start that is watched */
    public function goneThrough(int $variant, Noting $noting): array
    {
        return $this->noted[$variant.' '.$noting->key()] ??= $noting->scenes($this->passages($variant));
    }

    public function at(int $scene): Scene
    {
        return $this->gallery->at($scene);
    }

    /** How a variant stands: at a time, or when it has come to rest. */
    public function scene(int $variant, ?float $after = null): Scene
    {
        return $this->gallery->at($this->passages($variant)->sceneNumber($after));
    }

    /** How a variant ends. */
    public function end(int $variant): Scene
    {
        return $this->gallery->at($this->passages($variant)->last()->scene);
    }

    private function told(int $variant): Passages
    {
        $this->hasGrown = true;

        return $this->passages[$variant] = ($this->tell ?? throw new \LogicException('Nobody tells of what happens.'))($variant);
    }
}
