<?php

declare(strict_types=1);

namespace App\Exchange;

/** A row on its way into the table. */
final readonly class DraftRow
{
    /**
     * @param  array<string, string|int|null>  $attributes  complete, defaults filled in
     * @param  list<string>  $given  the attributes that the file gives; the others are left as they are where a row exists
     */
    public function __construct(public FileRow $row, public array $attributes, public array $given)
    {
    }

    /** @return array<string, string|int|null> */
    public function givenAttributes(): array
    {
        return array_intersect_key($this->attributes, array_flip($this->given));
    }
}
