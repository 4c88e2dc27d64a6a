<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/**
 * What a meter shows, and what it would have a careful reader know about it.
 */
final readonly class MeterReading
{
    /**
     * @param  float|null  $value  SI, as displayed; null when the display shows no number
     * @param  bool  $overload  the display shows OL
     * @param  list<string>  $warnings  what spoils the reading, or why it must not be taken
     * @param  bool  $valid  false when the function must not be used there
     */
    public function __construct(
        public MeterFunction $function,
        public string $red,
        public string $black,
        public ?float $value,
        public bool $overload,
        public ?float $exact,
        public array $warnings,
        public bool $valid = true,
    ) {
    }

    /** The display, with its unit. */
    public function display(): string
    {
        return match (true) {
            ! $this->valid => 'not taken',
            $this->overload || $this->value === null => 'OL',
            default => Display::format($this->function, $this->value),
        };
    }

    /** The same reading with one more thing a careful reader should know. */
    public function noting(string $remark): self
    {
        return new self(
            $this->function,
            $this->red,
            $this->black,
            $this->value,
            $this->overload,
            $this->exact,
            [...$this->warnings, $remark],
            $this->valid,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'function' => $this->function->value,
            'red' => $this->red,
            'black' => $this->black,
            'value' => $this->value,
            'unit' => $this->function->unit(),
            'overload' => $this->overload,
            'plus_minus' => $this->value === null ? null : Spec::of($this->function)->error($this->value),
            'display' => $this->display(),
            'exact' => $this->exact,
            'valid' => $this->valid,
            'warnings' => $this->warnings,
        ];
    }
}
