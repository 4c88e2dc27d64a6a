<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

/** How trials ended, a line of JSON each: the whole takes hours, and may be played in several sittings and by several at once. */
final readonly class Notebook
{
    /**
     * @param  string  $of  what was played: circuit, strategy, seed, luck. Lines of anything else are left alone
     * @param  array<array-key, array<array-key, mixed>>  $pages  by truth
     */
    private function __construct(private string $of, private array $pages)
    {
    }

    /** @param  string  $text  lines; one that was cut off halfway, or is something else, is played again */
    public static function read(string $text, string $of): self
    {
        $pages = [];
        foreach (explode("\n", $text) as $line) {
            $page = json_decode($line, true);
            if (is_array($page) && ($page['of'] ?? null) === $of && is_string($page['truth'] ?? null)) {
                $pages[$page['truth']] = $page;
            }
        }

        return new self($of, $pages);
    }

    public function line(Outcome $outcome): string
    {
        $page = [
            'of' => $this->of,
            ...get_object_vars($outcome),
            'truth' => self::named($outcome->truth),
            'ending' => $outcome->ending->value,
        ];

        return json_encode($page, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** How it ended with this truth; null when it was not played yet. */
    public function outcome(Truth $truth): ?Outcome
    {
        $page = $this->pages[self::named($truth)] ?? [];
        $ending = Ending::tryFrom(is_string($page['ending'] ?? null) ? $page['ending'] : '');
        if ($ending === null) {
            return null;
        }
        $words = static fn (string $key): array => array_values(array_filter((array) ($page[$key] ?? []), is_string(...)));
        $number = static fn (mixed $value): float => is_int($value) || is_float($value) ? (float) $value : 0.0;

        return new Outcome(
            $truth,
            $ending,
            $words('faults'),
            is_string($page['said'] ?? null) ? $page['said'] : '',
            $number($page['probability'] ?? null),
            (int) $number($page['tests'] ?? null),
            $number($page['minutes'] ?? null),
            (int) $number($page['live'] ?? null),
            $words('unsafe'),
            $number($page['bits'] ?? null),
            isset($page['namedSlips']) ? $number($page['namedSlips']) : null,
            ($page['leadsRightly'] ?? null) === true,
            $words('log'),
            array_map($number, array_values((array) ($page['seconds'] ?? []))),
        );
    }

    private static function named(Truth $truth): string
    {
        return "{$truth->sort->value} {$truth->words()}";
    }
}
