<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

/** One change of a circuit that is being made. A new sort of change is one new file in Edits. */
abstract readonly class Edit
{
    /** @throws CannotEdit */
    abstract public function on(Draft $draft): Draft;

    /** What was done, in words. */
    abstract public function words(): string;

    /** How it is said: a verb and what it takes. */
    abstract public static function usage(): string;

    /**
     * @param  list<string>  $words  after the verb
     *
     * @throws CannotEdit when they are not those that it takes
     */
    abstract public static function said(array $words): self;

    /** The word that its usage begins with. */
    public static function verb(): string
    {
        return explode(' ', static::usage())[0];
    }

    /**
     * @param  list<string>  $words
     *
     * @throws CannotEdit when there are fewer or more than it takes
     */
    protected static function need(array $words, int $least, ?int $most = null): void
    {
        if (count($words) < $least || count($words) > ($most ?? $least)) {
            throw CannotEdit::words(static::usage());
        }
    }
}
