<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Ladder\DrawnState;

/** A call as it stands: everything that an event can change. What stays the same is the sheet of its revision. */
final readonly class TraceData extends Data
{
    /**
     * @param  int  $revision  of the circuit the call is worked on with, to ask for its sheet by
     * @param  list<LogEventData>  $events
     * @param  list<AdviceData>  $next  best first
     * @param  list<CheckData>  $why  what may have brought the finding about, cheapest check first
     * @param  list<CheckData>  $behind  what sits behind it and nothing has proved
     * @param  list<RungContactData>  $rung  in order
     * @param  list<OpenItemData>  $openItems  what this visit has to put back
     * @param  list<string>  $thermostat  what was last seen at the thermostat says
     * @param  list<string>  $unexplained  ids of events that the leading suspect does not explain
     * @param  list<LoadData>  $loads  that are verified
     * @param  list<MoreData>  $more  that is measured where it matters
     * @param  list<PastVisitData>  $past  the last visits to this unit, the last first
     * @param  string  $account  the visit told for the customer, line by line
     * @param  list<string>  $proved  parts and wires shown good by a reading
     */
    public function __construct(
        public CallData $call,
        public int $revision,
        public StandingData $standing,
        public array $events,
        public DrawnState $drawn,
        public ?string $drawnAs,
        public SuspectsData $suspects,
        public array $next,
        public array $proved,
        public array $why,
        public array $behind,
        public array $rung,
        public array $openItems,
        public array $thermostat,
        public array $unexplained,
        public array $loads,
        public array $more,
        public string $account,
        public array $past,
    ) {
    }
}
