<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\ExpenseStatements\Queries\OutstandingExpenses;
use App\Models\Client;
use App\Models\Expense;
use App\Models\ExpenseStatement;
use App\Models\ExpenseStatementKind;
use App\Models\ExpenseStatementLine;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;

/** Makes a statement of all that is outstanding up to a day, and settles it: each expense is in one of a kind, and stays as it is. */
final readonly class MakeStatement
{
    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  string|null  $seen  what was outstanding when the office looked; null where it did not
     *
     * @throws StatementRefused if nothing is outstanding, it has changed since, or the day is yet to come
     */
    public function handle(Person $office, ExpenseStatementKind $kind, ?Client $client, Day $until, ?string $seen = null): ExpenseStatement
    {
        if ($until->isAfter($this->today->for($office))) {
            throw StatementRefused::because('future', ['day' => Wording::day($until)]);
        }

        return DB::transaction(function () use ($office, $kind, $client, $until, $seen): ExpenseStatement {
            $outstanding = OutstandingExpenses::of($kind, $client?->id, $until);
            $sums = Record::all((clone $outstanding)->select(Sql::count('expenses'), Sql::total(OutstandingExpenses::amount($kind), 'cents'), Sql::min('expenses.date', 'first')))[0];
            if ($sums->int('expenses') === 0) {
                throw StatementRefused::because('nothing');
            }
            if ($seen !== null && $seen !== OutstandingExpenses::seen($sums->int('expenses'), $sums->int('cents'))) {
                throw StatementRefused::because('changed');
            }
            $statement = ExpenseStatement::query()->create([
                'kind' => $kind, 'client_id' => $client?->id, 'starts_on' => $sums->string('first'), 'ends_on' => $until, 'made_by_id' => $office->id,
                'made_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'expenses' => $sums->int('expenses'), 'amount_cents' => $sums->int('cents'),
            ]);
            ExpenseStatementLine::query()->toBase()->insertUsing(
                ['expense_statement_id', 'kind', 'expense_id', 'amount_cents'],
                $outstanding->select(Sql::number($statement->id, 'statement'), Sql::text($kind->value, 'statement_kind'), 'expenses.id', OutstandingExpenses::amount($kind))->orderBy('expenses.id'),
            );
            $stated = Expense::query()->whereIn('id', ExpenseStatementLine::query()->where('expense_statement_id', $statement->id)->select('expense_id'));
            (clone $stated)->update([$kind->mark() => true]);
            $stated->where('state', EntryState::Approved)->update(['state' => EntryState::Settled]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Billing, $client === null ? $kind->value : $client->code, 'make', $office, null, [
                'kind' => $kind->value, 'until' => $until->toString(), 'expenses' => $sums->int('expenses'), 'amount' => $sums->int('cents'),
            ])]);

            return $statement;
        });
    }
}
