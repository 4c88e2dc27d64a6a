<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Scenes by number, each there once however many variants go through it. */
final class Gallery
{
    /** Beside another gallery, whose scenes keep their numbers, one's own are counted from here. */
    private const BESIDE = 1 << 24;

    /** @var array<int, Scene> */
    private array $scenes = [];

    private readonly int $first;

    public function __construct(private readonly ?self $other = null)
    {
        $this->first = $other === null ? 0 : $other->first + self::BESIDE;
    }

    /** @return int its number */
    public function hang(Scene $scene): int
    {
        $number = $this->first + count($this->scenes);
        $this->scenes[$number] = $scene;

        return $number;
    }

    public function at(int $number): Scene
    {
        return $this->scenes[$number] ?? $this->other?->at($number) ?? throw new \LogicException("No scene hangs at $number.");
    }
}
