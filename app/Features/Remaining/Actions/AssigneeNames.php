<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Effort\AssigneeRemaining;
use Moss\Core\Planning\Assignee;

/** The names of assignees, for a sentence. */
final readonly class AssigneeNames
{
    /**
     * Who has how much left, as a person reads hours.
     *
     * @param  list<AssigneeRemaining>  $parts
     */
    public static function withRest(array $parts, Person $reader): string
    {
        return implode(', ', array_map(
            static fn (AssigneeRemaining $part, string $name): string => $name.' '.Wording::hours($part->remaining, $reader),
            $parts,
            self::of(array_map(static fn (AssigneeRemaining $part): ?Assignee => $part->assignee, $parts)),
        ));
    }

    /**
     * @param  list<Assignee|null>  $assignees  null for nobody
     * @return list<string> in the same order
     */
    private static function of(array $assignees): array
    {
        $codes = ['people' => [], 'teams' => []];
        foreach ($assignees as $assignee) {
            if ($assignee !== null) {
                $codes[$assignee->isTeam ? 'teams' : 'people'][] = $assignee->code;
            }
        }
        $names = [];
        foreach ($codes as $table => $ofTable) {
            $names[$table] = $ofTable === [] ? [] : DB::table($table)->whereIn('code', $ofTable)->pluck('name', 'code')->all();
        }

        return array_map(static function (?Assignee $assignee) use ($names): string {
            $name = $assignee === null ? null : $names[$assignee->isTeam ? 'teams' : 'people'][$assignee->code] ?? null;

            return is_string($name) ? $name : ($assignee->code ?? Wording::refusal('remaining.nobody'));
        }, $assignees);
    }
}
