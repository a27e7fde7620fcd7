<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Controllers;

use App\Features\ExpenseStatements\Actions\MakeStatement;
use App\Features\ExpenseStatements\Actions\StatementRefused;
use App\Features\ExpenseStatements\Files\StatementDocument;
use App\Features\ExpenseStatements\Queries\StatementPage;
use App\Features\ExpenseStatements\Requests\StatementRequest;
use App\Http\Input\Address;
use App\Models\ExpenseStatement;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What people are paid back, and clients are charged. */
final class ExpenseStatementsController
{
    public function show(#[CurrentUser] Person $office, Request $request, Today $today): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('ExpenseStatements', ['statements' => StatementPage::of(Address::of($request), $today->for($office))]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, StatementRequest $request, MakeStatement $make): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $make->handle($office, $request->kind(), $request->client(), $request->until(), $request->seen());
        } catch (StatementRefused $refused) {
            throw ValidationException::withMessages(['until' => $refused->getMessage()]);
        }

        return redirect()->route('office.expense-statements', ['kind' => $request->kind()->value])->with('message', Wording::of('expense_statements.made'));
    }

    public function download(ExpenseStatement $expenseStatement, string $format, StatementDocument $document): StreamedResponse
    {
        Gate::authorize('keep', Organisation::class);
        $name = sprintf('%s-%d-%s.%s', $expenseStatement->kind->value, $expenseStatement->id, $expenseStatement->ends_on->toString(), $format);

        return response()->streamDownload(static function () use ($document, $expenseStatement, $format): void {
            foreach ($format === 'pdf' ? [$document->pdf($expenseStatement)] : $document->csv($expenseStatement) as $piece) {
                echo $piece;
            }
        }, $name, ['Content-Type' => $format === 'pdf' ? 'application/pdf' : 'text/csv; charset=utf-8']);
    }
}
