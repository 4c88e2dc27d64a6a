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
     * @param  list<string>  $bare  terminals that may stay without a wire
     * @param  list<string>  $optional  terminals that are there only where a wire is
     * @param  bool  $programmed  whether the file gives it a program
     * @param  array<string, float|int>  $usual  what stands on the plate of an ordinary one, for a part whose plate was not read yet; of
     *     values without a default, all. [practice, no published source]
     */
    public function __construct(
        public string $kind,
        public string $title,
        public array $terminals,
        public array $fields = [],
        public array $bare = [],
        public array $optional = [],
        public bool $programmed = false,
        public array $usual = [],
    ) {
    }
}
