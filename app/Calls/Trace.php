<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Shop\ShopHabit;
use App\Shop\User;
use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Aftermath;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Check;
use Levin\Core\Diagnosis\Dossier;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\Leaning;
use Levin\Core\Diagnosis\Meaning;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Diagnosis\SuspectGroup;
use Levin\Core\Ladder\DrawnState;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Energy;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;
use Levin\Core\Record\Rung\Account;
use Levin\Core\Record\Rung\EveryMore;
use Levin\Core\Record\Rung\Loads;
use Levin\Core\Record\Rung\OpenItems;
use Levin\Core\Record\Rung\Rung;
use Levin\Core\Record\Rung\Visit;
use Levin\Core\Record\Standing;
use Levin\Core\Record\ThermostatSeen;

/** Works out how a call stands, from its log and the circuit revision it began with. */
final readonly class Trace implements Traces
{
    /** The diagram is drawn as the leading suspect has it once that is this probable. */
    private const LEADING = 0.5;

    public function __construct(private CircuitShelf $shelf, private Judging $judging, private PastVisits $past)
    {
    }

    #[\Override]
    public function of(int $id, User $for): TraceData
    {
        $call = Call::listed()->with(['revision', 'events.user'])->findOrFail($id);
        $habits = ShopHabit::chosen();
        $settler = $this->shelf->settler($call->revision);
        $model = $settler->model;
        $judged = $this->judging->of($call);
        $visit = $this->judging->visit($call, $judged);
        $standing = Standing::after($model->circuit, $call->log(), $judged);
        $from = $standing->standpoint(new Leaning($habits));
        [$assessment, $checks] = $this->alone($call, function (Investigation $investigation) use ($call, $standing, $from) {
            $assessment = $investigation->assess($standing->allEvidence(), $from);
            $aftermath = new Aftermath($investigation->predictor());
            $checks = $this->aftermath($aftermath, $this->foundFaults($call, $assessment), $assessment, $standing);
            $investigation->predictor()->keep();

            return [$assessment, $checks];
        });
        $leading = $this->leading($assessment, $standing);
        $faults = $model->faults->parseAll(array_slice($leading->faults ?? [], 0, 1));
        $settled = $settler->standing($standing->conditions, $faults);

        return new TraceData(
            CallData::of($call, $for),
            $call->revision->id,
            StandingData::of($standing, Energy::highest($settled)),
            $this->events($call, $standing, $judged, $assessment),
            DrawnState::of($settled),
            $leading?->labels[0],
            SuspectsData::of($assessment, $model->circuit),
            array_map(static fn (Advice $a): AdviceData => AdviceData::of($a, $model, $standing), $assessment->next),
            $assessment->proved,
            $checks[0],
            $checks[1],
            array_map(RungContactData::of(...), (new Rung($visit))->contacts()),
            array_map(OpenItemData::of(...), OpenItems::of($visit)),
            self::thermostat($visit),
            self::idsOf($assessment->unexplained, $standing),
            array_map(LoadData::of(...), Loads::of($visit)),
            array_map(MoreData::of(...), EveryMore::of($visit, $habits)),
            (new Account($visit))->words(),
            $this->past->before($call, $visit),
        );
    }

    /**
     * @param  list<string>  $faults  of the finding
     * @return array{list<CheckData>, list<CheckData>} why, and what is not proved behind it
     */
    private function aftermath(Aftermath $aftermath, array $faults, Assessment $assessment, Standing $standing): array
    {
        $calling = $standing->conditions->calling($standing->circuit);
        $told = static fn (Check $c): CheckData => CheckData::of($c, $standing->looked);

        return $faults === [] ? [[], []] : [
            array_map($told, $aftermath->why($faults, $calling)),
            array_map($told, $aftermath->behind($faults, $assessment->proved, $calling)),
        ];
    }

    /** @return list<string> */
    private static function thermostat(Visit $visit): array
    {
        $seen = $visit->last(EventType::Thermostat);

        return $seen === null ? [] : ThermostatSeen::of($seen)->says();
    }

    /**
     * @param  list<Evidence>  $evidence
     * @return list<string> of the events that it came with
     */
    private static function idsOf(array $evidence, Standing $standing): array
    {
        $said = array_fill_keys(array_map(static fn (Evidence $e): string => $e->says(), $evidence), true);
        $ids = [];
        foreach ($standing->evidence as $id => $own) {
            foreach ($own as $one) {
                $ids = isset($said[$one->says()]) ? [...$ids, $id] : $ids;
            }
        }

        return array_values(array_unique($ids));
    }

    /** @return list<string> of the finding that is recorded, or else of the one that Levin has */
    private function foundFaults(Call $call, Assessment $assessment): array
    {
        $recorded = [];
        foreach ($call->log() as $event) {
            $faults = $event->type === EventType::Finding ? $event->data['faults'] ?? [] : $recorded;
            $recorded = array_values(array_filter(is_array($faults) ? $faults : [], is_string(...)));
        }

        return $recorded === [] ? $assessment->found()->faults ?? [] : $recorded;
    }

    #[\Override]
    public function meaning(Call $call, string $event): ?MeaningData
    {
        $standing = $this->standing($call);
        if (! isset($standing->evidence[$event])) {
            return null;
        }
        $from = self::from($standing);

        return $this->alone($call, static fn (Investigation $i): ?MeaningData => self::meanings(
            $standing,
            $i->hear($standing->allEvidence(), $from)->meanings(),
        )[$event] ?? null);
    }

    /** Works out what is next, and keeps it at hand. */
    public function assessed(int $id): void
    {
        $this->ahead($id, static fn (Investigation $i, array $evidence, Standpoint $from) => $i->assess($evidence, $from));
    }

    /** Works out what the likely results of the next tests would come to, and keeps it at hand. */
    public function goAhead(int $id): void
    {
        $this->ahead($id, static fn (Investigation $i, array $evidence, Standpoint $from) => $i->goAhead(
            $evidence,
            $i->assess($evidence, $from),
            $from,
        ));
    }

    #[\Override]
    public function suppose(Call $call, EventType $type, array $data): void
    {
        $call->load(['revision', 'events']);
        $gate = new Gate($this->shelf->model($call->revision), ShopHabit::chosen());
        try {
            $event = new Event('', $type, $gate->admit($type, $data, $call->log()));
        } catch (Refusal) {
            // not all of it has been typed
            return;
        }
        $standing = $this->standing($call, $event);
        $this->alone($call, static function (Investigation $i) use ($standing): null {
            $i->suppose($standing->allEvidence(), self::from($standing));

            return null;
        });
    }

    /** @param  \Closure(Investigation, list<Evidence>, Standpoint): mixed  $work */
    private function ahead(int $id, \Closure $work): void
    {
        $call = Call::query()->findOrFail($id);
        $standing = $this->standing($call);
        $this->alone($call, static fn (Investigation $i): mixed => $work($i, $standing->allEvidence(), self::from($standing)));
    }

    /**
     * @template T
     *
     * @param  \Closure(Investigation): T  $work
     * @return T
     */
    private function alone(Call $call, \Closure $work): mixed
    {
        return $this->shelf->alone($call->revision, $work, (string) $call->id);
    }

    /** @param  Event  $more  besides what is in its log */
    private function standing(Call $call, Event ...$more): Standing
    {
        $call->load(['revision', 'events']);
        $log = [...$call->log(), ...array_values($more)];

        return Standing::after($this->shelf->model($call->revision)->circuit, $log, $this->judging->of($call, ...$more));
    }

    private static function from(Standing $standing): Standpoint
    {
        return $standing->standpoint(new Leaning(ShopHabit::chosen()));
    }

    #[\Override]
    public function dossier(Call $call, string $target): ?Dossier
    {
        $standing = $this->standing($call);
        $evidence = $standing->allEvidence();
        $from = self::from($standing);

        return $this->alone($call, static fn (Investigation $i): ?Dossier => Dossier::of(
            $target,
            $i->predictor(),
            $evidence,
            $i->assess($evidence, $from),
        ));
    }

    #[\Override]
    public function byItself(Call $call, string $target): AloneData
    {
        $standing = $this->standing($call);
        $model = $this->shelf->model($call->revision);

        $told = static fn (Advice $a): AdviceData => AdviceData::of($a, $model, $standing);
        [$evidence, $from] = [$standing->allEvidence(), self::from($standing)];

        return $this->alone($call, static fn (Investigation $i): AloneData => new AloneData(
            array_map($told, $i->byItself($target, $evidence, $from)),
            array_map($told, $i->underLoad($target, $evidence, $from)),
        ));
    }

    #[\Override]
    public function expected(Call $call, MeterFunction $function, string $red, string $black, int $turns): ExpectedData
    {
        $call->load(['revision', 'events']);
        $standing = Standing::after($this->shelf->model($call->revision)->circuit, $call->log());
        if ($function->isDeadTest() && ! $standing->provedDead) {
            return ExpectedData::notProvedDead();
        }

        $investigation = $this->shelf->investigation($call->revision, (string) $call->id);

        return ExpectedData::of($function->goesOnWires()
            ? $investigation->expectedOnWires($function, $red, $turns, $standing->conditions)
            : $investigation->expected($function, $red, $black, $standing->conditions), $function);
    }

    private function leading(Assessment $assessment, Standing $standing): ?SuspectGroup
    {
        $first = $assessment->groups[0] ?? null;

        return $standing->evidence !== [] && $first !== null && $first->faults !== [] && $first->probability >= self::LEADING
            ? $first
            : null;
    }

    /**
     * @param  list<Event>  $judged  by the checks of the bench, with the ids of the readings
     * @return list<LogEventData>
     */
    private function events(Call $call, Standing $standing, array $judged, Assessment $assessment): array
    {
        $meanings = self::meanings($standing, $assessment->meanings);
        $verdicts = [];
        foreach ($judged as $one) {
            $verdicts[$one->id] = PartVerdictData::of(Kept::stored($one->data));
        }

        return array_values(array_map(
            static fn (CallEvent $e): LogEventData => LogEventData::of(
                $e,
                $meanings[$e->id] ?? null,
                $standing->struck[$e->id] ?? null,
                $verdicts[$e->id] ?? null,
            ),
            $call->events->all(),
        ));
    }

    /**
     * @param  list<Meaning>  $meanings  of all pieces of evidence
     * @return array<string, MeaningData> by event
     */
    private static function meanings(Standing $standing, array $meanings): array
    {
        $all = [];
        $n = 0;
        foreach ($standing->evidence as $id => $items) {
            // of what came and went, the last has the whole of it
            $n += count($items);
            $all[$id] = MeaningData::of($meanings[$n - 1]);
        }

        return $all;
    }
}
