<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Client;
use App\Models\ExpenseStatementKind;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;

/** What is paid back or charged, up to which day. */
final class StatementRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(ExpenseStatementKind::class)],
            'client' => ['nullable', 'required_if:kind,client', 'string', Rule::exists('clients', 'code')],
            'seen' => ['nullable', 'string', 'max:40'],
            'until' => ['required', 'string', new WorkDay(Wording::of('expense_statements.until'))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['client' => Wording::of('expense_statements.client'), 'until.required' => Wording::of('expense_statements.until')];
    }

    public function kind(): ExpenseStatementKind
    {
        return ExpenseStatementKind::from($this->string('kind')->toString());
    }

    public function client(): ?Client
    {
        return $this->kind() === ExpenseStatementKind::Client ? Client::query()->where('code', $this->string('client')->toString())->sole() : null;
    }

    /** What was outstanding when the office looked; null where nothing was looked at. */
    public function seen(): ?string
    {
        return $this->filled('seen') ? $this->string('seen')->toString() : null;
    }

    public function until(): Day
    {
        return Day::of($this->string('until')->toString());
    }
}
