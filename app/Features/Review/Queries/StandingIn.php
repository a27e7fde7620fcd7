<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Models\Person;
use App\Support\Database\Record;

/** Names those for whom a person stands in. */
final class StandingIn
{
    /**
     * @param  list<string>  $names  so far
     * @param  Record  $entry  with the approver's id and name
     * @return list<string> with the approver of the entry, if that is somebody else
     */
    public static function names(array $names, Record $entry, Person $person): array
    {
        $approver = $entry->stringOrNull('approver');
        if ($approver !== null && $entry->intOrNull('approver_id') !== $person->id && ! in_array($approver, $names, true)) {
            $names[] = $approver;
        }

        return $names;
    }
}
