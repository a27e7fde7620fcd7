<?php

declare(strict_types=1);

namespace App\Support\Types;

use BackedEnum;
use ReflectionClass;
use ReflectionEnum;
use ReflectionNamedType;
use ReflectionParameter;
use UnexpectedValueException;

/**
 * Writes the TypeScript types of page props from the PHP classes that hold them.
 *
 * Knows what those classes use: scalars, enums, other props, null, and lists or string maps named in the constructor's
 * docblock. Anything else is refused.
 */
final class TypeScriptTypes
{
    private const SCALARS = ['int' => 'number', 'string' => 'string', 'bool' => 'boolean'];

    /** @var array<string, class-string<BackedEnum>> by short name */
    private array $enums = [];

    /** @param  list<class-string>  $classes */
    public function of(array $classes): string
    {
        sort($classes);
        $types = '';
        foreach ($classes as $class) {
            $reflection = new ReflectionClass($class);
            if (! $reflection->isEnum()) {
                $types .= $this->interface($reflection);
            }
        }
        ksort($this->enums);
        $enums = '';
        foreach ($this->enums as $name => $enum) {
            $cases = array_map(static fn (BackedEnum $case): string => "'".$case->value."'", $enum::cases());
            $enums .= 'export type '.$name.' = '.implode(' | ', $cases).";\n\n";
        }

        return "// Written by `php artisan moss:types` from the props classes in app; do not edit.\n\n".$enums.rtrim($types)."\n";
    }

    /** @param  ReflectionClass<object>  $class */
    private function interface(ReflectionClass $class): string
    {
        $constructor = $class->getConstructor() ?? throw new UnexpectedValueException($class->getName().' has no constructor');
        $lines = '';
        foreach ($constructor->getParameters() as $parameter) {
            $lines .= '    '.$parameter->getName().': '.$this->type($parameter, (string) $constructor->getDocComment()).";\n";
        }

        return 'export interface '.$class->getShortName()." {\n".$lines."}\n\n";
    }

    private function type(ReflectionParameter $parameter, string $docblock): string
    {
        $type = $parameter->getType();
        if (! $type instanceof ReflectionNamedType) {
            throw new UnexpectedValueException('no plain type: '.$parameter->getName());
        }
        $name = $type->getName();
        $text = $name === 'array' ? $this->documented($parameter, $docblock) : $this->named($name);

        return $type->allowsNull() ? $text.' | null' : $text;
    }

    private function documented(ReflectionParameter $parameter, string $docblock): string
    {
        $pattern = '/@param\s+(list|array)<(?:string,\s*)?(\w+)>(?:\|null)?\s+\$'.$parameter->getName().'\b/';
        if (preg_match($pattern, $docblock, $found) !== 1) {
            throw new UnexpectedValueException('no list or string map named in the docblock: '.$parameter->getName());
        }
        $item = self::SCALARS[$found[2]] ?? $found[2];
        $this->note($parameter, $found[2]);

        return $found[1] === 'list' ? $item.'[]' : 'Record<string, '.$item.'>';
    }

    /** An enum that is only named in a docblock is found by what the file of the class uses. */
    private function note(ReflectionParameter $parameter, string $name): void
    {
        $source = (string) file_get_contents((string) $parameter->getDeclaringClass()?->getFileName());
        if (preg_match('/^use ([\\w\\\\]+\\\\'.$name.');$/m', $source, $found) === 1 && is_a($found[1], BackedEnum::class, true)) {
            $this->named($found[1]);
        }
    }

    private function named(string $name): string
    {
        if (is_a($name, BackedEnum::class, true)) {
            $short = (new ReflectionEnum($name))->getShortName();
            $this->enums[$short] = $name;

            return $short;
        }

        return self::SCALARS[$name] ?? (class_exists($name) ? (new ReflectionClass($name))->getShortName() : throw new UnexpectedValueException('no type for '.$name));
    }
}
