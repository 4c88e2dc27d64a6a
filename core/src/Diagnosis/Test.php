<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\UnknownName;

/**
 * Something that can be done to learn about a unit. A new sort of test is a class of its own.
 *
 * What it shows is a word, or a number in SI; null for OL.
 */
interface Test
{
    /** The same for the same test, whichever way round the leads are held. */
    public function key(): string;

    public function act(): Act;

    public function title(Circuit $circuit): string;

    /** The act itself, as an order. */
    public function order(Circuit $circuit): string;

    /** What was shown, by itself. */
    public function words(float|string|null $shown): string;

    /** What was shown and where. */
    public function result(float|string|null $shown): string;

    /** Where one stands to do it. */
    public function place(Circuit $circuit): string;

    /** Done: what it shows. */
    public function carriedOut(Hand $hand): float|string|null;

    /**
     * What a variant shows as it stands then.
     *
     * @throws UnknownName when it names a part or point the circuit does not have
     */
    public function shows(Predictor $predictor, Occasion $when, int $variant): float|string|null;

    /**
     * How some variants explain what was shown.
     *
     * @param  list<int>  $variants  all of each suspect's
     * @return array<int, Fit> by variant
     *
     * @throws UnknownName when it names a part or point the circuit does not have
     */
    public function fits(Predictor $predictor, Occasion $when, float|string|null $shown, array $variants): array;

    /** Whether a healthy unit shows it, as a technician would say it does. */
    public function isAsHealthy(Predictor $predictor, Occasion $when, float|string|null $shown): bool;

    /**
     * Variants by what they would show, in classes that can be told apart by it.
     *
     * @param  list<int>  $variants
     * @return list<non-empty-list<int>>
     */
    public function outcomes(Predictor $predictor, Occasion $when, array $variants): array;
}
