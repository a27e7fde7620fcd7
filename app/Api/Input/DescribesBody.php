<?php

declare(strict_types=1);

namespace App\Api\Input;

/** A request whose fields the document describes. */
interface DescribesBody
{
    /**
     * Each field as a JSON schema; those of an address are all optional.
     *
     * @return array<string, array<string, mixed>>
     */
    public static function fields(): array;

    /** @return list<string> fields without which it is refused */
    public static function required(): array;
}
