<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Given;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Dimension;

/** One thing of a part that must match, and what comes of it where it does not. */
final readonly class Comparison
{
    /** What is not said of something that is chosen. */
    public const UNKNOWN = 'not known';

    /**
     * @param  list<string>  $choices  none for a number
     * @param  Verdict  $otherwise  where it does not match
     * @param  string  $effect  what comes of that, in a sentence
     */
    private function __construct(
        public string $name,
        public string $label,
        private Dimension $dimension,
        private array $choices,
        private Rule $rule,
        private float $share,
        private Verdict $otherwise,
        private string $effect,
        private Source $source,
    ) {
    }

    /** @param  float  $share  of the old one, for what is about the same */
    public static function number(
        string $name,
        string $label,
        Dimension $dimension,
        Rule $rule,
        Verdict $otherwise,
        string $effect,
        float $share = 0.05,
    ): self {
        return new self($name, $label, $dimension, [], $rule, $share, $otherwise, $effect, Source::practice());
    }

    /** @param  non-empty-list<string>  $choices */
    public static function choice(string $name, string $label, array $choices, Verdict $otherwise, string $effect): self
    {
        return new self($name, $label, Dimension::Number, $choices, Rule::Same, 0.0, $otherwise, $effect, Source::practice());
    }

    /** @return array{Entry, Entry} of what was there, and of what is to be fitted */
    public function entries(): array
    {
        $entry = fn (string $which, string $words): Entry => $this->choices === []
            ? Entry::maybe("{$which}_$this->name", "$this->label, $words", $this->dimension)
            : Entry::choice("{$which}_$this->name", "$this->label, $words", [self::UNKNOWN, ...$this->choices]);

        return [$entry('old', 'was'), $entry('new', 'is')];
    }

    /** Nothing where one of the two is not known. */
    public function of(Given $given): ?Finding
    {
        return $this->choices === []
            ? $this->ofNumbers($given->maybe("old_$this->name"), $given->maybe("new_$this->name"))
            : $this->ofWords($given->word("old_$this->name"), $given->word("new_$this->name"));
    }

    private function ofNumbers(?float $old, ?float $new): ?Finding
    {
        if ($old === null || $new === null) {
            return null;
        }
        $figures = [new Figure("$this->label, was", $this->dimension, $old), new Figure("$this->label, is", $this->dimension, $new)];

        return $this->finding($this->rule->holds($old, $new, $this->share) ? $this->rule->kept($old, $new) : null, $figures);
    }

    private function ofWords(string $old, string $new): ?Finding
    {
        return in_array(self::UNKNOWN, [$old, $new], true) ? null : $this->finding($old === $new ? 'as it was' : null, []);
    }

    /**
     * @param  string|null  $kept  how it matches; null where it does not
     * @param  list<Figure>  $figures
     */
    private function finding(?string $kept, array $figures): Finding
    {
        $limit = new Limit(ucfirst($this->label).": {$this->rule->value}.", $this->source);

        return $kept === null
            ? new Finding($this->otherwise, $this->effect, $figures, $limit)
            : new Finding(Verdict::Good, ucfirst($this->label)." $kept.", $figures, $limit);
    }
}
