<?php

declare(strict_types=1);

namespace Levin\Core\Console;

use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\PartCheck;
use Levin\Core\Checks\Bench\PartChecks;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('checks', 'Print docs/checks.md: every check of the bench, and every sourced figure of the core')]
final class ChecksCommand extends Command
{
    #[\Override]
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write(self::page());

        return 0;
    }

    public static function page(): string
    {
        $figures = Sourced::all();
        $count = array_sum(array_map(static fn (Sourced $f): int => count($f->values), $figures));

        return implode("\n", [
            '# Checks',
            '',
            'Made from the code by `bin/levin checks > docs/checks.md`. Every check '
                .'judges in SI; figures below are SI unless they say otherwise.',
            'What stands as "from memory" was written without the page at hand.',
            '',
            ...array_merge(...array_values(array_map(self::section(...), PartChecks::all()))),
            '## Figures',
            '',
            "$count figures with a source, in ".count($figures).' places of the core.',
            '',
            '| where | figure | value | what it is, and where it comes from |',
            '|---|---|---|---|',
            ...array_map(static fn (Sourced $f): string => sprintf(
                '| `%s` | %s | %s | %s |',
                $f->where,
                strtolower(strtr($f->name, '_', ' ')),
                $f->shown(),
                strtr($f->says, ['|' => '\\|']),
            ), $figures),
            '',
        ]);
    }

    /** @return list<string> */
    private static function section(PartCheck $check): array
    {
        $about = $check->about();
        $takes = array_map(
            static fn (Entry $e): string => "`$e->name` $e->label".($e->isRequired ? '' : ' (if known)'),
            $about->entries,
        );

        return [
            "## $about->title",
            '',
            "`bin/levin bench $about->name`. $about->how",
            '',
            '- Takes '.implode('; ', $takes).'.',
            "- Easily mistaken: $about->mistake",
            "- Caution: $about->caution",
            "- Not covered: $about->leavesOut",
            '',
        ];
    }
}
