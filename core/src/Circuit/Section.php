<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * One section of the ladder as the file asks for it: either rails with everything between them, or named rows.
 */
final readonly class Section
{
    /**
     * @param  list<string>  $rails  a point on the left rail and one on the right, or one on each of three lines; none for named rows
     * @param  list<array{0: string, 1: string}>  $rows  first and last point of each row
     */
    public function __construct(public string $title, public array $rails, public array $rows)
    {
    }
}
