<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Families;

/** Units that are alike but for a few things: a circuit, and the questions that make it match. */
final readonly class Family
{
    /**
     * @param  string  $from  id of the circuit
     * @param  list<Question>  $questions
     */
    public function __construct(public string $id, public string $title, public string $from, public array $questions)
    {
    }

    /**
     * What some answers change, in the order of the questions.
     *
     * @param  array<int, int>  $answers  number of the answer, by that of the question; the first where none is given
     * @return list<string> as Edits takes them
     */
    public function edits(array $answers): array
    {
        $edits = [];
        foreach ($this->questions as $n => $question) {
            array_push($edits, ...($question->answers[$answers[$n] ?? 0] ?? $question->answers[0])->edits);
        }

        return $edits;
    }
}
