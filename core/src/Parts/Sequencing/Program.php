<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sequencing;

/**
 * What a control board does, as its circuit file declares it: inputs, outputs, and steps with the moves between them.
 *
 * A board that lacks power is in the step `off`; when power comes it enters the first step of the file.
 */
final readonly class Program
{
    public const OFF = 'off';

    /**
     * @param  array<string, Input>  $inputs
     * @param  array<string, Output>  $outputs
     * @param  array<string, Step>  $steps  the first is where it starts
     */
    private function __construct(
        public string $from,
        public string $to,
        public float $minimum,
        public array $inputs,
        public array $outputs,
        public array $steps,
    ) {
    }

    /**
     * @param  array<mixed>  $data  valid against the schema
     * @param  list<string>  $terminals  the board's
     *
     * @throws BadProgram
     */
    public static function fromArray(array $data, array $terminals): self
    {
        $map = static function (string $key) use ($data): array {
            $found = [];
            foreach ((array) ($data[$key] ?? []) as $name => $value) {
                $found[(string) $name] = (array) $value;
            }

            return $found;
        };
        $power = (array) ($data['power'] ?? []);
        $text = static fn (mixed $v): string => is_string($v) ? $v : '';
        $named = static function (array $items, callable $make): array {
            $made = [];
            foreach ($items as $name => $item) {
                $made[$name] = $make($name, $item);
            }

            return $made;
        };
        /** @var array<string, Input> $inputs */
        $inputs = $named($map('inputs'), Input::fromArray(...));
        /** @var array<string, Output> $outputs */
        $outputs = $named($map('outputs'), Output::fromArray(...));
        /** @var array<string, Step> $steps */
        $steps = $named($map('steps'), Step::fromArray(...));
        $above = $power['above'] ?? 0;
        $program = new self(
            $text($power['from'] ?? ''),
            $text($power['to'] ?? ''),
            is_numeric($above) ? (float) $above : 0.0,
            $inputs,
            $outputs,
            $steps,
        );
        $program->check($terminals);

        return $program;
    }

    /** @return list<string> every flash code and lamp state it can show, `off` among them when it has a lamp at all */
    public function lamps(): array
    {
        $lamps = array_values(array_unique(array_filter(array_map(static fn (Step $s): string => $s->lamp, array_values($this->steps)))));

        return $lamps === [] ? [] : array_values(array_unique([...$lamps, 'dark']));
    }

    /**
     * A board's state is its step and its counts, in one string.
     *
     * @return array{string, array<string, int>}
     */
    public static function unpack(string $state): array
    {
        $parts = explode('|', $state);
        $counts = [];
        foreach (array_slice($parts, 1) as $count) {
            [$name, $n] = explode('=', $count);
            $counts[$name] = (int) $n;
        }

        return [$parts[0], $counts];
    }

    /** @param  array<string, int>  $counts */
    public static function pack(string $step, array $counts): string
    {
        ksort($counts);

        return implode('|', [$step, ...array_map(static fn (string $n, int $c): string => "$n=$c", array_keys($counts), $counts)]);
    }

    /** @param  list<string>  $terminals */
    private function check(array $terminals): void
    {
        $terminal = static function (string $name, string $where) use ($terminals): void {
            if (! in_array($name, $terminals, true)) {
                throw BadProgram::unknownTerminal($where, $name, $terminals);
            }
        };
        foreach ([$this->from, $this->to] as $end) {
            $terminal($end, 'power');
        }
        foreach ([...$this->inputs, ...$this->outputs] as $name => $pair) {
            $terminal($pair->from, "\"$name\"");
            $terminal($pair->to, "\"$name\"");
        }
        foreach ($this->inputs as $name => $input) {
            if ($input->fedFrom !== '') {
                $terminal($input->fedFrom, "\"$name\"");
            }
        }
        if (isset($this->steps[self::OFF])) {
            throw BadProgram::stepCalledOff();
        }
        $counts = [];
        foreach ($this->steps as $step) {
            foreach ($step->moves as $move) {
                $counts[$move->add] = true;
            }
        }
        foreach ($this->steps as $step) {
            foreach ($step->on as $output) {
                $this->outputs[$output] ?? throw BadProgram::unknownOutput($step, $output, array_keys($this->outputs));
            }
            foreach ($step->moves as $move) {
                $this->steps[$move->to] ?? throw BadProgram::unknownStep($step, $move->to, array_keys($this->steps));
                foreach ($move->when as $guard) {
                    if ($guard->atLeast !== null && ! isset($counts[$guard->name])) {
                        throw BadProgram::countOfNothing($step, $guard);
                    }
                    if ($guard->atLeast === null && ! isset($this->inputs[$guard->name])) {
                        throw BadProgram::unknownInput($step, $guard, array_keys($this->inputs));
                    }
                }
            }
        }
    }
}
