<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * What a circuit file may say about parts of one kind.
 */
final readonly class Definition
{
    /**
     * @param  list<string>  $terminals  empty when the file lists the terminals itself
     * @param  list<Field>  $fields
     */
    public function __construct(public string $kind, public string $title, public array $terminals, public array $fields = [])
    {
    }
}
