<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * What hands and nose find at a part. Each is of one of three sorts: how its shaft turns, what is odd about it, what a tap does.
 *
 * How often a failure shows a sign is [practice, no published source].
 */
enum Sign: string
{
    case TurnsFreely = 'turns freely';
    case Stiff = 'stiff';
    case Seized = 'seized';
    case WithoutWheel = 'turns without its wheel';
    case StartsByHand = 'starts by hand';

    case Fine = 'nothing unusual';
    case Hot = 'hot';
    case Scorched = 'scorched';
    case Rubbed = 'rubbed';
    case Bulged = 'bulged';
    case Wet = 'wet';
    case Iced = 'iced';
    case Loose = 'loose on its base';

    case NoChange = 'no change';
    case CameOn = 'came on';

    /** A motor that does not turn its shaft. */
    public const SEIZED = ['seized' => 0.97];

    public const DRAGS = ['stiff' => 0.8];

    public const SLIPS = ['turns without its wheel' => 0.95];

    /** A winding or coil that has burnt. */
    public const BURNT = ['scorched' => 0.4];

    /** A contact that makes badly: burnt, and a tap may make it. */
    public const PITTED = ['scorched' => 0.5, 'came on' => 0.3];

    /** An armature or disc that sticks. */
    public const STICKS = ['came on' => 0.5];

    public const BULGED = ['bulged' => 0.5];

    public const FADED = ['bulged' => 0.15];

    /** A joint that works loose warms, and makes when it is touched. */
    public const LOOSE_JOINT = ['loose on its base' => 0.4, 'scorched' => 0.4, 'hot' => 0.3, 'came on' => 0.4];

    public const OVERHEATED = ['hot' => 0.8];

    public const RUBBED = ['rubbed' => 0.7];

    /** What is found of anything now and then, whatever is wrong; a shaft is not mistaken so easily. */
    private const BY_CHANCE = 0.02;

    private const SHAFT_BY_CHANCE = 0.002;

    /** @return non-empty-list<self> how its shaft turns, the healthy way first */
    public static function ofShaft(): array
    {
        return [self::TurnsFreely, self::Stiff, self::Seized, self::WithoutWheel, self::StartsByHand];
    }

    /** @return non-empty-list<self> what is odd about it, nothing first */
    public static function ofLooks(): array
    {
        return [self::Fine, self::Hot, self::Scorched, self::Rubbed, self::Bulged, self::Wet, self::Iced, self::Loose];
    }

    /** @return non-empty-list<self> what a tap does, nothing first */
    public static function ofTap(): array
    {
        return [self::NoChange, self::CameOn];
    }

    /** @return non-empty-list<self> all that can be found at a part, or at a wire */
    public static function of(Component $component): array
    {
        return [...$component->hasShaft() ? self::ofShaft() : [], ...self::ofLooks(), ...self::ofTap()];
    }

    /** @return non-empty-list<self> of the same sort, the usual one first */
    public function alternatives(): array
    {
        return match (true) {
            in_array($this, self::ofShaft(), true) => self::ofShaft(),
            in_array($this, self::ofTap(), true) => self::ofTap(),
            default => self::ofLooks(),
        };
    }

    /**
     * How often it is found where some failures are.
     *
     * @param  array<string, float>  $signs  of those failures
     */
    public function chance(array $signs): float
    {
        $others = array_slice($this->alternatives(), 1);
        $least = in_array($this, self::ofShaft(), true) ? self::SHAFT_BY_CHANCE : self::BY_CHANCE;
        $chances = array_map(static fn (self $s): float => max($signs[$s->value] ?? 0.0, $least), $others);
        $at = array_search($this, $others, true);

        return $at === false
            ? array_reduce($chances, static fn (float $none, float $chance): float => $none * (1 - $chance), 1.0)
            : $chances[$at];
    }
}
