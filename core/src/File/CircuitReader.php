<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\Circuit;

/**
 * Reads circuit files. Every problem is reported with its line, the part or wire, and a remedy.
 */
final class CircuitReader
{
    private const SCHEMA = __DIR__.'/../../../circuits/circuit.schema.json';

    /** @throws InvalidCircuit when the file cannot be read or used */
    public static function fromFile(string $path): Circuit
    {
        $text = is_file($path) ? @file_get_contents($path) : false;
        if ($text === false) {
            throw new InvalidCircuit(
                $path,
                [new Problem(null, '', 'The file cannot be read.', 'Check its name and that you may read it.')],
            );
        }

        return self::fromText($text, basename($path));
    }

    /** @throws InvalidCircuit when the text is not a sound circuit */
    public static function fromText(string $text, string $name): Circuit
    {
        [$data, $lines] = YamlForm::read($text, $name, self::SCHEMA, 'circuits/split-cooling.yaml');

        return (new CircuitBuilder($name, $lines))->build($data);
    }
}
