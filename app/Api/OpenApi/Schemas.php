<?php

declare(strict_types=1);

namespace App\Api\OpenApi;

use ArrayObject;
use BackedEnum;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use UnexpectedValueException;

/** JSON schemas of the classes that are answered, from their constructors: the docblock says what lists hold and what fields mean. */
final class Schemas
{
    private const SCALARS = ['int' => 'integer', 'string' => 'string', 'bool' => 'boolean'];

    /** @var array<string, array<string, mixed>> by short name */
    private array $schemas = [];

    /**
     * @param  class-string  $class
     * @return array<string, mixed> a reference to its schema
     */
    public function of(string $class): array
    {
        $reflection = new ReflectionClass($class);
        $name = $reflection->getShortName();
        if (! isset($this->schemas[$name])) {
            // Known before its fields are, which may be of the same class.
            $this->schemas[$name] = [];
            $this->schemas[$name] = $this->object($reflection);
        }

        return ['$ref' => '#/components/schemas/'.$name];
    }

    /** @return array<string, array<string, mixed>> all that were asked for, by name */
    public function all(): array
    {
        ksort($this->schemas);

        return $this->schemas;
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return array<string, mixed>
     */
    private function object(ReflectionClass $class): array
    {
        $constructor = $class->getConstructor() ?? throw new UnexpectedValueException($class->getName().' has no constructor');
        $properties = [];
        foreach ($constructor->getParameters() as $parameter) {
            $properties[$parameter->getName()] = $this->field($parameter, (string) $constructor->getDocComment());
        }

        return ['type' => 'object', 'description' => self::sentence((string) $class->getDocComment()), 'required' => array_keys($properties), 'additionalProperties' => false, 'properties' => $properties];
    }

    /** @return array<string, mixed> */
    private function field(ReflectionParameter $parameter, string $docblock): array
    {
        $type = $parameter->getType();
        if (! $type instanceof ReflectionNamedType) {
            throw new UnexpectedValueException('no plain type: '.$parameter->getName());
        }
        preg_match('/@param\s+(?:list<(\w+)>|ArrayObject<string, ([\w|]+)>(?:\|null)?|\S+)\s+\$'.$parameter->getName().'\b[ \t]*([^\n]*)/', $docblock, $found);
        $schema = match (true) {
            $type->getName() === ArrayObject::class => ['type' => $type->allowsNull() ? ['object', 'null'] : 'object', 'additionalProperties' => $this->oneOf($parameter, explode('|', $found[2] ?? ''))],
            $type->getName() !== 'array' => $this->named($type->getName(), $type->allowsNull()),
            default => ['type' => 'array', 'items' => $this->named(self::resolved($parameter, $found[1] ?? ''), false)],
        };
        $meaning = trim($found[3] ?? '');

        return $meaning === '' ? $schema : $schema + ['description' => ucfirst($meaning).'.'];
    }

    /**
     * @param  list<string>  $names  of scalars, null among them, or of one class
     * @return array<string, mixed>
     */
    private function oneOf(ReflectionParameter $parameter, array $names): array
    {
        return count($names) === 1
            ? $this->named(self::resolved($parameter, $names[0]), false)
            : ['type' => array_map(static fn (string $name): string => $name === 'null' ? $name : self::SCALARS[$name], $names)];
    }

    /** @return array<string, mixed> */
    private function named(string $name, bool $isNullable): array
    {
        if (isset(self::SCALARS[$name])) {
            return ['type' => $isNullable ? [self::SCALARS[$name], 'null'] : self::SCALARS[$name]];
        }
        if (is_a($name, BackedEnum::class, true)) {
            $values = array_column($name::cases(), 'value');

            return $isNullable ? ['type' => ['string', 'null'], 'enum' => [...$values, null]] : ['type' => 'string', 'enum' => $values];
        }
        if (! class_exists($name)) {
            throw new UnexpectedValueException('no type for '.$name);
        }
        $reference = $this->of($name);

        return $isNullable ? ['anyOf' => [$reference, ['type' => 'null']]] : $reference;
    }

    /** The class that a docblock names: a scalar, one beside it, or one that its file uses. */
    private static function resolved(ReflectionParameter $parameter, string $name): string
    {
        $class = $parameter->getDeclaringClass();
        $beside = $class?->getNamespaceName().'\\'.$name;
        if (isset(self::SCALARS[$name]) || class_exists($beside)) {
            return isset(self::SCALARS[$name]) ? $name : $beside;
        }
        preg_match('/^use ([\w\\\\]+\\\\'.$name.');$/m', (string) file_get_contents((string) $class?->getFileName()), $found);

        return $found[1] ?? throw new UnexpectedValueException('no item named for '.$parameter->getName());
    }

    private static function sentence(string $docblock): string
    {
        preg_match('#/\*\*\s*(?:\*\s*)?([^\n@]+?)\s*(?:\*/|\n)#', $docblock, $found);

        return $found[1] ?? '';
    }
}
