<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\Part;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\UnusablePart;

/** Reads one part: its kind, terminals, plate and program, and whether such a part can be. */
final readonly class PartReader
{
    private PlateReader $plates;

    public function __construct(private Problems $problems, private World $world)
    {
        $this->plates = new PlateReader($problems, $world);
    }

    /** @return Part|null null when there is no such kind */
    public function read(string $id, Node $node): ?Part
    {
        $line = $this->problems->line(['parts', $id]);
        $kind = $node->text('kind');
        $definition = Catalogue::definition($kind);
        if ($definition === null) {
            $kinds = array_keys(Catalogue::classes());
            $remedy = Problems::didYouMean($kind, $kinds, 'The kinds are: '.implode(', ', $kinds).'.');
            $this->problems->add($line, $id, "There is no kind \"$kind\".", $remedy);

            return null;
        }
        $place = $node->text('place');
        if (! isset($this->world->places[$place])) {
            $places = implode(', ', array_keys($this->world->places));
            $this->problems->add($line, $id, "It sits in \"$place\", which is not among the places.", "Use one of: $places.");
        }
        $terminals = $node->texts('terminals');
        $program = $node->child('program')->data;
        $this->checkShape($line, $id, $definition, $terminals !== [], $program !== []);
        $before = $this->problems->count();
        $plate = $this->plates->read($id, $definition, $node->child('plate')->data);
        $letters = $this->letters($line, $id, $definition, $node->texts('letters'));
        $own = $this->terminals($id, $definition, $letters) ?: $terminals;
        $case = $node->text('case', $this->world->earth);
        $printed = [];
        foreach (array_filter($node->child('printed')->data, is_string(...)) as $seen => $means) {
            $printed[(string) $seen] = $means;
        }
        $part = new Part($id, $kind, $node->text('label'), $place, $plate, $own, $case, $line, $program, $printed, $letters);
        if ($this->problems->count() === $before) {
            $this->checkPart($part);
        }
        // what can be seen of a part is known of a sound one only
        if ($this->problems->count() === $before) {
            $this->checkPrinted($part);
        }

        return $part;
    }

    private function checkShape(?int $line, string $id, Definition $definition, bool $listsTerminals, bool $hasProgram): void
    {
        $kind = $definition->kind;
        if ($definition->terminals !== [] && $listsTerminals) {
            $has = implode(', ', $definition->terminals);
            $this->problems->add($line, $id, "A $kind has the terminals $has and no others.", 'Remove its "terminals".');
        }
        if ($definition->terminals === [] && ! $listsTerminals) {
            $this->problems->add($line, $id, "A $kind must list its terminals.", 'Add "terminals: [R, C]" or the like.');
        }
        if ($definition->programmed && ! $hasProgram) {
            $this->problems->add($line, $id, "A $kind needs a program.", 'Add "program:" with power, inputs, outputs and steps.');
        }
        if (! $definition->programmed && $hasProgram) {
            $this->problems->add($line, $id, "A $kind takes no program.", 'Remove its "program".');
        }
    }

    /**
     * @param  array<string, string>  $letters
     * @return list<string> the kind's own, without the optional ones that nothing is wired to
     */
    private function terminals(string $id, Definition $definition, array $letters): array
    {
        $isWired = fn (string $t): bool => isset($this->world->wired[$id.'.'.($letters[$t] ?? $t)]);

        return array_values(array_filter(
            $definition->terminals,
            static fn (string $t): bool => ! in_array($t, $definition->optional, true) || $isWired($t),
        ));
    }

    /**
     * What is printed beside terminals that its kind has.
     *
     * @param  list<string>  $given  such as A=A1
     * @return array<string, string> by the kind's own
     */
    private function letters(?int $line, string $id, Definition $definition, array $given): array
    {
        $letters = [];
        foreach ($given as $pair) {
            [$terminal, $printed] = [...explode('=', $pair, 2), ''];
            if (in_array($terminal, $definition->terminals, true)) {
                $letters[$terminal] = $printed;
            } else {
                $has = $definition->terminals === [] ? 'It lists its own terminals.' : 'It has '.implode(', ', $definition->terminals).'.';
                $this->problems->add($line, $id, "Its letters are for \"$terminal\", which a $definition->kind has not.", $has);
            }
        }
        $all = array_map(static fn (string $t): string => $letters[$t] ?? $t, $definition->terminals);
        foreach (array_unique(array_diff_assoc($all, array_unique($all))) as $twice) {
            $this->problems->add($line, $id, "Two of its terminals have the letters \"$twice\".", 'Give one of them its own.');
        }

        return $letters;
    }

    private function checkPrinted(Part $part): void
    {
        $seen = $part->printed === [] ? [] : Catalogue::component($part)->observables();
        foreach (array_diff(array_keys($part->printed), $seen) as $extra) {
            $can = 'It can be: '.(implode(', ', $seen) ?: 'nothing').'.';
            $remedy = Problems::didYouMean((string) $extra, $seen, $can);
            $this->problems->add($part->line, $part->id, "Its printed table has \"$extra\", which cannot be seen of it.", $remedy);
        }
    }

    private function checkPart(Part $part): void
    {
        try {
            Catalogue::component($part)->check();
        } catch (UnusablePart $e) {
            $this->problems->add($part->line, $part->id, $e->what, $e->remedy);
        }
    }
}
