<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Part;
use Levin\Core\Circuit\Section;
use Levin\Core\Circuit\Wire;
use Levin\Core\Circuit\WireGauge;

/**
 * Turns data of the right form into a circuit, checking everything the schema cannot: kinds, plates, points, reach.
 */
final readonly class CircuitBuilder
{
    private Problems $problems;

    public function __construct(private string $file, LineIndex $lines)
    {
        $this->problems = new Problems($lines);
    }

    /**
     * @param  array<mixed>  $data  already valid against the schema
     *
     * @throws InvalidCircuit
     */
    public function build(array $data): Circuit
    {
        $file = new Node($data);
        $reader = new WorldReader($this->problems);
        $conditions = $reader->conditions($file);
        $wired = [];
        foreach ($file->children('wires') as $wire) {
            $wired[$wire->text('from')] = $wired[$wire->text('to')] = true;
        }
        $world = new World(
            $conditions,
            $reader->quantities($file, $conditions),
            $reader->places($file),
            $file->text('earth'),
            $wired,
        );
        $circuit = new Circuit(
            $file->text('id'),
            $file->text('title'),
            $file->text('family'),
            $file->text('supply'),
            $file->number('frequency'),
            $world->earth,
            self::references($file->child('references')),
            $world->places,
            $this->parts($file, $world),
            $this->wires($file, $world->earth),
            $world->conditions,
            array_map(self::section(...), $file->items('ladder')),
            $world->quantities,
        );
        $this->check($circuit, $world);

        return $circuit;
    }

    /** @throws InvalidCircuit */
    private function check(Circuit $circuit, World $world): void
    {
        $soundness = new Soundness($this->problems);
        $soundness->checkPoints($circuit);
        if ($this->problems->count() === 0) {
            $soundness->checkReach($circuit, $world->wired);
            $soundness->checkRules($circuit);
        }
        if ($this->problems->count() > 0) {
            $this->problems->raise($this->file, Sketch::of($circuit));
        }
    }

    /** @return array<string, Part> */
    private function parts(Node $file, World $world): array
    {
        $reader = new PartReader($this->problems, $world);
        $parts = [];
        foreach ($file->children('parts') as $id => $node) {
            $parts[$id] = $reader->read($id, $node);
        }

        return array_filter($parts);
    }

    /** @return array<string, Wire> */
    private function wires(Node $file, string $earth): array
    {
        $wires = [];
        foreach ($file->children('wires') as $id => $w) {
            $wires[$id] = new Wire(
                $id,
                $w->text('from'),
                $w->text('to'),
                $w->text('colour'),
                WireGauge::from((int) $w->number('gauge')),
                $w->number('length'),
                $w->text('case', $earth),
                $this->problems->line(['wires', $id]),
                $w->text('bundle'),
            );
        }

        return $wires;
    }

    /** @return array{control: list<string>, line: list<string>, ground: list<string>} */
    private static function references(Node $given): array
    {
        return ['control' => $given->texts('control'), 'line' => $given->texts('line'), 'ground' => $given->texts('ground')];
    }

    private static function section(Node $node): Section
    {
        $pair = static fn (mixed $p): array => is_array($p) && is_string($p[0] ?? null) && is_string($p[1] ?? null)
            ? [$p[0], $p[1]]
            : throw new \LogicException('The schema let a bad pair through.');
        $rows = array_map($pair, array_values($node->child('rows')->data));

        return new Section($node->text('title'), $node->texts('rails'), $rows);
    }
}
