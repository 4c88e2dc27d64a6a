<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** Where careful people differ, and a shop has its own way. */
enum Habit: string
{
    case LiveOrDead = 'live or dead first';
    case SeriesString = 'how a string in series is read';
    case JumperTests = 'jumper tests';
    case GoodWinding = 'when a winding is good';
    case WeakCapacitor = 'weak capacitor';
    case WornContact = 'a worn contact, volts over it under load';
    case AlikeWindings = 'three windings that are alike';
    case MotorOfDeadCapacitor = 'a motor that ran on a dead capacitor';
    case FuseOfASet = 'one fuse of a set blown';
    case StartGear = 'start gear';
    case OriginalPart = 'original or universal part';
    case Gauges = 'gauges';
    case Guarantee = 'how long the shop stands by its work';

    public const BY_MINUTES = 'by what they tell a minute, and risk';

    public const LIVE_FIRST = 'live first';

    public const DEAD_FIRST = 'dead first';

    public const EITHER = 'whichever tells more a minute';

    public const TO_COMMON = 'each side to common';

    public const ACROSS = 'across each part';

    public const TIMED = 'timed, with a reason';

    public const NONE = 'none';

    public const SUMS = 'sums and symmetry, the maker\'s values where given';

    public const MAKERS = 'only by the maker\'s values';

    public const WITHIN_6 = '±6 %';

    public const WITHIN_5 = '±5 %';

    public const WITHIN_10 = '±10 %';

    public const TEN_OFF = 'shop: −10 %';

    public const HALF_A_VOLT = 'worn from 0.2 V, burnt from 0.5 V';

    public const THIRD_OF_A_VOLT = 'worn from 0.1 V, burnt from 0.3 V';

    public const TENTH = '5 % doubtful, 10 % bad';

    public const TWENTIETH = '3 % doubtful, 5 % bad';

    public const PROVE_IT = 'prove it; both where it ran long or reads over its plate';

    public const BOTH = 'replace both';

    public const WHOLE_SET = 'replace all of the set';

    public const ONE_OF_THEM = 'replace the one that blew';

    public const BY_VOLTAGE = 'one that drops out by voltage';

    public const ANY_GEAR = 'whichever fits';

    public const OPEN_CHOICE = 'whichever matches, every mismatch said';

    public const ORIGINAL = 'the original';

    public const WHEN_NEEDED = 'temperatures first, gauges when they say so';

    public const EVERY_CALL = 'on every call';

    public const DAYS_90 = '90 days';

    public const DAYS_30 = '30 days';

    public const YEAR = 'a year';

    public const NOT_AT_ALL = 'not at all';

    /** @return non-empty-list<string> what one can do, the usual first */
    public function choices(): array
    {
        return match ($this) {
            self::LiveOrDead => [self::BY_MINUTES, self::LIVE_FIRST, self::DEAD_FIRST],
            self::SeriesString => [self::EITHER, self::TO_COMMON, self::ACROSS],
            self::JumperTests => [self::TIMED, self::NONE],
            self::GoodWinding => [self::SUMS, self::MAKERS],
            self::WeakCapacitor => [self::WITHIN_6, self::WITHIN_5, self::WITHIN_10, self::TEN_OFF],
            self::WornContact => [self::HALF_A_VOLT, self::THIRD_OF_A_VOLT],
            self::AlikeWindings => [self::TENTH, self::TWENTIETH],
            self::MotorOfDeadCapacitor => [self::PROVE_IT, self::BOTH],
            self::FuseOfASet => [self::WHOLE_SET, self::ONE_OF_THEM],
            self::StartGear => [self::BY_VOLTAGE, self::ANY_GEAR],
            self::OriginalPart => [self::OPEN_CHOICE, self::ORIGINAL],
            self::Gauges => [self::WHEN_NEEDED, self::EVERY_CALL],
            self::Guarantee => [self::DAYS_90, self::DAYS_30, self::YEAR, self::NOT_AT_ALL],
        };
    }

    /** Why the usual is the usual, in a sentence. */
    public function why(): string
    {
        return match ($this) {
            self::LiveOrDead => 'Volts tell under real conditions, ohms are safer: a test is weighed by what it tells and what it risks.',
            self::SeriesString => 'Across a switch tells of that switch; to common tells which half of the string is dead.',
            self::JumperTests => 'It proves the rest at once and hides a fault as fast: watched, logged, off; never round a gas safety.',
            self::GoodWinding => 'Sums and symmetry need no book; a maker\'s values find what both leave out.',
            self::WeakCapacitor => 'Its mark is what the motor was built for; ±6 % is usual in North America.',
            self::WornContact => 'More than a few tenths of a volt is heat in the contact.',
            self::AlikeWindings => 'A meter and its clips are off by some of it.',
            self::MotorOfDeadCapacitor => 'Its current and its temperature tell whether it was hurt.',
            self::FuseOfASet => 'The others have had the same current, and are weaker than they look.',
            self::StartGear => 'It knows when the motor is up; a kit that waits by heat or time guesses.',
            self::OriginalPart => 'What comes of each mismatch is said, and the choice is left to the hand.',
            self::Gauges => 'Opening the system costs refrigerant and adds leaks.',
            self::Guarantee => 'A season shows what was done badly; local law may ask for more.',
        };
    }

    /** Where it acts, in a sentence. */
    public function acts(): string
    {
        return match ($this) {
            self::LiveOrDead => 'In which test comes next: the other kind has to tell twice as much a minute.',
            self::SeriesString => 'In which test comes next: the other way has to tell half as much again a minute.',
            self::JumperTests => 'Where a jumper goes on.',
            self::GoodWinding => 'Where the windings of a motor with three leads are judged, on the bench and in a call.',
            self::WeakCapacitor => 'Where a capacitor is judged, on the bench and in a call.',
            self::WornContact => 'Where the poles of a contactor are judged, on the bench and in a call.',
            self::AlikeWindings => 'Where the windings of a three-phase motor are judged, on the bench and in a call.',
            self::MotorOfDeadCapacitor => 'In what is to be done about a bad capacitor, on the bench and in a call.',
            self::FuseOfASet => 'In what the check of three fuses says to do.',
            self::StartGear => 'Where start gear is matched, on the bench and at Repair.',
            self::OriginalPart => 'At Repair, over what must match.',
            self::Gauges => 'At Verify, among what is to be measured.',
            self::Guarantee => 'At Arrive, beside the earlier visits to the unit.',
        };
    }
}
