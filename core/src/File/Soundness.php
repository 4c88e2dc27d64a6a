<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Clause;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Parts\Catalogue;

/** Checks a circuit as a whole: that what is named is there, that everything is wired, that rules can come true. */
final readonly class Soundness
{
    public function __construct(private Problems $problems)
    {
    }

    /** Every point that is named anywhere. */
    public function checkPoints(Circuit $circuit): void
    {
        $points = $circuit->points();
        $check = function (?int $line, string $where, string $point) use ($points): void {
            if (! in_array($point, $points, true)) {
                $remedy = Problems::didYouMean($point, $points, 'A point is PART.TERMINAL of a part in this file.');
                $this->problems->add($line, $where, "There is no point $point.", $remedy);
            }
        };
        $check($this->problems->line(['earth']), 'earth', $circuit->earth);
        foreach (array_merge(...array_values($circuit->references)) as $point) {
            $check($this->problems->line(['references']), 'references', $point);
        }
        foreach ($circuit->parts as $part) {
            $check($part->line, $part->id, $part->case);
        }
        foreach ($circuit->wires as $wire) {
            foreach ([$wire->from, $wire->to, $wire->case] as $point) {
                $check($wire->line, "wire $wire->id", $point);
            }
            if ($wire->from === $wire->to) {
                $remedy = 'Give it another end, or remove it.';
                $this->problems->add($wire->line, "wire $wire->id", 'It starts and ends on the same point.', $remedy);
            }
        }
        foreach ($circuit->ladder as $section) {
            $where = "ladder, $section->title";
            foreach ([...$section->rails, ...array_merge(...($section->rows ?: [[]]))] as $point) {
                $check($this->problems->line(['ladder']), $where, $point);
            }
            if (($section->rails === []) === ($section->rows === [])) {
                $this->problems->at(['ladder'], $where, 'A section has either rails or rows.', 'Give it one of the two.');
            }
        }
    }

    /**
     * A terminal with no wire on it is a slip of whoever copied the diagram, unless the kind says it may stay bare.
     *
     * @param  array<string, true>  $wired
     */
    public function checkReach(Circuit $circuit, array $wired): void
    {
        foreach ($circuit->parts as $part) {
            $bare = Catalogue::definition($part->kind)->bare ?? [];
            foreach ($part->terminals as $terminal) {
                $point = $part->point($terminal);
                if (! isset($wired[$point]) && ! in_array($terminal, $bare, true)) {
                    $this->problems->add($part->line, $part->id, "Nothing is wired to $point.", 'Add its wire.');
                }
            }
        }
    }

    /** What the rules of quantities ask for. */
    public function checkRules(Circuit $circuit): void
    {
        foreach ($circuit->quantities as $quantity) {
            foreach ($quantity->rules as $rule) {
                foreach ($rule->when as $clause) {
                    $this->checkClause($circuit, $quantity, $clause);
                }
            }
        }
    }

    private function checkClause(Circuit $circuit, Quantity $quantity, Clause $clause): void
    {
        [$known, $what] = match (true) {
            $clause->isOfPart() => [$circuit->parts, 'parts'],
            $clause->level !== null => [$circuit->quantities, 'quantities'],
            default => [$circuit->conditions, 'conditions'],
        };
        $path = ['quantities', $quantity->name];
        if (! isset($known[$clause->subject])) {
            $names = array_map(strval(...), array_keys($known));
            $remedy = Problems::didYouMean($clause->subject, $names, "The $what are: ".implode(', ', $names).'.');
            $this->problems->at($path, $quantity->name, "A rule asks for \"$clause->subject\", which is not among the $what.", $remedy);

            return;
        }
        $words = $clause->isOfPart() ? Catalogue::component($circuit->part($clause->subject))->observables() : [];
        if ($clause->isOfPart() && ! in_array($clause->seen, $words, true)) {
            $remedy = $words === [] ? 'Nothing is ever seen of that part.' : 'What is seen of it is: '.implode(', ', $words).'.';
            $this->problems->at($path, $quantity->name, "A rule asks whether $clause->subject \"$clause->seen\".", $remedy);
        }
    }
}
