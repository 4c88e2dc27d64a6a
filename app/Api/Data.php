<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Support\Str;

/** A shape that crosses to the screen: its public properties, named in snake case. Its TypeScript type is made from it. */
abstract readonly class Data implements \JsonSerializable
{
    /** @return array<string, mixed> */
    #[\Override]
    final public function jsonSerialize(): array
    {
        $shape = [];
        foreach (get_object_vars($this) as $name => $value) {
            $shape[Str::snake($name)] = $value;
        }

        return $shape;
    }
}
