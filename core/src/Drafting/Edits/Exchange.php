<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Fresh;
use Levin\Core\Drafting\Seen;
use Levin\Core\Drafting\Terminals;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Definition;

/** A part of another kind in a part's place: its letters, place and wires stay, and what its plate has in common with the new one. */
final readonly class Exchange extends Edit
{
    /** @param  array<string, string>  $where  the new terminal for an old one, where their letters differ */
    public function __construct(private string $part, private string $kind, private array $where = [])
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        $new = Catalogue::definition($this->kind) ?? throw CannotEdit::kind($this->kind, array_keys(Catalogue::classes()));
        $where = $this->terminals($draft, $new);
        $draft = $draft->callingTerminals($this->part, $where);
        unset($own['letters']);
        $plate = is_array($own['plate'] ?? null) ? $own['plate'] : [];
        $kept = [];
        foreach ($new->fields as $field) {
            if (array_key_exists($field->name, $plate)) {
                $kept[$field->name] = $plate[$field->name];
            }
        }
        $label = is_string($own['label'] ?? null) ? $own['label'] : '';
        [$draft, $worked] = Fresh::worked($draft, $this->part, $new, $label, $kept);
        unset($own['terminals'], $own['program'], $own['printed']);
        $listed = $new->terminals === [] ? ['terminals' => array_values(array_unique($where))] : [];

        return Seen::reworded($draft, $this->part, $new)->withPart($this->part, [
            ...$own,
            'kind' => $this->kind,
            'plate' => [...Fresh::plate($new), ...$worked, ...$kept],
            ...array_filter($listed, static fn (array $t): bool => $t !== []),
        ]);
    }

    /**
     * @return array<string, string> the new terminal for each old one that has a wire
     *
     * @throws CannotEdit
     */
    private function terminals(Draft $draft, Definition $new): array
    {
        $used = [];
        foreach ($draft->wiresOf($this->part) as $wire) {
            foreach ([$wire['from'], $wire['to']] as $point) {
                if (Draft::partOf($point) === $this->part) {
                    $used[Draft::terminalOf($point)] = true;
                }
            }
        }
        $used = array_map(strval(...), array_keys($used));
        $kind = $draft->part($this->part)['kind'] ?? '';
        $old = Catalogue::definition(is_string($kind) ? $kind : '')->terminals ?? [];
        $kinds = array_flip(Terminals::lettered($draft, $this->part));
        $isPair = count($old) === 2 && count($new->terminals) === 2;
        $where = $lost = [];
        foreach ($used as $letters) {
            $terminal = (string) ($kinds[$letters] ?? $letters);
            $to = $this->where[$letters] ?? match (true) {
                $new->terminals === [] || in_array($terminal, $new->terminals, true) => $terminal,
                $isPair => $new->terminals[(int) array_search($terminal, $old, true)],
                default => '',
            };
            $isThere = $new->terminals === [] || in_array($to, $new->terminals, true);
            $where[$letters] = $to;
            $lost = $isThere ? $lost : [...$lost, $letters];
        }

        return $lost === [] ? $where : throw CannotEdit::nowhere($this->part, $this->kind, $lost, implode(', ', $new->terminals));
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part is a $this->kind";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'kind PART KIND [OLD=NEW …]';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2, 2 + 40);
        $where = [];
        foreach (array_slice($words, 2) as $pair) {
            $ends = explode('=', $pair);
            count($ends) === 2 ? $where[$ends[0]] = $ends[1] : throw CannotEdit::words(self::usage());
        }

        return new self($words[0], $words[1], $where);
    }
}
