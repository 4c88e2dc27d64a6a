<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sequencing;

/** What a board does at one point of its program: which outputs are on, what the lamp shows, where it goes from here. */
final readonly class Step
{
    /**
     * @param  list<string>  $on  outputs
     * @param  list<Move>  $moves  in order of precedence
     */
    public function __construct(public string $name, public string $lamp, public array $on, public array $moves)
    {
    }

    /** @param  array<mixed>  $data valid against the schema */
    public static function fromArray(string $name, array $data): self
    {
        $lamp = $data['lamp'] ?? '';

        return new self(
            $name, is_string($lamp) ? $lamp : '',
            array_values(array_filter((array) ($data['on'] ?? []), is_string(...))),
            array_map(Move::fromArray(...), array_values(array_filter((array) ($data['go'] ?? []), is_array(...)))),
        );
    }

    /** @return array<string, true> the inputs its moves depend on */
    public function asksFor(): array
    {
        $names = [];
        foreach ($this->moves as $move) {
            foreach ($move->when as $guard) {
                if ($guard->atLeast === null) {
                    $names[$guard->name] = true;
                }
            }
        }

        return $names;
    }
}
