<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What one piece of evidence did to the suspects. */
final readonly class Meaning
{
    /**
     * @param  bool  $asHealthy  it is what a healthy unit shows
     * @param  int  $before  suspects in play before it
     * @param  int  $after  and after it
     * @param  string  $text  in a few words
     */
    public function __construct(public bool $asHealthy, public int $before, public int $after, public string $text)
    {
    }
}
