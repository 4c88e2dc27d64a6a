<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Review;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('edit', 'The circuit with something changed: its file anew, comments and all')]
final class EditCommand extends CircuitCommand
{
    #[\Override]
    protected function configure(): void
    {
        parent::configure();
        $this->addArgument('edits', InputArgument::REQUIRED | InputArgument::IS_ARRAY, 'what is changed, one after another');
    }

    #[\Override]
    protected function manual(): string
    {
        $usages = implode("\n", array_map(static fn (string $edit): string => '  '.$edit::usage(), Edits::all()));

        return <<<TEXT
            Prints a circuit file with changes made to it, one after another. Every line that does not change stays as it stands. What
            is wrong with the circuit then is printed before it as comments, and the exit code is 1.

              <info>levin edit circuits/split-cooling.yaml 'rename CC C' 'plate C coil_ohms 14' > mine.yaml</info>

            <comment>Changes</comment>
            $usages


            TEXT.self::EXITS;
    }

    #[\Override]
    protected function answer(InputInterface $input): array
    {
        $this->circuit($input);
        $file = $input->getArgument('file');
        $draft = Draft::of((string) file_get_contents(is_string($file) ? $file : ''));
        $given = $input->getArgument('edits');
        $edits = array_map(Edits::said(...), array_values(array_filter(is_array($given) ? $given : [], is_string(...))));
        foreach ($edits as $edit) {
            $draft = $edit->on($draft);
        }
        $review = Review::of($draft);
        $problems = array_map(strval(...), $review->wrong);
        $text = implode('', array_map(static fn (string $p): string => "# $p\n", $problems)).rtrim($draft->text(), "\n");
        $data = [
            'done' => array_map(static fn (Edit $e): string => $e->words(), $edits),
            'problems' => $problems,
            'file' => $draft->text(),
        ];

        return [$text, $data, $review->isSound() ? Command::SUCCESS : Command::FAILURE];
    }
}
