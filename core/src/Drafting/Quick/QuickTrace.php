<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Quick;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Fresh;
use Levin\Core\Drafting\Winding;
use Levin\Core\Parts\Catalogue;
use Symfony\Component\Yaml\Yaml;

/**
 * A circuit out of one rung: what feeds it, a switch to make it dead, what was said in its order, and the load. It is all that anybody
 * knows of the unit so far, and can be grown into the unit's circuit.
 */
final readonly class QuickTrace
{
    /** Volts that a rung may be on. */
    public const VOLTS = [24.0, 120.0, 208.0, 230.0, 240.0, 277.0, 460.0, 480.0, 575.0];

    public const CONTROL = 24.0;

    /** Leads in a unit, and the cable to a thermostat. [practice, no published source] */
    private const LEAD = ['gauge' => 18, 'length' => 0.6];

    private const CABLE = ['gauge' => 18, 'length' => 12, 'bundle' => 'stat'];

    /** @var array<string, array{string, string}> terminals that a rung goes in and out by, of kinds with more than two */
    private const THROUGH = [
        'motor-psc' => ['R', 'C'],
        'compressor-psc' => ['R', 'C'],
        'switch-1p' => ['L1', 'T1'],
        'breaker-1p' => ['L1', 'T1'],
    ];

    private function __construct(private Rung $rung, private float $volts, private Feed $feed)
    {
    }

    /**
     * @param  string  $id  of the circuit
     * @param  string  $words  the rung, see Rung
     * @param  float  $volts  that the load should get
     * @param  float  $line  that feeds the control transformer of a 24 V rung
     *
     * @throws CannotTrace
     * @throws CannotEdit
     */
    public static function draft(string $id, string $words, float $volts, float $line): Draft
    {
        foreach ([$volts, $line] as $given) {
            in_array($given, self::VOLTS, true) ?: throw CannotTrace::volts($given, self::VOLTS);
        }
        $isControl = $volts === self::CONTROL;
        $trace = new self(Rung::said($words), $volts, $isControl ? Feed::control($line) : Feed::line($volts));
        $draft = $trace->fed($id, $isControl ? $line : $volts);
        foreach ([...$trace->rung->series, $trace->rung->load] as $piece) {
            $draft = $trace->withPiece($draft, $piece);
        }

        return $trace->wired($draft);
    }

    private function fed(string $id, float $line): Draft
    {
        [$hot, $back] = $this->feed->rails;
        $load = $this->rung->load;
        $places = [];
        foreach (Spot::cases() as $spot) {
            $places[$spot->value] = $spot->place();
        }
        $reference = $this->volts === self::CONTROL ? 'control' : 'line';

        return Draft::of(Yaml::dump([
            'levin' => 1,
            'id' => $id,
            'title' => sprintf('One rung: %s %s, %g V', $load->label, $load->id, $this->volts),
            'family' => 'one-rung',
            'supply' => sprintf('%g V, 60 Hz', $line),
            'frequency' => 60,
            'earth' => 'SUP.G',
            'references' => [$reference => ["TB.$back"], 'ground' => ['SUP.G']],
            'places' => $places,
            'parts' => [...$this->feed->parts, 'TB' => [
                'kind' => 'terminals',
                'label' => 'Unit terminals',
                'place' => Spot::Unit->value,
                'terminals' => [$hot, $back, ...($this->thermostat() === null ? [] : [$this->rung->call])],
            ]],
            'wires' => $this->feed->wires,
            'conditions' => ['power' => ['label' => 'Disconnect', 'default' => true, 'on' => 'in', 'off' => 'pulled', 'power' => true]],
            'ladder' => [
                ['title' => 'Feed', 'rows' => $this->feed->rows],
                ['title' => sprintf('The rung, %g V', $this->volts), 'rails' => ["TB.$hot", "TB.$back"]],
            ],
        ], 2, 2));
    }

    private function thermostat(): ?Piece
    {
        foreach ($this->rung->series as $piece) {
            if ($piece->kind === 'thermostat') {
                return $piece;
            }
        }

        return null;
    }

    /** @throws CannotEdit */
    private function withPiece(Draft $draft, Piece $piece): Draft
    {
        $draft = Fresh::part($draft, $piece->id, $piece->kind, $piece->label, array_key_last($draft->parts()) ?? 'TB');
        $part = [...$draft->part($piece->id), 'place' => $piece->spot->value];
        $plate = is_array($part['plate'] ?? null) ? $part['plate'] : [];
        $definition = Catalogue::definition($piece->kind);
        if ($piece === $this->rung->load && $definition !== null) {
            $plate = [...$plate, ...Winding::plate($definition, $this->volts)];
        }
        if ($piece->kind === 'thermostat') {
            $draft = $draft->withWorld('conditions', 'call', [
                'label' => 'Call', 'default' => true, 'on' => 'calling', 'off' => 'satisfied', 'call' => true,
            ]);
            $plate = [strtolower($this->rung->call).'_called_by' => 'call'];
        }

        return $draft->withPart($piece->id, [...$part, 'plate' => $plate]);
    }

    /** @throws CannotEdit */
    private function wired(Draft $draft): Draft
    {
        [$hot, $back] = $this->feed->rails;
        $at = "TB.$hot";
        $colour = 'red';
        foreach ([...$this->rung->series, $this->rung->load] as $piece) {
            [$in, $out] = $this->through($piece);
            $isCable = $piece->kind === 'thermostat';
            $colour = $piece->colour === '' ? $colour : $piece->colour;
            $draft = self::join($draft, $at, "$piece->id.$in", $colour, $isCable);
            $at = "$piece->id.$out";
            if ($isCable) {
                $colour = 'yellow';
                $draft = self::join($draft, $at, "TB.{$this->rung->call}", $colour, true);
                $at = "TB.{$this->rung->call}";
            }
        }
        $draft = self::join($draft, $at, "TB.$back", $this->rung->back === '' ? 'blue' : $this->rung->back, false);

        return in_array($this->rung->load->kind, ['motor-psc', 'compressor-psc'], true) ? $this->withCapacitor($draft) : $draft;
    }

    /** @throws CannotEdit */
    private static function join(Draft $draft, string $from, string $to, string $colour, bool $isCable): Draft
    {
        $runs = $isCable ? self::CABLE : self::LEAD;

        return $draft->withWire($draft->nextWire(), ['from' => $from, 'to' => $to, 'colour' => $colour, ...$runs]);
    }

    /**
     * Its second winding comes with its capacitor.
     *
     * @throws CannotEdit
     */
    private function withCapacitor(Draft $draft): Draft
    {
        $motor = $this->rung->load->id;
        $plate = $draft->part($motor)['plate'] ?? [];
        $farads = is_array($plate) ? $plate['capacitor_uf'] ?? 5 : 5;
        $id = isset($draft->parts()['CAP']) ? "CAP_$motor" : 'CAP';
        $draft = Fresh::part($draft, $id, 'capacitor-run', 'Run capacitor', $motor);
        $draft = $draft->withPart($id, [...$draft->part($id), 'plate' => ['run_uf' => $farads]]);

        return self::join(self::join($draft, "$motor.R", "$id.1", 'brown', false), "$id.2", "$motor.S", 'brown', false);
    }

    /** @return array{string, string} */
    private function through(Piece $piece): array
    {
        $own = Catalogue::definition($piece->kind)->terminals ?? [];

        return match (true) {
            $piece->kind === 'thermostat' => ['R', $this->rung->call],
            default => self::THROUGH[$piece->kind] ?? [$own[0], $own[1]],
        };
    }
}
