<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Features\Projects\Queries\RatesInForce;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** Which projects have a budget that is less than all that is entered on them costs, at the rates that are known. */
final class SpentBudgets
{
    /**
     * @param  list<int>  $projects
     * @return array<int, true> by project id
     */
    public static function among(array $projects): array
    {
        $budgets = [];
        foreach (Record::all(DB::table('tasks')->whereIntegerInRaw('project_id', $projects)->whereNotNull('budget_cents')
            ->select('project_id')->selectRaw('sum(budget_cents) AS budget')->groupBy('project_id')) as $record) {
            $budgets[$record->int('project_id')] = Money::ofCents($record->int('budget'));
        }
        $spent = [];
        foreach ($budgets === [] ? [] : self::costs(array_keys($budgets)) as $project => $cost) {
            if ($budgets[$project]->minus($cost)->isNegative()) {
                $spent[$project] = true;
            }
        }

        return $spent;
    }

    /**
     * @param  list<int>  $projects
     * @return array<int, Money>
     */
    private static function costs(array $projects): array
    {
        $pricing = RatesInForce::load();
        // Entries are priced one by one, since each is rounded; alike ones cost alike.
        $query = DB::table('entries')->join('tasks', 'tasks.id', 'entries.task_id')->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('roles', 'roles.id', 'entries.role_id')->whereIntegerInRaw('tasks.project_id', $projects)
            ->select('tasks.project_id', 'people.code AS person', 'roles.code AS role', 'entries.date', 'entries.minutes');
        $costs = [];
        $days = [];
        foreach (Record::each($query) as $record) {
            $day = $days[$record->string('date')] ??= Day::of($record->string('date'));
            $cost = $pricing->cost($record->string('person'), $record->stringOrNull('role'), $day, Minutes::of($record->int('minutes')));
            $costs[$record->int('project_id')] = ($costs[$record->int('project_id')] ?? Money::zero())->plus($cost->known);
        }

        return $costs;
    }
}
