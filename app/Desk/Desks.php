<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\AloneData;
use App\Calls\Call;
use App\Calls\ExpectedData;
use App\Calls\MeaningData;
use App\Calls\Trace;
use App\Calls\TraceData;
use App\Calls\Traces;
use App\Circuits\CircuitRevision;
use App\Circuits\Detached;
use App\Shop\User;
use Levin\Core\Diagnosis\Dossier;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\EventType;

/** Asks the desk of a call's circuit; puts one up where there is none, and does without where there can be none. */
final readonly class Desks implements Traces
{
    /** Seconds. What has not been worked out of a large circuit takes half a minute. */
    private const PATIENCE = 300;

    /** A path to a socket has no room for more. [sockaddr_un, POSIX: at least 92, 108 on Linux] */
    private const LONGEST = 100;

    /** Letters of a hash that tell it from any other here. */
    private const NAME = 12;

    /** Seconds. */
    private const STARTS = 15.0;

    /** @param  string|null  $folder  where their doors are; null: there are none */
    public function __construct(private Trace $here, private ?string $folder, private string $build)
    {
    }

    #[\Override]
    public function of(int $id, User $for): TraceData
    {
        return $this->ask(new HowItStands($id, $for->id), TraceData::class);
    }

    #[\Override]
    public function meaning(Call $call, string $event): ?MeaningData
    {
        return $this->askFor(new WhatItMeans($call->id, $event), MeaningData::class);
    }

    #[\Override]
    public function suppose(Call $call, EventType $type, array $data): void
    {
        try {
            $this->askedAt(new WhatItWouldMean($call->id, $type, $data));
        } catch (NoDesk) {
            // it is worked out once it is so
        }
    }

    #[\Override]
    public function dossier(Call $call, string $target): ?Dossier
    {
        return $this->askFor(new WhyItIsSuspected($call->id, $target), Dossier::class);
    }

    #[\Override]
    public function byItself(Call $call, string $target): AloneData
    {
        return $this->ask(new WhatTellsOfIt($call->id, $target), AloneData::class);
    }

    #[\Override]
    public function expected(Call $call, MeterFunction $function, string $red, string $black, int $turns): ExpectedData
    {
        return $this->ask(new WhatIsExpected($call->id, $function, $red, $black, $turns), ExpectedData::class);
    }

    /** Where the door of a circuit's desk is: by what the circuit is, whatever number a database has for it. */
    private function door(CircuitRevision $revision): string
    {
        $name = substr($revision->hash, 0, self::NAME).'-'.substr($this->build, 0, self::NAME);
        $door = $this->folder === null ? '' : "$this->folder/$name.sock";

        return $door === '' || strlen($door) > self::LONGEST ? throw new NoDesk('There are none.') : $door;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     */
    private function ask(Question $question, string $class): object
    {
        return $this->askFor($question, $class) ?? throw new \LogicException("There is always a $class.");
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T|null
     */
    private function askFor(Question $question, string $class): ?object
    {
        try {
            $value = $this->askedAt($question);
        } catch (NoDesk) {
            $value = $question->answer($this->here);
        }

        return $value instanceof $class || $value === null ? $value : throw new \LogicException("A $class was asked for.");
    }

    /** @throws NoDesk */
    private function askedAt(Question $question): mixed
    {
        $revision = Call::query()->with('revision:id,hash')->findOrFail($question->call)->revision;
        $door = $this->door($revision);
        try {
            $talk = Talk::with($door, self::PATIENCE);
        } catch (NoDesk) {
            $this->putUp($revision->id, $door);
            $talk = Talk::with($door, self::PATIENCE);
        }
        set_time_limit(self::PATIENCE);
        $talk->say($question);
        $answer = $talk->hear();

        return $answer instanceof Answer && $answer->isThere ? $answer->value : throw new NoDesk('It could not be answered there.');
    }

    /** @throws NoDesk when it does not open */
    private function putUp(int $revision, string $door): void
    {
        // of two who want one at once, one puts it up; the lock is this process's alone, and not the desk's as long as that sits
        if (! is_dir(dirname($door))) {
            @mkdir(dirname($door), 0o700);
        }
        $lock = @fopen("$door.lock", 'ce') ?: throw new NoDesk('There is no place for one.');
        flock($lock, LOCK_EX);
        if (file_exists($door) && $this->isOpen($door)) {
            return;
        }
        Detached::artisan(['levin:desk', (string) $revision, $door]);
        $until = microtime(true) + self::STARTS;
        while (! $this->isOpen($door)) {
            if (microtime(true) > $until) {
                throw new NoDesk('It does not open.');
            }
            usleep(5_000);
        }
    }

    private function isOpen(string $door): bool
    {
        try {
            Talk::with($door, 1)->say(null);

            return true;
        } catch (NoDesk) {
            return false;
        }
    }
}
