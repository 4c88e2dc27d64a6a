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
        $dimensions = array_combine(
            array_map(static fn (Entry $e): string => $e->name, $entries),
            array_map(static fn (Entry $e): Dimension => $e->dimension, $entries),
        );

        return self::found(self::texts($this->input('units')), static fn (string $entry): ?Dimension => $dimensions[$entry] ?? null);
    }

    /** @return array<string, Unit> what figures are shown in, by dimension */
    public function shown(): array
    {
        return self::found(self::texts($this->input('shown')), Dimension::tryFrom(...));
    }

    /**
     * @param  array<string, string>  $symbols
     * @param  \Closure(string): (Dimension|null)  $dimension
     * @return array<string, Unit>
     */
    private static function found(array $symbols, \Closure $dimension): array
    {
        $units = [];
        foreach ($symbols as $name => $symbol) {
            $unit = $dimension($name)?->unit($symbol);
            $units += $unit === null ? [] : [$name => $unit];
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
