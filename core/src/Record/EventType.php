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

    /** hands and nose: {target, felt}; a part or wire, a Sign or several with commas; a tap and what came of it too */
    case Felt = 'felt';

    /** an instrument on the world: {quantity, entered} plus {value} in the quantity's unit */
    case Measured = 'measured';

    /** what opened again after it was put in, and how soon: {part, after} in seconds */
    case Tripped = 'tripped';

    /**
     * {function, red, black, entered, moment} plus {value, overload} as understood; as it starts it is the most that showed. Amperes and
     * microamperes have wires in red, joined by +, ~ before one that goes against its direction, and {turns}
     */
    case Reading = 'reading';

    /** a part judged on the bench: {part, check, given, units} plus {label, verdict, headline, figures}, see Checks\Bench\Kept */
    case Judged = 'judged';

    /** a jumper wire put on or taken off: {from, to, on, reason} */
    case Jumper = 'jumper';

    /** a fuse taken out, a plug pulled, or put back: {part, out} */
    case Pulled = 'pulled';

    /** what cannot be done now, or can be again: {why, what, barred}; a place, nothing, or a test's key; see Barred */
    case Barred = 'barred';

    /** a new part fitted: {part, fitted, serial, is}; what was learned of it before no longer speaks. See Checks\Replacement\Swap */
    case Replaced = 'replaced';

    /** a wire of a part that is swapped, lifted and landed on the new one: {part, wire, to} plus {label, words} */
    case Moved = 'moved';

    /** every wire of a part is on the new one: {part} plus {label, wires} */
    case Swapped = 'swapped';

    /** tester on a known source, on the circuit, on the source again: {} */
    case ProvedDead = 'proved-dead';

    /** {text} */
    case Note = 'note';

    /** what was done at the unit before was read: {visits} */
    case HistoryRead = 'history-read';

    /** in the customer's words: {words, since, pattern}; all the time, now and then, not known */
    case Complaint = 'complaint';

    /** a photograph: {photo, part, words}; sha256 of the picture, a part or none */
    case Photo = 'photo';

    /** what is seen at the thermostat: {mode, set, shows, seated, words}; see ThermostatMode, temperatures as typed */
    case Thermostat = 'thermostat';

    /** of what was found: {kind, words}; found, not found, wear */
    case Cause = 'cause';

    /** work that is no part: {target, label, words, before, after} */
    case Worked = 'worked';

    /** how the unit is left that cannot be put right now: {how, words, must_not, off}; see LeftHow */
    case Left = 'left';

    /** it was watched after the repair: {minutes, as_expected, words} */
    case Watched = 'watched';

    /** {who, words, said} */
    case WasTold = 'told';

    /** a contact of the call's rung jumpered, or the jumper taken off: {contact, on, reason} */
    case Waived = 'waived';

    /** a cause, or a part behind the finding, looked at: {target, label, result} with ok, bad or cannot tell */
    case LookedFor = 'looked-for';

    /**
     * {faults, label, cause}; in the technician's own words: {words, label, cause} and no faults; that nothing is wrong here, with what was
     * checked: {nothing, words, label}. {beside} the one before, {unexplained} ids of readings that it does not explain
     */
    case Finding = 'finding';

    /** takes an earlier event out of the evidence: {event, reason} */
    case Strike = 'strike';

    /** {} */
    case Closed = 'closed';

    /** {reason} */
    case Reopened = 'reopened';

    /** Whether it tells something of the unit. */
    public function isEvidence(): bool
    {
        return in_array($this, [self::Observation, self::Felt, self::Measured, self::Tripped, self::Reading, self::Judged], true);
    }

    /** Whether it can be struck out: what was learned, and what somebody wrote that was done. What was switched is switched back. */
    public function isStrikable(): bool
    {
        $written = [
            self::Complaint, self::Photo, self::Thermostat, self::Cause, self::Replaced, self::Worked, self::Left, self::Watched,
            self::WasTold, self::Moved, self::Swapped,
        ];

        return $this->isEvidence() || in_array($this, $written, true);
    }
}
