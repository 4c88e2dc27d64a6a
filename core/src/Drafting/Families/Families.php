<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Families;

use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\Node;
use Levin\Core\File\YamlForm;

/** The families that ship: one file each. */
final class Families
{
    private const FOLDER = __DIR__.'/../../../../circuits/families';

    /**
     * @return array<string, Family> by id, by title
     *
     * @throws InvalidCircuit for a file that has not the form
     */
    public static function all(): array
    {
        $all = [];
        foreach (glob(self::FOLDER.'/*.yaml') ?: [] as $path) {
            $family = self::read((string) file_get_contents($path), basename($path));
            $all[$family->id] = $family;
        }
        uasort($all, static fn (Family $a, Family $b): int => strcmp($a->title, $b->title));

        return $all;
    }

    /** @throws InvalidCircuit */
    public static function read(string $text, string $name): Family
    {
        [$data] = YamlForm::read($text, $name, self::FOLDER.'/family.schema.json', 'circuits/families/split-cooling.yaml');
        $file = new Node($data);

        return new Family($file->text('family'), $file->text('title'), $file->text('from'), array_map(
            self::question(...),
            $file->items('questions'),
        ));
    }

    private static function question(Node $node): Question
    {
        $answers = array_map(static fn (Node $a): Answer => new Answer($a->text('say'), $a->texts('edits')), $node->items('answers'));

        return new Question($node->text('ask'), $node->text('look'), $answers ?: throw new \LogicException('The schema wants answers.'));
    }
}
