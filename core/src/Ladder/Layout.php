<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Section;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\Supplies\Supplies;
use Levin\Core\Parts\SymbolShape;

/** Lays a circuit out as a ladder diagram: the whole of it, or one rung as large as it can be. */
final class Layout
{
    private const REST = 'Not joined to what is drawn above';

    /** Room under the rows of a single rung, for what is shown of its state. */
    private const ROOM = 44.0;

    /** From the edge of a single rung to its rail. */
    private const CLOSE = 30.0;

    /** From the edge of the sheet to the name of a rail. */
    private const EDGE = 8.0;

    /** @var list<array{title: string, rails: list<string>, placing: Placing}> */
    private array $sections = [];

    /** @var array<string, int> number of each row, by its id */
    private array $numbers = [];

    /** @var array<string, string> id of the row that each point is drawn on */
    private array $homes = [];

    private References $references;

    public function __construct(private readonly Model $model)
    {
        $threads = $this->threads();
        $this->references = References::among(array_merge(...array_map(static fn (Threading $t): array => $t->bundles(), $threads)));
        $placings = array_map(fn (Threading $t): Placing => new Placing($t->rails(), $t->bundles(), $this->references, []), $threads);
        $spans = array_map(static fn (Placing $p): float => count($p->rails) === 2 ? $p->width() : 0.0, $placings);
        foreach ($placings as $placing) {
            foreach ($placing->rows() as $placed) {
                $this->numbers[$placed->row->id] = count($this->numbers) + 1;
                $this->homes += array_fill_keys($placed->row->own, $placed->row->id);
            }
        }
        foreach ($placings as $n => $placing) {
            $title = $model->circuit->ladder[$n]->title ?? self::REST;
            $placing = $placing->spread($this->numbers, max(0.0, ...$spans));
            $this->sections[] = ['title' => $title, 'rails' => $placing->rails, 'placing' => $placing];
        }
    }

    public static function of(Model $model): Drawing
    {
        return (new self($model))->whole();
    }

    public function whole(): Drawing
    {
        $pen = new Pen($this->references, $this->numbers, $this->homes);
        foreach ($this->sections as $section) {
            $pen->section($section['title'], $section['placing']);
        }

        return $pen->drawing();
    }

    /**
     * Every rung by itself, in their order; what belongs together is one.
     *
     * @param  float  $room  under each row, for what is shown of its state
     * @return list<Closeup>
     */
    public function closeups(float $room = self::ROOM): array
    {
        $closeups = [];
        foreach ($this->sections as ['title' => $title, 'placing' => $placing]) {
            $bundles = $placing->bundles();
            $ways = new Ways(array_merge(...array_map(static fn (Bundle $b): array => $b->rows, $bundles)));
            foreach ($bundles as $bundle) {
                foreach (Rungs::of($bundle, $ways, $placing->rails) as $rung) {
                    $number = $this->numbers[$rung->rows[0]->id];
                    $closeups[$number] = $this->closeup($number, $title, $rung, $placing->rails, $room);
                }
            }
        }
        ksort($closeups);

        return array_values($closeups);
    }

    /** @param  list<string>  $rails  of its section */
    private function closeup(int $number, string $title, Bundle $rung, array $rails, float $room): Closeup
    {
        $own = Rungs::rails($rung, $rails);
        $names = array_map(static fn (string $rail): float => Lettering::width($rail, TextRole::Point) / 2 + self::EDGE, $own);
        $pen = new Pen($this->references, $this->numbers, $this->homes, max([self::CLOSE, ...$names]), $room);
        $placing = new Placing($own, [$own === [] ? Rungs::free($rung) : $rung], $this->references, $this->numbers, 0.0, 1.0);
        $pen->rung($placing);

        return new Closeup($number, $title, $this->feeds($own, $number), $pen->drawing());
    }

    /**
     * @param  list<string>  $rails
     * @return list<int> numbers of the rungs that feed some rails
     */
    private function feeds(array $rails, int $but): array
    {
        $feeds = [];
        foreach ($this->sections as ['placing' => $placing]) {
            foreach ($placing->rows() as $placed) {
                $shapes = array_map(static fn (Edge $e): ?SymbolShape => $e->symbol?->shape, $placed->row->edges);
                $ends = [$placed->row->left->point, $placed->row->right->point];
                $isFed = array_filter($ends, $this->isOfSupply(...)) !== [];
                $ends = $isFed || in_array(SymbolShape::Secondary, $shapes, true) ? $ends : [];
                $number = $this->numbers[$placed->row->id];
                $feeds = array_intersect($ends, $rails) !== [] && $number !== $but ? [...$feeds, $number] : $feeds;
            }
        }

        return $feeds;
    }

    private function isOfSupply(string $point): bool
    {
        $circuit = $this->model->circuit;

        return $point !== $circuit->earth && $this->model->parts[$circuit->partAt($point)->id] instanceof Supplies;
    }

    /** @return list<Threading> */
    private function threads(): array
    {
        $circuit = $this->model->circuit;
        $open = new OpenEdges($this->model);
        $rails = array_fill_keys(array_merge(...array_map(static fn (Section $s): array => $s->rails, $circuit->ladder)), true);
        $threads = array_map(static fn (Section $s): Threading => new Threading($open, $s->rails, $rails), $circuit->ladder);
        // named rows first: what feeds the rails must not be taken for a rung
        foreach ($threads as $n => $thread) {
            $thread->between($circuit->ladder[$n]->rows);
        }
        foreach ($threads as $thread) {
            $thread->within();
        }
        $drawn = static fn (): array => array_merge(...array_map(static fn (Threading $t): array => $t->points(), $threads));
        foreach ($threads as $thread) {
            $thread->beyond($drawn());
        }
        // what leads nowhere hangs from a rung sooner than from a feed
        foreach ([false, true] as $isFeed) {
            foreach ($threads as $thread) {
                if (($thread->rails() === []) === $isFeed) {
                    $thread->ends($drawn());
                }
            }
        }
        $rest = new Threading($open, [], $rails);
        $rest->rest($drawn());

        return $rest->bundles() === [] ? $threads : [...$threads, $rest];
    }
}
