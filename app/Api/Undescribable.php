<?php

declare(strict_types=1);

namespace App\Api;

use Symfony\Component\TypeInfo\Type;

/** Something of the API has no description: a mistake of whoever wrote it, found by the tests. */
final class Undescribable extends \LogicException
{
    public static function type(Type $type): self
    {
        return new self("The type $type has no schema. Give the property a narrower one.");
    }

    public static function route(string $path): self
    {
        return new self("$path has no #[Operation]. Say there what it takes and answers.");
    }
}
