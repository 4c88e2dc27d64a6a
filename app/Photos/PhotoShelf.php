<?php

declare(strict_types=1);

namespace App\Photos;

/**
 * Photographs by what they show: the same picture is kept once. What comes in is drawn anew, so that nothing but the picture is kept: no
 * place, no time, no telephone.
 */
final readonly class PhotoShelf
{
    /** Pixels of the longer side: a plate can be read on it. */
    private const LONGEST = 1600;

    /** Pixels that are unpacked at the most: what is larger is no photograph of a telephone. */
    private const MOST = 60_000_000;

    private const QUALITY = 82;

    /** Degrees against the clock, by the orientation of Exif 2.3, section 4.6.4; from memory. */
    private const TURNS = [3 => 180, 6 => 270, 8 => 90];

    public function __construct(private string $folder)
    {
    }

    /**
     * @param  string  $bytes  of a JPEG, PNG or WebP
     *
     * @throws UnreadablePhoto
     */
    public function keep(string $bytes): PhotoData
    {
        $size = $bytes === '' ? false : @getimagesizefromstring($bytes);
        if ($size === false) {
            throw UnreadablePhoto::notOne();
        }
        if ($size[0] * $size[1] > self::MOST) {
            throw UnreadablePhoto::tooLarge($size[0], $size[1]);
        }
        $picture = @imagecreatefromstring($bytes) ?: throw UnreadablePhoto::notOne();
        $picture = $this->upright($picture, $bytes);
        $share = min(1.0, self::LONGEST / max(imagesx($picture), imagesy($picture)));
        if ($share < 1.0) {
            $picture = imagescale($picture, (int) round(imagesx($picture) * $share)) ?: throw UnreadablePhoto::notOne();
        }
        ob_start();
        imagejpeg($picture, null, self::QUALITY);
        $jpeg = (string) ob_get_clean();

        return new PhotoData($this->put($jpeg), imagesx($picture), imagesy($picture));
    }

    /**
     * One that was kept elsewhere, as it was kept there.
     *
     * @throws UnreadablePhoto for another one than it should be, or one with more than the picture in it
     */
    public function restore(string $hash, string $jpeg): void
    {
        $more = [];
        $size = @getimagesizefromstring($jpeg, $more);
        $isOne = $size !== false && $size[2] === IMAGETYPE_JPEG && $size[0] * $size[1] <= self::MOST;
        // what a telephone writes stands in APP1: Exif 2.3, section 4.5.4; from memory
        if (hash('sha256', $jpeg) !== $hash || ! $isOne || (is_array($more) && isset($more['APP1']))) {
            throw UnreadablePhoto::notAsKept($hash);
        }
        $this->put($jpeg);
    }

    /** @return string what it is called */
    private function put(string $jpeg): string
    {
        $hash = hash('sha256', $jpeg);
        if (! $this->has($hash)) {
            @mkdir(dirname($this->path($hash)), 0755, true);
            file_put_contents($this->path($hash), $jpeg, LOCK_EX);
        }

        return $hash;
    }

    public function has(string $hash): bool
    {
        return preg_match('/^[0-9a-f]{64}$/', $hash) === 1 && is_file($this->path($hash));
    }

    /** Of one that is there. */
    public function path(string $hash): string
    {
        return $this->folder.'/'.substr($hash, 0, 2)."/$hash.jpg";
    }

    private function upright(\GdImage $picture, string $bytes): \GdImage
    {
        $exif = str_starts_with($bytes, "\xFF\xD8") ? @exif_read_data('data://image/jpeg;base64,'.base64_encode($bytes)) : false;
        $turn = self::TURNS[is_array($exif) && is_int($exif['Orientation'] ?? null) ? $exif['Orientation'] : 1] ?? 0;

        return $turn === 0 ? $picture : (imagerotate($picture, $turn, 0) ?: $picture);
    }
}
