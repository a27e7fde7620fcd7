<?php

declare(strict_types=1);

namespace App\Features\Expenses\Controllers;

use App\Features\Expenses\Actions\CorrectExpense;
use App\Features\Expenses\Actions\ExpenseRefused;
use App\Features\Expenses\Actions\InkReceipts;
use App\Features\Expenses\Actions\SaveExpense;
use App\Features\Expenses\Actions\SubmitExpenses;
use App\Features\Expenses\Queries\ExpenseWeek;
use App\Features\Expenses\Requests\ExpenseRequest;
use App\Features\Expenses\Requests\InkReceiptsRequest;
use App\Models\Expense;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** The expenses of a week: entered, submitted, taken back and corrected on one page. */
final readonly class ExpensesController
{
    public function current(#[CurrentUser] Person $person, Today $today): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);

        return redirect()->route('expenses', ['person' => $person->code, 'week' => Week::containing($today->for($person))->toString()]);
    }

    public function show(#[CurrentUser] Person $reader, Person $person, Week $week, ExpenseWeek $expenses): Response
    {
        Gate::authorize('viewWeek', $person);

        return Inertia::render('Expenses', ['expenses' => $expenses->of($person, $week, $reader)]);
    }

    public function store(#[CurrentUser] Person $actor, Person $person, ExpenseRequest $request, SaveExpense $save): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);

        return self::after(static function () use ($actor, $person, $request, $save): RedirectResponse {
            $expense = $save->handle($actor, $person, null, $request->expense());

            return self::week($person, $expense)->with('message', Wording::of('expenses.added'));
        });
    }

    public function update(#[CurrentUser] Person $actor, Person $person, Expense $expense, ExpenseRequest $request, SaveExpense $save): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);

        return self::after(static function () use ($actor, $person, $expense, $request, $save): RedirectResponse {
            $saved = $save->handle($actor, $person, $expense, $request->expense());

            return self::week($person, $saved)->with('message', Wording::of('expenses.saved'));
        });
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, Expense $expense, SaveExpense $save): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);

        return self::after(static function () use ($actor, $person, $expense, $save): RedirectResponse {
            $save->remove($actor, $person, $expense);

            return self::week($person, $expense)->with('message', Wording::of('expenses.removed'));
        });
    }

    /** Receipts that wait become expenses. */
    public function ink(#[CurrentUser] Person $actor, Person $person, InkReceiptsRequest $request, InkReceipts $ink): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);

        return self::after(static function () use ($actor, $person, $request, $ink): RedirectResponse {
            $expenses = $request->expenses();
            $ink->handle($actor, $person, $expenses);

            return redirect()->route('expenses', ['person' => $person->code, 'week' => Week::containing($expenses[0]->day)->toString()])->with('message', Wording::choice('receipts.inked', count($expenses)));
        });
    }

    public function correct(#[CurrentUser] Person $actor, Person $person, Expense $expense, CorrectExpense $correct): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);

        return self::after(static fn (): RedirectResponse => self::week($person, $correct->handle($actor, $person, $expense))->with('message', Wording::of('expenses.correcting')));
    }

    public function submit(#[CurrentUser] Person $actor, Person $person, Week $week, SubmitExpenses $submit): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);

        return self::after(static function () use ($actor, $person, $week, $submit): RedirectResponse {
            $submitted = $submit->handle($actor, $person, $week->days());
            $approved = $submitted->where('state', EntryState::Approved)->count();

            return back()->with('message', match (true) {
                $submitted->isEmpty() => Wording::of('expenses.nothing_to_submit'),
                $approved === $submitted->count() => Wording::choice('expenses.approved', $approved),
                default => Wording::choice('expenses.submitted', $submitted->count()),
            });
        });
    }

    public function takeBack(#[CurrentUser] Person $actor, Person $person, Week $week, SubmitExpenses $submit): RedirectResponse
    {
        Gate::authorize('submitWeek', $person);

        return back()->with('message', Wording::choice('expenses.taken_back', $submit->takeBack($actor, $person, $week->days())));
    }

    private static function week(Person $person, Expense $expense): RedirectResponse
    {
        return redirect()->route('expenses', ['person' => $person->code, 'week' => Week::containing($expense->date)->toString()]);
    }

    /**
     * @param  Closure(): RedirectResponse  $act
     *
     * @throws ValidationException
     */
    private static function after(Closure $act): RedirectResponse
    {
        try {
            return $act();
        } catch (ExpenseRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }
    }
}
