<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Support\Str;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\ArrayShapeType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\Type\UnionType;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/** JSON Schemas of the classes that cross to the screen, made from the types of their public properties. */
final class Shapes
{
    /** @var array<string, array<string, mixed>> schemas by name */
    private array $made = [];

    private readonly TypeResolver $types;

    public function __construct()
    {
        $this->types = TypeResolver::create();
    }

    /** @return array<string, array<string, mixed>> every schema asked for so far, with those they refer to, by name */
    public function all(): array
    {
        ksort($this->made);

        return $this->made;
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    public function of(string $class): array
    {
        $name = self::name($class);
        if (! isset($this->made[$name])) {
            $this->made[$name] = [];
            $this->made[$name] = is_subclass_of($class, \BackedEnum::class)
                ? ['type' => 'string', 'enum' => array_column($class::cases(), 'value')]
                : $this->object(new \ReflectionClass($class));
        }

        return ['$ref' => "#/components/schemas/$name"];
    }

    /**
     * A page of some shape.
     *
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    public function page(string $class): array
    {
        $name = self::name($class).'Page';
        $count = ['type' => 'integer'];
        $this->made[$name] = self::closed(
            ['items' => ['type' => 'array', 'items' => $this->of($class)], 'page' => $count, 'pages' => $count, 'total' => $count],
        );

        return ['$ref' => "#/components/schemas/$name"];
    }

    /**
     * @param  \ReflectionClass<object>  $class
     * @return array<string, mixed>
     */
    private function object(\ReflectionClass $class): array
    {
        $properties = $optional = [];
        foreach ($class->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $name = $class->isSubclassOf(Data::class) ? Str::snake($property->name) : $property->name;
            $properties[$name] = $this->schema($this->types->resolve($property));
        }
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->isDefaultValueAvailable()) {
                $optional[] = Str::snake($parameter->name);
            }
        }

        return self::closed($properties, $optional);
    }

    /**
     * @param  array<string, array<string, mixed>>  $properties
     * @param  list<string>  $optional  those that may be missing: what its constructor has a default for
     * @return array<string, mixed>
     */
    private static function closed(array $properties, array $optional = []): array
    {
        $required = array_values(array_diff(array_keys($properties), $optional));

        return ['type' => 'object', 'required' => $required, 'properties' => $properties, 'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    private function schema(Type $type): array
    {
        return match (true) {
            $type instanceof NullableType => $this->nullable($type->getWrappedType()),
            $type instanceof UnionType => ['anyOf' => array_map($this->schema(...), $type->getTypes())],
            $type instanceof ArrayShapeType => $this->tuple($type),
            $type instanceof CollectionType => $type->isList()
                ? ['type' => 'array', 'items' => $this->schema($type->getCollectionValueType())]
                : ['type' => 'object', 'additionalProperties' => $this->schema($type->getCollectionValueType())],
            $type instanceof ObjectType => $this->ofObject($type->getClassName()),
            $type instanceof BuiltinType => self::builtin($type->getTypeIdentifier()),
            default => throw Undescribable::type($type),
        };
    }

    /** @return array<string, mixed> */
    private function nullable(Type $type): array
    {
        $schema = $this->schema($type);

        return isset($schema['type']) && is_string($schema['type'])
            ? [...$schema, 'type' => [$schema['type'], 'null']]
            : ['anyOf' => [...(is_array($schema['anyOf'] ?? null) ? $schema['anyOf'] : [$schema]), ['type' => 'null']]];
    }

    /** @return array<string, mixed> */
    private function tuple(ArrayShapeType $type): array
    {
        $items = array_map(fn (array $item): array => $this->schema($item['type']), array_values($type->getShape()));

        return ['type' => 'array', 'prefixItems' => $items, 'items' => false, 'minItems' => count($items), 'maxItems' => count($items)];
    }

    /** @return array<string, mixed> */
    private function ofObject(string $class): array
    {
        // what an event carries depends on its type; docs/call-file.md says on what
        return $class === \stdClass::class || ! class_exists($class)
            ? ['type' => 'object', 'additionalProperties' => true]
            : $this->of($class);
    }

    /** @return array<string, mixed> */
    private static function builtin(TypeIdentifier $type): array
    {
        return match ($type) {
            TypeIdentifier::STRING => ['type' => 'string'],
            TypeIdentifier::INT => ['type' => 'integer'],
            TypeIdentifier::FLOAT => ['type' => 'number'],
            TypeIdentifier::BOOL => ['type' => 'boolean'],
            default => throw Undescribable::type(Type::builtin($type)),
        };
    }

    /** The name without the ending that tells a shape from its model. */
    private static function name(string $class): string
    {
        return (string) preg_replace('/(?<=.)Data$/', '', substr($class, (int) strrpos($class, '\\') + 1));
    }
}
