<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Operation\Model;
use Levin\Core\Operation\Story;
use Levin\Core\Operation\Stretch;
use Levin\Core\Parts\Kind;

/** What someone calls about: a machine that does what it never does on a healthy unit. */
final readonly class Complaint
{
    /** What a machine does for less of the time than this nobody complains of. [practice, no published source] */
    private const NOTICED = 0.02;

    /** @var array<string, Kind> by id */
    private array $machines;

    /** @var array<string, true> what they do on a healthy unit */
    private array $healthy;

    /** @param  list<array{array<string, string>, float}>  $healthy  what is seen of each part, each with its share of the time */
    public function __construct(Model $model, array $healthy)
    {
        $this->machines = $model->machines;
        $usual = [];
        foreach ($healthy as [$seen]) {
            $usual[$this->does($seen)] = true;
        }
        $this->healthy = $usual;
    }

    /** @param  list<array{array<string, string>, float}>  $views  what is seen of each part, each with its share of the time */
    public function isMade(array $views): bool
    {
        $shares = [];
        foreach ($views as [$seen, $share]) {
            $does = $this->does($seen);
            $shares[$does] = ($shares[$does] ?? 0.0) + $share;
        }

        return max([0.0, ...array_values(array_diff_key($shares, $this->healthy))]) > self::NOTICED;
    }

    /** @return list<array{array<string, string>, float}> what is seen of each part, each with its share of the time */
    public static function views(Story $story): array
    {
        $end = $story->stretches[count($story->stretches) - 1]->until;

        return array_map(static fn (Stretch $s): array => [$s->settled->allObserved(), ($s->until - $s->from) / $end], $story->stretches);
    }

    /**
     * The same of a variant, over all that it goes through.
     *
     * @return list<array{array<string, string>, float}>
     */
    public static function viewsOf(int $variant, Outlook $outlook): array
    {
        $views = $outlook->passages($variant)->views(null);

        return array_map(
            static fn (int $scene, float $share): array => [$outlook->at($scene)->posture->observed, $share],
            array_keys($views),
            $views,
        );
    }

    /** @param  array<string, string>  $seen  of each part */
    private function does(array $seen): string
    {
        return serialize(array_intersect_key($seen, $this->machines));
    }
}
