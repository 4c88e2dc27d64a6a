<?php

declare(strict_types=1);

namespace App\Calls;

use App\Database\Dates;
use App\Shop\SignedIn;
use App\Shop\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Levin\Core\Record\EventType;

/** An event on its way into a log, as it was sent. */
final readonly class Arriving
{
    /**
     * @param  string  $id  made by the client; the same event a second time changes nothing
     * @param  array<string, mixed>  $data
     */
    private function __construct(
        public User $user,
        public string $id,
        public EventType $type,
        public array $data,
        public Carbon $notedAt,
    ) {
    }

    public static function in(EventRequest $request): self
    {
        return new self(
            SignedIn::by($request),
            $request->string('id')->lower()->toString(),
            $request->type(),
            $request->event(),
            Moment::past('noted_at', $request->string('noted_at')->toString()),
        );
    }

    /**
     * One that begins here and not at a client.
     *
     * @param  array<string, mixed>  $data
     */
    public static function made(User $user, EventType $type, array $data, Carbon $notedAt): self
    {
        return new self($user, (string) Str::uuid(), $type, $data, $notedAt);
    }

    /** The same for the same content, in whatever order its keys come. */
    public function fingerprint(): string
    {
        $data = $this->data;
        ksort($data);
        $content = [$this->type->value, $data, $this->notedAt->utc()->format(Dates::FORMAT)];

        return hash('sha256', json_encode($content, JSON_THROW_ON_ERROR));
    }

    /**
     * Whether it is there already.
     *
     * @param  LoggedEvent|null  $known  under its id
     * @param  bool  $isHere  whether that one is in the log that this one is sent to
     *
     * @throws OtherEvent when the id is known, of another event
     */
    public function isThere(?LoggedEvent $known, bool $isHere): bool
    {
        return $known !== null && ($isHere && $known->sent === $this->fingerprint() ? true : throw OtherEvent::under($this->id));
    }

    /**
     * Its line of a log, as it is stored.
     *
     * @param  array<string, mixed>  $admitted  what the gate has let in
     * @return array<string, mixed>
     */
    public function row(array $admitted): array
    {
        return [
            'id' => $this->id,
            'user_id' => $this->user->id,
            'type' => $this->type,
            'data' => $admitted,
            'sent' => $this->fingerprint(),
            'noted_at' => $this->notedAt,
            'stored_at' => now(),
        ];
    }
}
