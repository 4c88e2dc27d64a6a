<?php

declare(strict_types=1);

namespace App\Shop;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Levin\Core\Units\Dimension;

/** Units by dimension, each one that there is. */
class UnitsRequest extends FormRequest
{
    /** @return array<string, list<string|Closure>> */
    public function rules(): array
    {
        return ['units' => ['present', 'array', 'max:40', function (string $field, mixed $units, Closure $fail): void {
            foreach (is_array($units) ? $units : [] as $name => $symbol) {
                $dimension = Dimension::tryFrom((string) $name);
                if ($dimension === null || ! is_string($symbol) || ! in_array($symbol, $dimension->symbols(), true)) {
                    $fail("There is no such unit of \"$name\". Choose one of: ".implode(', ', $dimension?->symbols() ?? []).'.');
                }
            }
        }]];
    }

    /** @return array<string, string> symbol by dimension */
    public function units(): array
    {
        $units = [];
        foreach ($this->array('units') as $name => $symbol) {
            $units += is_string($symbol) ? [(string) $name => $symbol] : [];
        }

        return $units;
    }
}
