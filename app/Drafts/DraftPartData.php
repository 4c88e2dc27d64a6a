<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Terminals;

/** A part as the file that is being made has it. */
final readonly class DraftPartData extends Data
{
    /**
     * @param  array<string, string>  $plate  as it was typed, by the name of the value
     * @param  list<string>  $terminals  as they are printed
     * @param  bool  $decides  whether its unit decides which it has, and not its kind
     */
    private function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public string $place,
        public array $plate,
        public array $terminals,
        public bool $decides,
    ) {
    }

    /** @return list<self> */
    public static function all(Draft $draft): array
    {
        $text = static fn (mixed $value): string => is_scalar($value) ? (string) $value : '';
        $all = [];
        foreach ($draft->parts() as $id => $part) {
            $plate = [];
            foreach (is_array($part['plate'] ?? null) ? $part['plate'] : [] as $name => $value) {
                $plate[(string) $name] = $text($value);
            }
            [$kind, $label, $place] = array_map($text, [$part['kind'] ?? '', $part['label'] ?? '', $part['place'] ?? '']);
            $terminals = Terminals::there($draft, (string) $id);
            $all[] = new self((string) $id, $kind, $label, $place, $plate, $terminals, isset($part['terminals']));
        }

        return $all;
    }
}
