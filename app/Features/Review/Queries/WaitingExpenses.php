<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\Waiting;
use App\Expenses\Currencies;
use App\Features\Expenses\Queries\ExpenseFindings;
use App\Features\Expenses\Queries\ExpenseRows;
use App\Features\Review\Props\ProjectExpensesProps;
use App\Features\Review\Props\WaitingExpensesProps;
use App\Models\Expense;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Eloquent\Collection;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** The expenses that wait for a person, by whose and of which week they are; in a fixed number of queries. */
final readonly class WaitingExpenses
{
    private const MOST = 200;

    public function __construct(private Waiting $waiting, private ExpenseFindings $findings)
    {
    }

    public function of(Person $approver, Day $today, DeskFilter $filter): DeskExpenses
    {
        $oldest = Record::all($filter->narrowExpenses($this->waiting->expenses($approver, $today))
            ->select('expenses.id', Sql::countOfAll('count'), Sql::sumOfAll('expenses.needs_attention', 'needing_attention'))->orderBy('expenses.date')->limit(self::MOST));
        if ($oldest === []) {
            return new DeskExpenses;
        }
        $ids = array_map(static fn (Record $one): int => $one->int('id'), $oldest);
        $expenses = ExpenseRows::load(Expense::query()->whereKey($ids)->with('person:id,code,name,team_id,timezone', 'person.team:id,code', 'corrected.task.project'));
        $currencies = Currencies::load();
        $found = $this->findings->of($expenses, $currencies);
        $groups = [];
        foreach ($expenses->groupBy(static fn (Expense $one): string => $one->person_id.' '.Week::containing($one->date)->toString()) as $ofWeek) {
            $first = $ofWeek->firstOrFail();
            $week = Week::containing($first->date);
            $groups[] = new WaitingExpensesProps(
                $first->person->code.' '.$week->toString(), $first->person->code, $first->person->name, $week->toString(), $week->number(), $currencies->own->code,
                array_values($ofWeek->map(static fn (Expense $one) => ExpenseRows::props($one, $found[$one->id] ?? [], $currencies, $approver, false))->all()), self::projects($ofWeek),
            );
        }

        return new DeskExpenses($groups, $oldest[0]->int('count'), $oldest[0]->int('needing_attention'));
    }

    /**
     * What approving them adds to the cost of each project: corrections by the difference to what they correct.
     *
     * @param  Collection<int, Expense>  $expenses
     * @return list<ProjectExpensesProps>
     */
    private static function projects(Collection $expenses): array
    {
        $sums = [];
        foreach ($expenses as $expense) {
            $project = $expense->task->project->code;
            $sums[$project] = ($sums[$project] ?? 0) + $expense->cost_cents->cents();
            if ($expense->corrected !== null) {
                $before = $expense->corrected->task->project->code;
                $sums[$before] = ($sums[$before] ?? 0) - $expense->corrected->cost_cents->cents();
            }
        }

        return array_map(static fn (string $project): ProjectExpensesProps => new ProjectExpensesProps($project, $sums[$project]), array_keys($sums));
    }
}
