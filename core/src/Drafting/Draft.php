<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Circuit\Circuit;
use Levin\Core\File\CircuitReader;
use Levin\Core\File\CircuitText;
use Levin\Core\File\InvalidCircuit;
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
    private const PART_NAME = '/^[A-Z][A-Z0-9_]*$/';

    /** Of what no part has: wires, places, conditions, quantities. */
    private const SMALL_NAME = '/^[a-z][a-z0-9_]*$/';

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
        return $this->saying('id', $id);
    }

    /** The same with another word at the head of its file: title, family, supply, notes. */
    public function saying(string $key, string $value): self
    {
        return new self($this->text, [...$this->data, $key => $value]);
    }

    /** @throws InvalidCircuit while something is wrong with it */
    public function circuit(): Circuit
    {
        return CircuitReader::fromText($this->text(), 'the draft');
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

    /** @return array<string, array<string, mixed>> of `places`, `conditions` or `quantities`, by name */
    public function world(string $of): array
    {
        return $this->entries($of);
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

    /**
     * The id of a wire that is said by it, or by the points that it joins: `CC.T1–COMP.R`.
     *
     * @throws CannotEdit for none, and for more than one
     */
    public function wireId(string $said): string
    {
        $ends = preg_split('/\s*[–-]\s*/u', $said) ?: [];
        if (count($ends) !== 2) {
            $this->wire($said);

            return $said;
        }
        sort($ends);
        $found = [];
        foreach ($this->wires() as $id => $wire) {
            $own = [$wire['from'], $wire['to']];
            sort($own);
            $found = $own === $ends ? [...$found, $id] : $found;
        }

        return count($found) === 1 ? $found[0] : throw ($found === [] ? CannotEdit::none('wire', $said) : CannotEdit::several($found));
    }

    /** The part that a point belongs to. */
    public static function partOf(string $point): string
    {
        return substr($point, 0, (int) strrpos($point, '.'));
    }

    /** The terminal that a point is. */
    public static function terminalOf(string $point): string
    {
        return substr($point, strlen(self::partOf($point)) + 1);
    }

    /**
     * @return array<string, WireData> the wires of a part, by id
     */
    public function wiresOf(string $part): array
    {
        return array_filter(
            $this->wires(),
            static fn (array $w): bool => self::partOf($w['from']) === $part || self::partOf($w['to']) === $part,
        );
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
        if (preg_match(self::PART_NAME, $id) !== 1) {
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
     *
     * @throws CannotEdit
     */
    public function withWire(string $id, array $wire, ?string $behind = null): self
    {
        return $this->with('wires', self::put($this->wires(), self::small($id), $wire, $behind));
    }

    /**
     * One more place, condition or quantity, or another one in its place.
     *
     * @param  string  $of  `places`, `conditions` or `quantities`
     * @param  array<string, mixed>  $entry
     *
     * @throws CannotEdit
     */
    public function withWorld(string $of, string $name, array $entry): self
    {
        return $this->with($of, self::put($this->entries($of), self::small($name), $entry, null));
    }

    public function withoutPart(string $id): self
    {
        return $this->with('parts', array_diff_key($this->parts(), [$id => true]));
    }

    public function withoutWire(string $id): self
    {
        return $this->with('wires', array_diff_key($this->wires(), [$id => true]));
    }

    public function withoutCondition(string $name): self
    {
        return $this->with('conditions', array_diff_key($this->entries('conditions'), [$name => true]));
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

    /** The next number for a wire. */
    public function nextWire(): string
    {
        $numbers = array_map(static fn (string $id): int => (int) preg_replace('/\D+/', '', $id), array_keys($this->wires()));

        return 'w'.(1 + max(0, ...$numbers));
    }

    /** Every point of a part by another name of the part, and every rule that goes by it. */
    public function calling(string $part, string $name): self
    {
        $parts = [];
        foreach ($this->parts() as $id => $own) {
            $parts[$id === $part ? $name : $id] = $own;
        }

        return $this->rewritten(new self($this->text, [...$this->data, 'parts' => $parts]), Mention::renamed($part, $name));
    }

    /**
     * What is seen of a part by other words, in rules that ask for it.
     *
     * @param  array<string, string>  $words  the new ones, by the old
     */
    public function seeing(string $part, array $words): self
    {
        return $this->rewritten($this, Mention::reseen($part, $words));
    }

    /**
     * Terminals of a part by other names, wherever they are named.
     *
     * @param  array<array-key, string>  $terminals  the new one, by the old
     */
    public function callingTerminals(string $part, array $terminals): self
    {
        return $this->rewritten($this, Mention::relettered($part, $terminals));
    }

    /** Nothing said any more of what is not there, but for the wires: references, rows of the drawing. */
    public function forgetting(string $part): self
    {
        $isOn = static fn (mixed $point): bool => is_string($point) && self::partOf($point) === $part;
        $data = $this->data;
        $references = is_array($data['references'] ?? null) ? $data['references'] : [];
        foreach ($references as $key => $points) {
            $references[$key] = array_values(array_filter(is_array($points) ? $points : [], static fn (mixed $p): bool => ! $isOn($p)));
        }
        $ladder = is_array($data['ladder'] ?? null) ? $data['ladder'] : [];
        foreach ($ladder as $n => $section) {
            if (is_array($section) && is_array($section['rows'] ?? null)) {
                $keeps = static fn (mixed $row): bool => ! is_array($row) || array_filter($row, $isOn) === [];
                $ladder[$n] = [...$section, 'rows' => array_values(array_filter($section['rows'], $keeps))];
            }
        }
        $without = array_filter($ladder, static fn (mixed $s): bool => ! is_array($s) || ($s['rows'] ?? null) !== []);

        return new self($this->text, [
            ...$data,
            ...($references === [] ? [] : ['references' => $references]),
            'ladder' => array_values($without),
        ]);
    }

    /** Whether all voltages are counted from a point of a part. */
    public function isEarth(string $part): bool
    {
        $earth = $this->data['earth'] ?? '';

        return is_string($earth) && self::partOf($earth) === $part;
    }

    private function rewritten(self $draft, Mention $mention): self
    {
        $data = $mention->in($draft->data);

        return new self($draft->text, is_array($data) ? $data : []);
    }

    /** @throws CannotEdit */
    private static function small(string $name): string
    {
        return preg_match(self::SMALL_NAME, $name) === 1
            ? $name
            : throw CannotEdit::name($name, 'it is named in small letters, digits and _, such as w12');
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
