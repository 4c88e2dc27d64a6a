<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Trace;
use App\Circuits\CircuitShelf;

/**
 * Answers questions about the calls on one circuit, which it has at hand with all that has been worked out of it. When nobody asks, it
 * goes ahead: what the next test's likely results would come to.
 */
final class Desk
{
    /** Nobody has asked for so long: it is given up. Seconds. */
    private const IDLE = 1200;

    /** With more than this in its hands it is given up once nobody waits, for another one to begin anew. Bytes. */
    private const FULL = 1_500_000_000;

    /** Whoever was told what something means asks at once what is next. Seconds. */
    private const MOMENT = 1;

    private bool $isKept = true;

    /**
     * @param  \Closure(): Trace  $trace  as things are then
     * @param  bool  $goesAhead  while nobody asks
     */
    public function __construct(
        private readonly Door $door,
        private readonly CircuitShelf $shelf,
        private readonly \Closure $trace,
        private readonly bool $goesAhead = true,
    ) {
    }

    public function sit(): void
    {
        // in the middle of an answer it takes as long again: there is time for it when nobody waits
        gc_disable();
        $asked = time();
        while ($this->door->isThere() && time() - $asked < self::IDLE && memory_get_usage() < self::FULL) {
            if (! $this->door->isKnocked(1)) {
                $this->tidy();

                continue;
            }
            $asked = time();
            $talk = $this->door->comeIn();
            $question = $talk === null ? null : $this->heard($talk);
            if ($question !== null && $this->door->isThere()) {
                $this->goAhead($question);
            }
        }
        $this->tidy();
    }

    private function heard(Talk $talk): ?Question
    {
        try {
            $question = $talk->hear();
            if (! $question instanceof Question) {
                return null;
            }
            $talk->say($this->answered($question));

            return $question;
        } catch (NoDesk) {
            // whoever asked did not wait
            return null;
        }
    }

    private function answered(Question $question): Answer
    {
        try {
            return new Answer(true, $question->answer(($this->trace)()));
        } catch (\Exception $e) {
            // whoever asked works it out, and is told what is wrong with it
            return new Answer(false, $e->getMessage());
        }
    }

    private function goAhead(Question $question): void
    {
        try {
            $trace = ($this->trace)();
            $this->isKept = false;
            $this->door->isAhead = $question->canWait();
            if ($question->then($trace) && $this->door->isKnocked(self::MOMENT) || ! $this->goesAhead) {
                return;
            }
            $this->door->isAhead = true;
            $trace->goAhead($question->call);
        } catch (SomebodyWaits) {
            return;
        } catch (\Exception $e) {
            report($e);
        } finally {
            $this->door->isAhead = false;
        }
    }

    /** What was worked out is kept for those who come after. */
    private function tidy(): void
    {
        if (! $this->isKept) {
            $this->isKept = $this->shelf->keep(fn (): bool => $this->door->isKnocked(0));
            gc_collect_cycles();
        }
    }
}
