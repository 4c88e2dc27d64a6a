<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Record\Rung\RungContact;

/** An event cannot be taken as things stand. The message says why and what to do. */
final class Refusal extends RecordException
{
    /** @param  string  $field the part of the event it is about */
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    /** Something the core itself found wrong with a name or a reading. */
    public static function because(string $field, \Throwable $why): self
    {
        return new self($field, $why->getMessage());
    }

    public static function closed(): self
    {
        return new self('type', 'This call is closed. Reopen it first; nothing was changed.');
    }

    public static function open(): self
    {
        return new self('type', 'This call is open already.');
    }

    public static function empty(string $field, string $message): self
    {
        return new self($field, $message);
    }

    public static function tooLong(string $field, int $most): self
    {
        return new self($field, "\"$field\" is longer than $most characters. Shorten it; nothing was changed.");
    }

    public static function tooMany(string $field, int $most): self
    {
        return new self($field, "\"$field\" lists more than $most. Shorten it; nothing was changed.");
    }

    public static function notAFlag(string $field): self
    {
        return new self($field, "\"$field\" must be true or false.");
    }

    /** @param  list<string>  $choices  what can be seen of the part */
    public static function notSeen(string $part, string $seen, array $choices): self
    {
        return new self('seen', $choices === []
            ? "There is nothing to see of $part."
            : "\"$seen\" is not something $part can do. Choose one of: ".implode(', ', $choices).'.');
    }

    /** @param  list<string>  $lifted  wires */
    public static function powerOnLiftedLeads(array $lifted): self
    {
        return new self('value', 'Leads are lifted: '.implode(', ', $lifted).'. Land them before power comes back.');
    }

    /** @param  list<string>  $choices */
    public static function notFelt(string $target, string $felt, array $choices): self
    {
        return new self('felt', "\"$felt\" is not something hands or nose find at $target. Choose of: ".implode(', ', $choices).'.');
    }

    /** @param  list<string>  $reasons */
    public static function unknownBar(array $reasons): self
    {
        return new self('why', 'Say why it cannot be done now: '.implode(', ', $reasons).'.');
    }

    /** @param  list<string>  $places */
    public static function unknownPlace(array $places): self
    {
        return new self('what', 'Name the place that cannot be reached: '.implode(', ', $places).'.');
    }

    public static function badDelay(): self
    {
        return new self('after', 'Say how soon it opened: seconds after it was put in, or at once.');
    }

    public static function noPilotGives(string $entered): self
    {
        return new self(
            'entered',
            "A pilot generator gives less than a volt: \"$entered\" cannot be volts. Millivolts are typed with mV behind them: 480 mV.",
        );
    }

    public static function badTurns(int $most): self
    {
        return new self('turns', "Say how often the wire goes through the jaw of the clamp: a whole number from 1 to $most.");
    }

    public static function notOneWire(): self
    {
        return new self('red', 'Microamperes are read in series with one wire: name that wire.');
    }

    public static function partOnLiveCircuit(): self
    {
        return new self('part', 'Parts are pulled, put in and replaced on a dead circuit only. Prove it dead first.');
    }

    public static function roundAGasSafety(string $part): self
    {
        return new self(
            'to',
            "That jumper would go round, or feed, $part. What keeps a burner safe is never bypassed, not for a test either: "
                .'read the volts across it instead.',
        );
    }

    public static function noJumpersHere(): self
    {
        return new self('on', 'Your shop makes no jumper tests. Prove the part with the meter; a lead changes that in Shop.');
    }

    /** @param  list<string>  $jumpers */
    public static function jumpersStillOn(array $jumpers): self
    {
        return new self('type', 'A jumper is still on: '.implode(', ', $jumpers).'. Take it off before closing the call.');
    }

    public static function leadOnLiveCircuit(): self
    {
        return new self('wire', 'Leads are lifted and landed on a dead circuit only. Prove it dead first.');
    }

    /** @param  list<string>  $functions  those there are */
    public static function unknownFunction(string $name, array $functions): self
    {
        return new self('function', "There is no meter function \"$name\" here. Choose one of: ".implode(', ', $functions).'.');
    }

    public static function onePointTwice(): self
    {
        return new self('black', 'Both probes are on the same point. Put them on two.');
    }

    public static function deadTestOnLiveCircuit(): self
    {
        return new self(
            'function',
            'This circuit is not proved dead. Never put a meter on ohms, continuity or capacitance across a circuit that may be live: '
            .'switch off, lock out, then prove it dead (tester on a known source, on the circuit, on the source again).',
        );
    }

    /** @param  list<string>  $on  labels of switches */
    public static function stillOn(array $on): self
    {
        return new self(
            'type',
            'Still on: '.implode(', ', $on).'. Switch off every feed and lock it out before proving dead; '
            .'turning off the disconnect alone does not kill the rest.',
        );
    }

    public static function proofIncomplete(string $step, string $what): self
    {
        return new self($step, "The proof is not complete: test $what.");
    }

    public static function noPhoto(): self
    {
        return new self('photo', 'That photograph is not here. Send the picture first, then what it is of.');
    }

    public static function noFaultNamed(): self
    {
        return new self('faults', 'A finding names at least one fault.');
    }

    public static function struckAlready(): self
    {
        return new self('event', 'That one is struck out already.');
    }

    public static function notToBeStruck(): self
    {
        return new self('event', 'Only what was read, seen or done can be struck out, of this call. '
            .'What was switched or lifted is switched or landed again.');
    }

    /** @param  non-empty-list<string>  $choices */
    public static function notOneOf(string $field, array $choices): self
    {
        return new self($field, "\"$field\" must be one of: ".implode(', ', $choices).'.');
    }

    public static function nothingFoundYet(): self
    {
        return new self('type', 'Nothing is found yet. First what is wrong, then what made it so.');
    }

    public static function lookedForNothing(): self
    {
        return new self('kind', 'Nothing was looked for yet: look at one cause at least, and write down what came of it.');
    }

    public static function condemnedAndOn(): self
    {
        return new self('how', 'What is condemned is off: switch it off, or take its wires off, and tag it.');
    }

    public static function both(string $one, string $other): self
    {
        return new self($one, "It cannot be \"$one\" and have \"$other\" too.");
    }

    /** The coil cannot pull in past an open contact. */
    public static function rungOpen(RungContact $at): self
    {
        return new self('type', 'The call cannot be closed: "'.ucfirst($at->contact->value).'" is open. '.implode(' ', $at->open));
    }

    /** @param  list<string>  $words */
    public static function badMoment(array $words): self
    {
        return new self('moment', 'Say when it was: seconds after power and call came on, or '.implode(', ', $words).'.');
    }

    public static function onlyTheMostAsItStarts(): self
    {
        return new self('moment', 'As it starts, only the most volts can be kept, or the most microamperes in series; '
            .'take other readings on the unit as it stands.');
    }

    /** A call that is read from a file. */
    public static function unreadableCall(string $why): self
    {
        return new self('events', $why);
    }

    /** @param  list<string>  $results */
    public static function badResult(array $results): self
    {
        return new self('result', 'Say what came of it: '.implode(', ', $results).'.');
    }

    public static function notOnIt(string $wire, string $part): self
    {
        return new self('wire', "\"$wire\" is no wire on $part.");
    }

    /** @param  non-empty-list<string>  $wires  in words */
    public static function leftOver(string $part, array $wires): self
    {
        $count = count($wires);
        $are = $count === 1 ? 'One wire is' : "$count wires are";

        return new self('part', "$are left over on $part: ".implode('; ', $wires).'. Move it, one at a time, then it is done.');
    }
}
