<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Faults;

/** The volts to direct current for as long as nothing moves: worked out when a part first looks at them, and who has looked. */
final class DirectVolts
{
    /** @var array{Factorisation, array<int, float>}|null the network and its node volts */
    private ?array $known = null;

    /** @var array<string, true> parts that have looked */
    private array $looking = [];

    public function __construct(private readonly Networks $networks)
    {
    }

    /** Something may have moved. */
    public function forget(): void
    {
        $this->known = null;
        $this->looking = [];
    }

    /**
     * @param  string  $part  that looks
     * @param  array<string, string>  $states  of all parts
     * @return array{Factorisation, array<int, float>} the network and its node volts
     */
    public function seenBy(string $part, Conditions $conditions, array $states, Faults $faults): array
    {
        $this->looking[$part] = true;

        return $this->known ??= $this->networks->direct($conditions, $states, $faults);
    }

    public function isLookedAt(): bool
    {
        return $this->known !== null;
    }

    /** @return list<string> parts that have looked */
    public function lookers(): array
    {
        return array_keys($this->looking);
    }
}
