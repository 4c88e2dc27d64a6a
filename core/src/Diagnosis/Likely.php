<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** How likely something is, in a word. */
final class Likely
{
    /**
     * From a probability on. [practice, no published source]
     *
     * @var array<string, float>
     */
    private const WORDS = ['almost certain' => 0.95, 'likely' => 0.5, 'possible' => 0.1];

    public static function word(float $probability): string
    {
        foreach (self::WORDS as $word => $from) {
            if ($probability >= $from) {
                return $word;
            }
        }

        return 'unlikely';
    }
}
