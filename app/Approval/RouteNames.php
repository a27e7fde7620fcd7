<?php

declare(strict_types=1);

namespace App\Approval;

use App\Support\Database\Record;
use App\Support\Language\Wording;
use Moss\Core\Review\RouteKind;
use Moss\Core\Review\RouteStep;

/** Who decides on an entry, by name. */
final class RouteNames
{
    /**
     * @param  Record  $entry  with its route, and the names of the managers of the project and of the line
     * @param  int  $steps  how many to leave out
     * @return list<string>
     */
    public static function after(Record $entry, RouteKind $default, int $steps): array
    {
        $name = static fn (RouteStep $step): string => match (true) {
            $step->approver === null => null,
            $step->approver === $entry->stringOrNull('project_manager_id') => $entry->stringOrNull('project_manager'),
            default => $entry->stringOrNull('line_manager'),
        } ?? Wording::refusal('the_office');

        return array_map($name, array_slice(EntryRoute::of($entry, $default)->steps(), $steps));
    }
}
