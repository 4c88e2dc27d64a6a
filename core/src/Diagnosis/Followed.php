<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * How far something has been followed through a sitting: how likely its last piece was after those before it, and which scene it is in
 * then: a hidden Markov chain's forward pass (textbook), from the shares of the time. Where pieces are explained just so again, by
 * another variant or with a piece left out, it has been worked out.
 */
final class Followed
{
    /** Chance that a unit has gone on to something else from one piece to the next, and nobody noticed. [practice, no published source] */
    private const WENT_ON = 0.15;

    /** @var \WeakMap<Fit, self> on, by the piece that comes next, for as long as anyone asks for that */
    private readonly \WeakMap $next;

    /** @var \WeakMap<Fit, self> the same where nothing has gone on in between */
    private readonly \WeakMap $held;

    /** @param  array<int, float>  $now  chance of each scene by number, none where it makes no difference */
    public function __construct(public readonly float $likelihood = 1.0, public readonly array $now = [])
    {
        $this->next = new \WeakMap;
        $this->held = new \WeakMap;
    }

    /** @param  bool  $isHeld  nothing has gone on to anything else since the piece before */
    public function through(Fit $fit, bool $isHeld): self
    {
        $known = $isHeld ? $this->held : $this->next;

        return $known[$fit] ??= $this->on($fit, $isHeld);
    }

    private function on(Fit $fit, bool $isHeld): self
    {
        if ($fit->scenes === []) {
            return new self($fit->likelihood, $this->now);
        }
        // where it was in what it could be in at the time as well, it is most probably still there
        $stays = array_intersect_key($this->now, $fit->scenes);
        $stayed = array_sum($stays);
        $goesOn = match (true) {
            $stayed <= 0.0 => 1.0,
            $isHeld => 0.0,
            default => self::WENT_ON,
        };
        $stay = $stayed > 0.0 ? (1 - $goesOn) / $stayed : 0.0;
        $all = 0.0;
        $then = [];
        foreach ($fit->scenes as $scene => [$share, $likelihood]) {
            $all += $then[$scene] = ($stay * ($stays[$scene] ?? 0.0) + $goesOn * $share) * $likelihood;
        }

        return new self($all, $all > 0.0 ? array_map(static fn (float $p): float => $p / $all, $then) : []);
    }
}
