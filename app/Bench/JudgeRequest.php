<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Units\Dimension;
use Levin\Core\Units\Unit;

/** What is given to a check. */
class JudgeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'given' => ['array', 'max:40'],
            'given.*' => ['nullable', 'string', 'max:400'],
            'units' => ['array', 'max:40'],
            'units.*' => ['string', 'max:10'],
            'shown' => ['array', 'max:40'],
            'shown.*' => ['string', 'max:10'],
        ];
    }

    /** @return array<string, string> by entry */
    public function given(): array
    {
        return self::texts($this->input('given'));
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, Unit> what a bare number is in, by entry
     */
    public function units(array $entries): array
    {
        return Entry::units($entries, self::texts($this->input('units')));
    }

    /** @return array<string, Unit> what figures are shown in, by dimension */
    public function shown(): array
    {
        $units = [];
        foreach (self::texts($this->input('shown')) as $dimension => $symbol) {
            $unit = Dimension::tryFrom($dimension)?->unit($symbol);
            $units += $unit === null ? [] : [$dimension => $unit];
        }

        return $units;
    }

    /** @return array<string, string> */
    private static function texts(mixed $input): array
    {
        $texts = [];
        foreach (is_array($input) ? $input : [] as $name => $text) {
            $texts[(string) $name] = is_string($text) ? $text : '';
        }

        return $texts;
    }
}
