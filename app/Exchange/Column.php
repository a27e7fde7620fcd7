<?php

declare(strict_types=1);

namespace App\Exchange;

/**
 * A column of an exchange file: its name, how its cells read, and where they go.
 */
final readonly class Column
{
    /**
     * @param  string  $attribute  the column of the table
     * @param  CodeTable|null  $names  whose codes the cells hold, if any; the attribute then holds the id
     */
    private function __construct(
        public string $name,
        public Format $format,
        public string $attribute,
        public bool $isRequired,
        public string|int|null $default,
        public ?CodeTable $names,
    ) {
    }

    public static function required(string $name, Format $format, ?string $attribute = null): self
    {
        return new self($name, $format, $attribute ?? $name, true, null, null);
    }

    public static function optional(string $name, Format $format, string|int|null $default = null, ?string $attribute = null): self
    {
        return new self($name, $format, $attribute ?? $name, false, $default, null);
    }

    /** A code that stands under another name than that of its column in the table. */
    public static function ofCode(string $name, CodeTable $to, string $attribute): self
    {
        return new self($name, new Formats\CodeFormat, $attribute, true, null, $to);
    }

    public static function reference(string $name, CodeTable $to, bool $isRequired = false): self
    {
        return new self($name, new Formats\CodeFormat, $name.'_id', $isRequired, null, $to);
    }
}
