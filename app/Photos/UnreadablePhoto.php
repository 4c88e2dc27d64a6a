<?php

declare(strict_types=1);

namespace App\Photos;

/** What came is no photograph that can be kept. The message says what to do. */
final class UnreadablePhoto extends \RuntimeException
{
    public static function notOne(): self
    {
        return new self('That is no picture that can be read. Take it again, or choose a JPEG, PNG or WebP.');
    }

    public static function notAsKept(string $hash): self
    {
        return new self('The picture '.substr($hash, 0, 8).' is not the one that it should be, or has more in it than the picture.');
    }

    public static function tooLarge(int $width, int $height): self
    {
        return new self("That picture is $width by $height pixels, more than can be taken in. Make it smaller first.");
    }
}
