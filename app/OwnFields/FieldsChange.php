<?php

declare(strict_types=1);

namespace App\OwnFields;

/** What own fields held and hold now; only those that changed. */
final readonly class FieldsChange
{
    /**
     * @param  array<string, string>  $before  by the field's code
     * @param  array<string, string>  $after
     */
    public function __construct(public array $before = [], public array $after = [])
    {
    }
}
