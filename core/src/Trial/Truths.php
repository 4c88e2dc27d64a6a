<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Complaint;
use Levin\Core\Diagnosis\Outlook;
use Levin\Core\Diagnosis\Predictor;
use Levin\Core\Diagnosis\Suspect;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Parts\Fault;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;

/** What can be wrong with a unit so that someone calls: truths that change what its machines do. */
final readonly class Truths
{
    /** About its level a degree lies this much apart, in natural logarithms, either way. */
    private const AROUND = 0.4;

    private Model $model;

    private Outlook $outlook;

    private Complaint $complaint;

    private Storyteller $storyteller;

    public function __construct(private Predictor $predictor)
    {
        $this->model = $predictor->settler->model;
        $this->outlook = $predictor->outlook(Conditions::healthyDefaults($this->model->circuit));
        $this->complaint = new Complaint($this->model, Complaint::viewsOf(0, $this->outlook));
        $this->storyteller = $predictor->settler->storyteller();
    }

    /**
     * @param  list<string>  $sorts
     * @return list<Truth>
     */
    public function of(Dice $dice, array $sorts): array
    {
        $ones = $this->ofOne($dice);

        return array_values(array_filter(
            [...$ones, ...$this->pairs($ones, $dice), ...$this->intermittents($ones), ...$this->cycling()],
            static fn (Truth $truth): bool => in_array($truth->sort->value, $sorts, true),
        ));
    }

    /** @return list<Truth> single faults, those that have degrees at each of their levels, or thereabouts */
    public function ofOne(Dice $dice): array
    {
        $truths = [];
        foreach ($this->predictor->suspects as $suspect) {
            foreach ($suspect->single() === null ? [] : $suspect->variants as $n => $variant) {
                if ($this->complaint->isMade(Complaint::viewsOf($variant, $this->outlook))) {
                    $truths[] = $this->truth($suspect, $n, $dice);
                }
            }
        }

        return $truths;
    }

    /**
     * A few of the same, as the dice fall: the others are not worked out.
     *
     * @return list<Truth>
     */
    public function few(Dice $dice, int $many): array
    {
        $left = array_values(array_filter($this->predictor->suspects, static fn (Suspect $s): bool => $s->single() !== null));
        $truths = [];
        while (count($truths) < $many && $left !== []) {
            $suspect = $dice->pick($left);
            $n = $dice->pick(array_keys($suspect->variants));
            if ($this->complaint->isMade(Complaint::viewsOf($suspect->variants[$n], $this->outlook))) {
                $truths[] = $this->truth($suspect, $n, $dice);
            }
            $left = array_values(array_filter($left, static fn (Suspect $s): bool => $s !== $suspect));
        }

        return $truths;
    }

    /**
     * As many pairs as there are single ones, the two drawn independently.
     *
     * @param  list<Truth>  $ones
     * @return list<Truth>
     */
    private function pairs(array $ones, Dice $dice): array
    {
        $pairs = [];
        foreach ($ones as $one) {
            $other = $dice->pick([$one, ...$ones]);
            if (array_intersect($one->faults->targets(), $other->faults->targets()) === []) {
                $pairs[] = new Truth(Sort::Pair, $one->faults->with(...$other->faults->all), $one->weight * $other->weight);
            }
        }

        return $pairs;
    }

    /**
     * Contacts, plugs and wires that make now and then.
     *
     * @param  list<Truth>  $ones
     * @return list<Truth>
     */
    private function intermittents(array $ones): array
    {
        $loose = array_filter($ones, static fn (Truth $t): bool => preg_match('/:(open|.*-open|.*-burnt)$/', $t->words()) === 1);

        return array_values(array_map(static fn (Truth $t): Truth => new Truth(Sort::Intermittent, $t->faults, $t->weight), $loose));
    }

    /** @return list<Truth> a healthy unit, as it is, and with the weather or the season another one */
    private function cycling(): array
    {
        $usual = Conditions::healthyDefaults($this->model->circuit);
        $truths = [new Truth(Sort::Cycling, Faults::none(), 1.0, $usual)];
        foreach ($this->model->circuit->conditions as $name => $condition) {
            if (! $condition->power && $this->isWeather($name)) {
                $truths[] = new Truth(Sort::Cycling, Faults::none(), 1.0, $usual->with($name, ! $condition->default));
            }
        }

        return $truths;
    }

    /** Whether a slow quantity of the world goes elsewhere by it. */
    private function isWeather(string $condition): bool
    {
        foreach ($this->model->circuit->quantities as $quantity) {
            foreach ($quantity->quick ? [] : $quantity->rules as $rule) {
                foreach ($rule->when as $clause) {
                    if ($clause->subject === $condition && count($rule->when) > 1) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private function truth(Suspect $suspect, int $n, Dice $dice): Truth
    {
        $fault = $suspect->single() ?? throw new \LogicException('A healthy unit is no truth of one fault.');
        $level = $fault->mode->levels[$n] ?? null;

        return new Truth(
            $level === null ? Sort::Single : Sort::Degree,
            Faults::of(new InjectedFault($fault, $level === null ? null : $this->about($level, $fault, $dice))),
            $fault->mode->weight / count($suspect->variants),
        );
    }

    /** Thereabouts, as long as anyone notices it. */
    private function about(float $level, Fault $fault, Dice $dice): float
    {
        $amount = round($level * exp($dice->between(-self::AROUND, self::AROUND)), 4);
        $usual = Conditions::healthyDefaults($this->model->circuit);
        $story = $this->storyteller->tell($usual, Faults::of(new InjectedFault($fault, $amount)));

        return $this->complaint->isMade(Complaint::views($story)) ? $amount : $level;
    }
}
