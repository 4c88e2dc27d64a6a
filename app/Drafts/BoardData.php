<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use Levin\Core\Drafting\Board;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\StepWords;

/** What a control board does, in words. */
final readonly class BoardData extends Data
{
    /**
     * @param  array<string, string>  $inputs  between which terminals each is sensed
     * @param  array<string, string>  $outputs  between which terminals each is switched
     * @param  array<string, list<string>>  $steps  line by line, by name; the first is where it starts
     */
    private function __construct(public string $part, public array $inputs, public array $outputs, public array $steps)
    {
    }

    /** @return list<self> of every board */
    public static function all(Draft $draft): array
    {
        $all = [];
        foreach ($draft->parts() as $id => $part) {
            if (is_array($part['program'] ?? null)) {
                $all[] = self::of(Board::of($draft, (string) $id), (string) $id);
            }
        }

        return $all;
    }

    /** @throws CannotEdit */
    private static function of(Board $board, string $id): self
    {
        $between = static fn (array $of): string => implode(' to ', array_filter([$of['from'] ?? '', $of['to'] ?? ''], is_string(...)));

        return new self(
            $id,
            array_map($between, $board->all('inputs')),
            array_map($between, $board->all('outputs')),
            array_map(StepWords::of(...), $board->all('steps')),
        );
    }
}
