<?php

declare(strict_types=1);

namespace App\Photos;

use App\Api\Data;

/** A photograph that is kept. */
final readonly class PhotoData extends Data
{
    /**
     * @param  string  $photo  by what it shows: sha256 of the picture as it is kept
     * @param  int  $width  pixels
     * @param  int  $height  the same
     */
    public function __construct(public string $photo, public int $width, public int $height)
    {
    }
}
