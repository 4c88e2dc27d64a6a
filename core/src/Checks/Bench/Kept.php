<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What a check came to, as it is kept with a call or a unit. */
final readonly class Kept
{
    /**
     * @param  string  $headline  the verdict on the part, in a few words
     * @param  list<Figure>  $figures  the numbers behind it
     */
    private function __construct(public string $check, public Verdict $verdict, public string $headline, public array $figures)
    {
    }

    /**
     * @param  array<string, string>  $typed  by the entry's name
     * @param  array<string, string>  $symbols  of the unit that a bare number is in, by the same
     *
     * @throws BadGiven
     */
    public static function of(string $check, array $typed, array $symbols): self
    {
        $part = PartChecks::named($check);
        $judgement = $part->of($typed, Entry::units($part->about()->entries, $symbols));

        return new self($check, $judgement->verdict, $judgement->headline, $judgement->figures);
    }

    /** @return array<string, mixed> as it is stored: check, verdict, headline, figures in SI */
    public function data(): array
    {
        return [
            'check' => $this->check,
            'verdict' => $this->verdict->value,
            'headline' => $this->headline,
            'figures' => array_map(static fn (Figure $f): array => $f->data(), $this->figures),
        ];
    }

    /**
     * As it was stored; of a check that there is no more, too.
     *
     * @param  array<array-key, mixed>  $data
     */
    public static function stored(array $data): self
    {
        $text = static fn (mixed $value): string => is_string($value) ? $value : '';
        $figures = array_filter(is_array($data['figures'] ?? null) ? $data['figures'] : [], is_array(...));

        return new self(
            $text($data['check'] ?? null),
            Verdict::tryFrom($text($data['verdict'] ?? null)) ?? Verdict::CannotSay,
            $text($data['headline'] ?? null),
            array_values(array_map(Figure::stored(...), $figures)),
        );
    }

    /** SI; null where it has no such figure, or the meter was over its range. */
    public function value(string $figure): ?float
    {
        foreach ($this->figures as $one) {
            if ($one->label === $figure) {
                return $one->value;
            }
        }

        return null;
    }
}
