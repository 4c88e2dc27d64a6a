<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/**
 * A YAML text held against a JSON Schema; every problem with its line, its place in the file and a remedy.
 */
final class YamlForm
{
    /**
     * @param  string  $schema  path of the schema
     * @param  string  $example  what to start from, for a file that holds nothing
     * @return array{array<mixed>, LineIndex}
     *
     * @throws InvalidCircuit when the text does not have the form
     */
    public static function read(string $text, string $name, string $schema, string $example): array
    {
        $broken = Bounds::broken($text);
        if ($broken !== null) {
            throw new InvalidCircuit($name, [$broken]);
        }
        try {
            $data = Yaml::parse($text, Yaml::PARSE_EXCEPTION_ON_INVALID_TYPE);
            $form = Yaml::parse($text, Yaml::PARSE_OBJECT_FOR_MAP);
        } catch (ParseException $e) {
            $line = $e->getParsedLine();
            throw new InvalidCircuit($name, [new Problem(
                $line > 0 ? $line : null,
                '',
                'This is not YAML: '.$e->getMessage(),
                'Check the indentation, quotes and brackets there.',
            )]);
        }
        if (! is_array($data)) {
            throw new InvalidCircuit($name, [new Problem(1, '', 'There is nothing in it that can be used.', "Start from $example.")]);
        }
        $lines = new LineIndex($text);
        $problems = [...self::notNumbers($data, $lines, []), ...self::notNames($form, $lines, [])];
        if ($problems !== []) {
            throw new InvalidCircuit($name, $problems);
        }
        $problems = self::schemaProblems($form, $lines, $schema);
        if ($problems !== []) {
            throw new InvalidCircuit($name, $problems);
        }

        return [$data, $lines];
    }

    /**
     * @param  mixed  $data  with maps as objects, so that an empty map is not taken for a list
     * @return list<Problem>
     */
    private static function schemaProblems(mixed $data, LineIndex $lines, string $path): array
    {
        $schema = file_get_contents($path);
        $validator = new Validator(max_errors: 20);
        $result = $validator->validate($data, (string) $schema);
        $error = $result->error();
        if ($error === null) {
            return [];
        }
        $problems = [];
        foreach (self::leaves($error) as $leaf) {
            $path = array_map(strval(...), array_values($leaf->data()->fullPath()));
            [$what, $remedy] = self::explain($leaf);
            $extra = $leaf->keyword() === 'additionalProperties' ? self::names($leaf, 'properties') : [];
            foreach ($extra === [] ? [$path] : array_map(static fn (string $key): array => [...$path, $key], $extra) as $at) {
                $problem = new Problem($lines->of($at), implode('.', $at), $what, $remedy);
                $problems[(string) $problem] = $problem;
            }
        }

        return array_values($problems);
    }

    /**
     * YAML has words for what is no number, and every limit lets them through: `.nan` is neither above nor below anything.
     *
     * @param  array<mixed>  $data
     * @param  list<string>  $path
     * @return list<Problem>
     */
    private static function notNumbers(array $data, LineIndex $lines, array $path): array
    {
        $problems = [];
        foreach ($data as $key => $value) {
            $at = [...$path, (string) $key];
            if (is_array($value)) {
                array_push($problems, ...self::notNumbers($value, $lines, $at));
            } elseif (is_float($value) && ! is_finite($value)) {
                $problems[] = new Problem($lines->of($at), implode('.', $at), 'That is not a number.', 'Write the number that is meant.');
            }
        }

        return $problems;
    }

    /**
     * A name of digits only is not text to a YAML reader, and no name in this format.
     *
     * @param  mixed  $data  with maps as objects
     * @param  list<string>  $path
     * @return list<Problem>
     */
    private static function notNames(mixed $data, LineIndex $lines, array $path): array
    {
        $problems = [];
        foreach (is_object($data) || is_array($data) ? (array) $data : [] as $key => $value) {
            $at = [...$path, (string) $key];
            if (is_object($data) && is_int($key)) {
                $problems[] = new Problem(
                    $lines->of($at), implode('.', $at), 'A number is no name here.', 'Give it a name that begins with a letter.',
                );
            }
            array_push($problems, ...self::notNames($value, $lines, $at));
        }

        return $problems;
    }

    /** @return list<ValidationError> */
    private static function leaves(ValidationError $error): array
    {
        if ($error->subErrors() === []) {
            return [$error];
        }

        return array_merge(...array_map(
            static fn (mixed $sub): array => $sub instanceof ValidationError ? self::leaves($sub) : [],
            array_values($error->subErrors()),
        ));
    }

    /** @return array{string, string} */
    private static function explain(ValidationError $error): array
    {
        $args = $error->args();

        return match ($error->keyword()) {
            'required' => [
                'It lacks '.implode(', ', self::names($error, 'missing')).'.',
                'Add it; docs/circuit-file.md says what goes there.',
            ],
            'additionalProperties' => [
                'Unknown key '.implode(', ', self::names($error, 'properties')).'.',
                'Remove it or mend its spelling; unknown keys are never ignored.',
            ],
            'type' => [
                'It is the wrong type of value ('.self::text($args['type'] ?? '').').',
                'It must be '.implode(' or ', self::names($error, 'expected')).'.',
            ],
            'pattern' => [
                'The name or value has the wrong form.',
                'Parts are CAPITALS, wires and conditions small letters, points PART.TERMINAL.',
            ],
            'const' => ['This version of the format is not known.', 'Write "levin: 1".'],
            'enum' => ['The value is not one of those allowed.', 'See the schema in circuits/ for the list.'],
            default => [rtrim($error->message(), '.').'.', 'See docs/circuit-file.md.'],
        };
    }

    /** @return list<string> */
    private static function names(ValidationError $error, string $key): array
    {
        return array_values(array_filter((array) ($error->args()[$key] ?? []), is_string(...)));
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
