<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Wire;
use Levin\Core\Network\Complex;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Story;
use Levin\Core\Operation\Stretch;

/** Makes scenes of stories and hangs them in a gallery, each scene once however often it comes. */
final class Painter
{
    /** Branches that conduct less than this do not hold an island together, siemens. */
    private const ISLAND_SIEMENS = 1e-6;

    /** Volts that differ by less are the same scene. */
    private const SAME_VOLTS = 0.1;

    /** @var array<string, Islands> each once */
    private array $islands = [];

    /** @var array<string, Posture> each once */
    private array $postures = [];

    /** @var array<string, int> number of the scene by what makes it */
    private array $sceneNumbers = [];

    /** @var array<string, array<string, float>> quantities, each set of them once */
    private array $numbers = [];

    /** @var list<string> */
    private readonly array $quantities;

    /** @var array<string, array{int, int}> nodes by wire */
    private readonly array $ends;

    /** @var array<string, array<string, float>> siemens by wire, of whole ones, by what is lifted */
    private array $wires = [];

    public function __construct(private readonly Model $model, private readonly Gallery $gallery)
    {
        $this->quantities = $model->circuit->measured();
        $this->ends = array_map(static fn (Wire $w): array => [$model->node($w->from), $model->node($w->to)], $model->circuit->wires);
    }

    public function painted(Story $story): Passages
    {
        $known = [];

        return new Passages(array_map(function (Stretch $stretch) use (&$known): Passage {
            $scene = $known[spl_object_id($stretch->settled)] ??= $this->number($stretch->settled);
            $measured = Passage::measured($this->quantities, $stretch->begins, $stretch->ends);

            return new Passage($stretch->from, $stretch->until, $scene, $measured);
        }, $story->stretches));
    }

    private function number(Settled $settled): int
    {
        $observed = $settled->allObserved();
        [$islands, $weak] = $settled->network->pieces(self::ISLAND_SIEMENS);
        $key = md5(serialize([$observed, $settled->states]).self::rounded($settled->re, $settled->im).pack('v*', ...$islands), true);

        return $this->sceneNumbers[$key] ??= $this->gallery->hang($this->scene($settled, $observed, $islands, $weak));
    }

    /**
     * @param  array<string, string>  $observed
     * @param  list<int>  $islands  number of the island of each node
     */
    private function scene(Settled $settled, array $observed, array $islands, string $weak): Scene
    {
        $numbers = $settled->conditions->numbers();
        $posture = new Posture($observed, $settled->states, md5(serialize($observed).Stretch::postureOf($settled->states), true));

        return new Scene(
            array_values($settled->re),
            array_values($settled->im),
            $this->currents($settled),
            $this->islands($islands, $weak, $settled),
            $this->postures[serialize([$observed, $settled->states])] ??= $posture,
            $this->numbers[serialize($numbers)] ??= $numbers,
        );
    }

    /**
     * The same for volts that are as good as the same.
     *
     * @param  array<int, float>  $re
     * @param  array<int, float>  $im
     */
    private static function rounded(array $re, array $im): string
    {
        $rounded = [];
        foreach ($re as $node => $volts) {
            $rounded[] = (int) round($volts / self::SAME_VOLTS);
            $rounded[] = (int) round($im[$node] / self::SAME_VOLTS);
        }

        return pack('l*', ...$rounded);
    }

    /** @return list<Complex> amperes of each wire, in the circuit's order */
    private function currents(Settled $settled): array
    {
        $now = $settled->conditions;
        $whole = $this->wires[implode(' ', $now->lifted)] ??= array_map(
            fn (Wire $w): float => array_values($this->model->elements($w->id, '', [], $now, $this->model->omega))[0]->conductance(),
            $this->model->circuit->wires,
        );
        $currents = [];
        foreach ($this->ends as $id => [$a, $b]) {
            $currents[] = $settled->faults->in($id) === []
                ? $settled->over($a, $b)->scaled($whole[$id])
                : $settled->wireCurrent($id);
        }

        return $currents;
    }

    /**
     * Each floating island hangs by its weakest branches: where those are the same, so is how far it is from earth.
     *
     * @param  list<int>  $islands  number of the island of each node
     */
    private function islands(array $islands, string $weak, Settled $settled): Islands
    {
        return $this->islands[md5(pack('v*', ...$islands).$weak, true)] ??= new Islands($islands, array_map(
            static function (int $node) use ($settled): array {
                $z = $settled->network->impedanceBetween($node, -1);

                return [$z->re, $z->im];
            },
            array_diff_key(array_flip(array_reverse($islands, true)), [0 => true]),
        ));
    }
}
