<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

/** How far a visit is, as a rung of contacts in series before the coil that closes the call: told by the log alone. */
final readonly class Rung
{
    public function __construct(private Visit $visit)
    {
    }

    /** @return non-empty-list<RungContact> in order */
    public function contacts(): array
    {
        return array_map($this->contact(...), Contact::cases());
    }

    /** The first contact at which it is open; null where the coil could pull in. What comes after that is not asked. */
    public function openAt(): ?RungContact
    {
        foreach (Contact::cases() as $contact) {
            $one = $this->contact($contact);
            if (! $one->passes()) {
                return $one;
            }
        }

        return null;
    }

    public function isClosed(): bool
    {
        return $this->visit->standing->closed;
    }

    private function contact(Contact $contact): RungContact
    {
        $open = array_map(
            fn (Asks $asks): array => $asks->of() === $contact ? $asks->open($this->visit) : [],
            EveryAsks::all(),
        );

        return new RungContact($contact, array_merge(...$open), $this->visit->waived($contact));
    }
}
