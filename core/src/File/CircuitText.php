<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Symfony\Component\Yaml\Yaml;

/** The text of a circuit file, changed. */
final class CircuitText
{
    /** So deep a file is written out; the rest of it stands in one line. */
    private const DEPTH = 2;

    /**
     * The same unit with other parts in it, as a circuit of its own. The comments of the file are lost.
     *
     * @param  string  $text  of a sound circuit file
     * @param  string  $id  of the new circuit
     * @param  array<string, array<string, float|string>>  $plates  fields of plates that are others now, by part, in the units of the file
     */
    public static function refitted(string $text, string $id, array $plates): string
    {
        $file = Yaml::parse($text);
        if (! is_array($file) || ! is_array($file['parts'] ?? null)) {
            throw new \LogicException('Not a circuit file.');
        }
        foreach ($plates as $part => $plate) {
            if (is_array($file['parts'][$part] ?? null)) {
                $file['parts'][$part]['plate'] = [...(array) ($file['parts'][$part]['plate'] ?? []), ...$plate];
            }
        }

        return Yaml::dump([...$file, 'id' => $id], self::DEPTH, 2);
    }
}
