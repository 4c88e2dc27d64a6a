<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Circuit\Circuit;
use Levin\Core\File\CircuitReader;
use Levin\Core\File\CircuitText;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\Problem;
use Levin\Core\Parts\Catalogue;
use Symfony\Component\Yaml\Yaml;

/**
 * A circuit that is being made: what its file says, sound or not yet. Changing it gives another one; comments of the file stay.
 *
 * @phpstan-type PartData array<string, mixed>
 * @phpstan-type WireData array{from: string, to: string, colour: string, gauge: int, length: float|int, case?: string, bundle?: string}
 */
final readonly class Draft
{
    /** Letters of what is read aloud: nothing in them is a point. */
    private const SAID = ['label', 'title', 'notes', 'supply', 'printed', 'on', 'off', 'cause', 'colour', 'bundle'];

    /**
     * @param  array<mixed>  $data  what the file says
     */
    private function __construct(private string $text, private array $data)
    {
    }

    /** @param  string  $text  of a circuit file in which every map has keys */
    public static function of(string $text): self
    {
        $data = Yaml::parse($text);

        return is_array($data) ? new self($text, $data) : throw new \LogicException('Not a circuit file.');
    }

    public function text(): string
    {
        return CircuitText::changed($this->text, $this->data);
    }

    /** The same unit as a circuit of its own. */
    public function named(string $id): self
    {
        return new self($this->text, [...$this->data, 'id' => $id]);
    }

    /** @throws InvalidCircuit while something is wrong with it */
    public function circuit(): Circuit
    {
        return CircuitReader::fromText($this->text(), 'the draft');
    }

    /** @return list<Problem> what is wrong with it, and where */
    public function problems(): array
    {
        try {
            $this->circuit();

            return [];
        } catch (InvalidCircuit $e) {
            return $e->problems;
        }
    }

    /** @return array<string, PartData> by id */
    public function parts(): array
    {
        return $this->entries('parts');
    }

    /** @return array<string, WireData> by id */
    public function wires(): array
    {
        /** @var array<string, WireData> */
        return $this->entries('wires');
    }

    /**
     * @return PartData
     *
     * @throws CannotEdit
     */
    public function part(string $id): array
    {
        return $this->parts()[$id] ?? throw CannotEdit::none('part', $id);
    }

    /**
     * @return WireData
     *
     * @throws CannotEdit
     */
    public function wire(string $id): array
    {
        return $this->wires()[$id] ?? throw CannotEdit::none('wire', $id);
    }

    /** The part that a point belongs to. */
    public static function partOf(string $point): string
    {
        return substr($point, 0, (int) strrpos($point, '.'));
    }

    /**
     * One more part, behind another one, or another one in its place.
     *
     * @param  PartData  $part
     *
     * @throws CannotEdit
     */
    public function withPart(string $id, array $part, ?string $behind = null): self
    {
        if (preg_match('/^[A-Z][A-Z0-9_]*$/', $id) !== 1) {
            throw CannotEdit::name($id, 'parts are named in capitals and digits, such as HP2');
        }
        $kind = $part['kind'] ?? '';
        if (! is_string($kind) || Catalogue::definition($kind) === null) {
            throw CannotEdit::kind(is_string($kind) ? $kind : '', array_keys(Catalogue::classes()));
        }

        return $this->with('parts', self::put($this->parts(), $id, $part, $behind));
    }

    /**
     * One more wire, behind another one, or another one in its place.
     *
     * @param  WireData  $wire
     */
    public function withWire(string $id, array $wire, ?string $behind = null): self
    {
        return $this->with('wires', self::put($this->wires(), $id, $wire, $behind));
    }

    public function withoutPart(string $id): self
    {
        return $this->with('parts', array_diff_key($this->parts(), [$id => true]));
    }

    public function withoutWire(string $id): self
    {
        return $this->with('wires', array_diff_key($this->wires(), [$id => true]));
    }

    /** A name for a wire that no other one has: that of the wire it is beside, and a letter. */
    public function freeWire(string $beside): string
    {
        $letter = 'a';
        while (isset($this->wires()[$beside.$letter])) {
            $letter++;
        }

        return $beside.$letter;
    }

    /** Every point of a part by another name of the part, and every rule that goes by it. */
    public function calling(string $part, string $name): self
    {
        $parts = [];
        foreach ($this->parts() as $id => $own) {
            $parts[$id === $part ? $name : $id] = $own;
        }
        $data = self::renamed([...$this->data, 'parts' => $parts], $part, $name);

        return new self($this->text, is_array($data) ? $data : []);
    }

    /** Whether all voltages are counted from a point of a part. */
    public function isEarth(string $part): bool
    {
        $earth = $this->data['earth'] ?? '';

        return is_string($earth) && self::partOf($earth) === $part;
    }

    private static function renamed(mixed $value, string $part, string $name, string $key = ''): mixed
    {
        if (is_string($value) && ! in_array($key, self::SAID, true)) {
            $quoted = preg_quote($part, '/');

            return preg_replace(["/^$quoted(?=\\.[^.]+$)/", "/^((?:not )?)$quoted(?= )/"], [$name, "\\1$name"], $value);
        }
        if (is_array($value) && ! in_array($key, self::SAID, true)) {
            foreach ($value as $k => $one) {
                $value[$k] = self::renamed($one, $part, $name, is_string($k) ? $k : $key);
            }
        }

        return $value;
    }

    /** @return array<string, array<string, mixed>> */
    private function entries(string $of): array
    {
        $entries = $this->data[$of] ?? [];
        $all = [];
        foreach (is_array($entries) ? $entries : [] as $id => $entry) {
            $all[(string) $id] = is_array($entry) ? array_combine(array_map(strval(...), array_keys($entry)), $entry) : [];
        }

        return $all;
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    private function with(string $of, array $entries): self
    {
        return new self($this->text, [...$this->data, $of => $entries]);
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $all
     * @param  T  $one
     * @return array<string, T>
     */
    private static function put(array $all, string $id, mixed $one, ?string $behind): array
    {
        if (isset($all[$id]) || $behind === null || ! isset($all[$behind])) {
            return [...$all, $id => $one];
        }
        $at = 1 + (int) array_search($behind, array_keys($all), true);

        return [...array_slice($all, 0, $at), $id => $one, ...array_slice($all, $at)];
    }
}
