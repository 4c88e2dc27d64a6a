<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** What can happen on a call. */
enum EventType: string
{
    /** eyes and ears: {part, seen, moment}; several things seen are one text, with commas; see WhenSeen */
    case Observation = 'observation';

    /** a switch or call changed: {name, value} */
    case Condition = 'condition';

    /** a wire lifted or landed: {wire, lifted} */
    case Lead = 'lead';

    /** {function, red, black, entered, moment} plus {value, overload} as understood; as it starts it is the most that showed */
    case Reading = 'reading';

    /** tester on a known source, on the circuit, on the source again: {} */
    case ProvedDead = 'proved-dead';

    /** {text} */
    case Note = 'note';

    /** a cause, or a part behind the finding, looked at: {target, label, result} with ok, bad or cannot tell */
    case LookedFor = 'looked-for';

    /** {faults, label, cause}; in the technician's own words: {words, label, cause} and no faults */
    case Finding = 'finding';

    /** takes an earlier event out of the evidence: {event, reason} */
    case Strike = 'strike';

    /** {left_off} when the power stays off: why, and who knows of it */
    case Closed = 'closed';

    /** {reason} */
    case Reopened = 'reopened';
}
