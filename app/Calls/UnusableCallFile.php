<?php

declare(strict_types=1);

namespace App\Calls;

use App\Photos\UnreadablePhoto;
use Levin\Core\Record\Refusal;

/** A call file cannot be taken in; the message says why and what to do. Nothing was changed. */
final class UnusableCallFile extends \RuntimeException
{
    private static function because(string $why): self
    {
        return new self("$why Nothing was changed.");
    }

    public static function notOne(): self
    {
        return self::because('This is not a Levin call file. Choose a file that was exported as "call-….json".');
    }

    public static function tooLong(int $most): self
    {
        return self::because("It holds more than $most events.");
    }

    public static function lacks(string $key): self
    {
        return self::because("The file lacks \"$key\". It may have been edited; export it again.");
    }

    public static function fieldTooLong(string $key, int $most): self
    {
        return self::because("\"$key\" is longer than $most characters. It may have been edited; export it again.");
    }

    public static function badMoment(BadMoment $why): self
    {
        return self::because("{$why->getMessage()} It may have been edited; export it again.");
    }

    public static function badPhoto(UnreadablePhoto $why): self
    {
        return self::because("{$why->getMessage()} The file may have been edited; export it again.");
    }

    public static function unknownUnit(string $serial): self
    {
        return self::because("There is no unit with serial number $serial here. Enter the unit first.");
    }

    public static function unknownRevision(string $circuit): self
    {
        return self::because(
            "This call was worked on with a revision of the circuit \"$circuit\" that is not here. Take that circuit file in first.",
        );
    }

    public static function noNumber(): self
    {
        return self::because('The call has no number. It may have been edited; export it again.');
    }

    public static function callIsHere(int $number): self
    {
        return self::because("Call $number is here already.");
    }

    public static function eventIsHere(int $n): self
    {
        return self::because("Event $n is here already.");
    }

    public static function twice(int $n): self
    {
        return self::because("Event $n has the id of one before it.");
    }

    public static function unknownType(int $n): self
    {
        return self::because("Event $n is of an unknown type.");
    }

    public static function noUuid(int $n): self
    {
        return self::because("The id of event $n is not a UUID.");
    }

    public static function refused(int $n, Refusal $why): self
    {
        return self::because("Event $n cannot be taken: {$why->getMessage()}");
    }

    public static function contradicts(int $n): self
    {
        return self::because("Event $n contradicts itself: what was entered does not mean what the file says.");
    }
}
