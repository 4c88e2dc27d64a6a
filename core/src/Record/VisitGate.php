<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\Model;
use Levin\Core\Record\Rung\Contact;
use Levin\Core\Units\Amount;
use Levin\Core\Units\BadAmount;
use Levin\Core\Units\Dimension;

/** Lets in what a visit is besides its tests: history and complaint, why it failed, what was done, how it is left, who was told. */
final readonly class VisitGate
{
    /** Characters of what somebody said, and of a name. */
    private const WORDS = 1000;

    private const NAME = 120;

    private const PATTERNS = ['all the time', 'now and then', 'not known'];

    private const SEATED = ['on its base', 'loose', 'not looked'];

    private const CAUSES = ['found', 'not found', 'wear'];

    /** Minutes; nobody watches longer on one visit. */
    private const LONG = 1440.0;

    public function __construct(private Model $model)
    {
    }

    /** @return array<string, mixed> */
    public function historyRead(Given $given): array
    {
        return ['visits' => (int) max(0.0, $given->number('visits') ?? 0.0)];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function complaint(Given $given): array
    {
        return [
            'words' => $given->filled('words', self::WORDS, 'Write down what the customer says, in their words.'),
            'since' => $given->short('since', self::NAME),
            'pattern' => $given->oneOf('pattern', self::PATTERNS),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function photo(Given $given): array
    {
        if (preg_match('/^[0-9a-f]{64}$/', $given->text('photo')) !== 1) {
            throw Refusal::noPhoto();
        }
        $part = $given->text('part');

        return [
            'photo' => $given->text('photo'),
            'part' => $part,
            'label' => $part === '' ? '' : $this->model->circuit->part($part)->label,
            'words' => $given->short('words', self::WORDS),
        ];
    }

    /**
     * @return array<string, mixed> temperatures as they are typed, and in °C
     *
     * @throws Refusal
     */
    public function thermostat(Given $given): array
    {
        return [
            'mode' => $given->oneOf('mode', array_column(ThermostatMode::cases(), 'value')),
            ...$this->temperature($given, 'set'),
            ...$this->temperature($given, 'shows'),
            'seated' => $given->oneOf('seated', self::SEATED),
            'words' => $given->short('words', self::WORDS),
        ];
    }

    /**
     * @return array<string, string|float|null>
     *
     * @throws Refusal
     */
    private function temperature(Given $given, string $key): array
    {
        $text = $given->short($key, self::NAME);
        try {
            return [$key => $text, "{$key}_celsius" => $text === '' ? null : Amount::parse(Dimension::Temperature, $text)->value];
        } catch (BadAmount $e) {
            throw Refusal::because($key, $e);
        }
    }

    /**
     * @param  list<Event>  $before
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function cause(array $before, Given $given): array
    {
        $kind = $given->oneOf('kind', self::CAUSES);
        $types = array_map(static fn (Event $e): EventType => $e->type, $before);
        if (! in_array(EventType::Finding, $types, true)) {
            throw Refusal::nothingFoundYet();
        }
        if ($kind === 'not found' && ! in_array(EventType::LookedFor, $types, true)) {
            throw Refusal::lookedForNothing();
        }

        return ['kind' => $kind, 'words' => $kind === 'found'
            ? $given->filled('words', self::WORDS, 'Say what made it fail.')
            : $given->short('words', self::WORDS)];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function worked(Given $given): array
    {
        $target = $given->text('target');
        $wire = $this->model->circuit->wires[$target] ?? null;

        return [
            'target' => $target,
            'label' => match (true) {
                $target === '' => '',
                $wire !== null => "$wire->colour wire $wire->from – $wire->to",
                default => $this->model->circuit->part($target)->label,
            },
            'words' => $given->filled('words', self::WORDS, 'Say what was done.'),
            'before' => $given->short('before', self::NAME),
            'after' => $given->short('after', self::NAME),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function left(Standing $standing, Given $given): array
    {
        $how = LeftHow::tryFrom($given->text('how')) ?? throw Refusal::notOneOf('how', array_column(LeftHow::cases(), 'value'));
        $off = array_values(array_unique($given->texts('off')));
        foreach ($off as $what) {
            if (! isset($this->model->circuit->conditions[$what]) && ! isset($this->model->circuit->wires[$what])) {
                $this->model->circuit->part($what);
            }
        }
        $now = $standing->conditions;
        if ($how === LeftHow::Condemned && $standing->powerOff() === [] && $now->lifted === [] && $now->removed === []) {
            throw Refusal::condemnedAndOn();
        }

        return [
            'how' => $how->value,
            'words' => $given->filled('words', self::WORDS, $how === LeftHow::Return
                ? 'Say why someone comes back, and with what.'
                : 'Say how it is left, and what its tag says.'),
            'must_not' => $given->short('must_not', self::WORDS),
            'off' => $off,
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function watched(Given $given): array
    {
        $minutes = $given->number('minutes');
        if ($minutes === null || $minutes <= 0.0 || $minutes > self::LONG) {
            throw Refusal::empty('minutes', 'Say for how many minutes it was watched.');
        }
        $asExpected = $given->flag('as_expected');

        return ['minutes' => $minutes, 'as_expected' => $asExpected, 'words' => $asExpected
            ? $given->short('words', self::WORDS)
            : $given->filled('words', self::WORDS, 'Say what it did that it should not.')];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function told(Given $given): array
    {
        return [
            'who' => $given->filled('who', self::NAME, 'Write down whom you told.'),
            'words' => $given->filled('words', self::WORDS, 'Write down what you told them.'),
            'said' => $given->short('said', self::WORDS),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function waived(Given $given): array
    {
        $contact = Contact::tryFrom($given->text('contact')) ?? throw Refusal::notOneOf('contact', array_column(Contact::cases(), 'value'));
        $on = $given->flag('on');

        return ['contact' => $contact->value, 'on' => $on, ...$on ? [
            'reason' => $given->filled('reason', Given::REASON, 'Say why it is waived: it stands on the rung and in the report.'),
        ] : []];
    }
}
