<?php

declare(strict_types=1);

namespace App\OwnFields;

/** What own fields held and hold now, under the names by which the audit trail tells it; only those that changed. */
final readonly class FieldsChange
{
    /** What stands before the code of a field in the audit trail. */
    public const TOLD = 'field ';

    /**
     * @param  array<string, string>  $before
     * @param  array<string, string>  $after
     */
    public function __construct(public array $before = [], public array $after = [])
    {
    }
}
