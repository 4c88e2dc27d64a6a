<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** Where a probe goes. */
final readonly class Post
{
    /**
     * @param  string  $role  what it is, where that is known
     * @param  string  $entry  the name of the entry that names it
     */
    public function __construct(public string $name, public string $role = '', public string $entry = '')
    {
    }
}
