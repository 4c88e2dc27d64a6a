<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What a check comes to: the verdict, and all that stands behind it. */
final readonly class Judgement
{
    /**
     * @param  string  $headline  the verdict on this part, in a few words
     * @param  list<string>  $findings  what the numbers say, in sentences, the most important first
     * @param  list<Figure>  $figures  the numbers behind it
     * @param  list<Limit>  $limits  what it was held against
     * @param  string  $next  what to do now
     * @param  Row|null  $row  where the probes went, with what they read
     * @param  list<Phasor>  $phasors  of a supply
     */
    public function __construct(
        public Verdict $verdict,
        public string $headline,
        public array $findings,
        public array $figures,
        public array $limits,
        public string $next,
        public ?Row $row = null,
        public array $phasors = [],
    ) {
    }

    /**
     * The same with a picture of voltages.
     *
     * @param  list<Phasor>  $phasors
     */
    public function pictured(array $phasors): self
    {
        return new self($this->verdict, $this->headline, $this->findings, $this->figures, $this->limits, $this->next, $this->row, $phasors);
    }

    /**
     * Of several findings: the worst of them is the verdict, and is said first.
     *
     * @param  list<Finding>  $findings
     * @param  string  $good  the headline where all of them are
     * @param  string  $then  what to do then
     * @param  string  $bad  what to do where one is bad
     * @param  string  $else  what to do where one is doubtful, or too little is known
     */
    public static function ofAll(array $findings, string $good, string $then, string $bad, string $else): self
    {
        if ($findings === []) {
            return new self(Verdict::CannotSay, 'Too little is known', ['Give one of its readings at the least.'], [], [], $else);
        }
        $worst = $findings[0];
        foreach ($findings as $finding) {
            $worst = $finding->verdict->and($worst->verdict) === $worst->verdict ? $worst : $finding;
        }
        $limits = [];
        foreach ($findings as $finding) {
            $limits += $finding->limit === null ? [] : [$finding->limit->words => $finding->limit];
        }

        return new self(
            $worst->verdict,
            $worst->verdict === Verdict::Good ? $good : $worst->headline(),
            array_map(static fn (Finding $f): string => $f->words, $findings),
            array_merge(...array_map(static fn (Finding $f): array => $f->figures, $findings)),
            array_values($limits),
            match ($worst->verdict) {
                Verdict::Good => $then,
                Verdict::Bad => $bad,
                default => $else,
            },
        );
    }
}
