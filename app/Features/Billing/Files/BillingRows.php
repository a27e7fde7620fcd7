<?php

declare(strict_types=1);

namespace App\Features\Billing\Files;

use App\Models\BillingDetail;
use App\Models\BillingFile;
use App\Models\BillingKind;
use App\Models\BillingLine;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Support\LazyCollection;

/** The rows of a billing file: its lines one by one, or summed up. Minutes and cents stay numbers. */
final class BillingRows
{
    /** What rows that are sums are told apart by. */
    private const KEYS = ['task' => ['client', 'project', 'task', 'charge_code', 'correction', 'kind_of_pay'], 'project' => ['client', 'project', 'correction', 'kind_of_pay'], 'person' => ['person', 'correction', 'kind_of_pay']];

    /** @return iterable<array<string, string|int|null>> by the names of columns */
    public static function of(BillingFile $file, BillingDetail $detail): iterable
    {
        if ($detail === BillingDetail::Entry) {
            return self::lines($file);
        }
        $sums = [];
        foreach (self::lines($file) as $line) {
            $key = implode("\n", array_map(static fn (string $column): string => (string) $line[$column], self::KEYS[$detail->value]));
            $before = $sums[$key] ?? null;
            $sums[$key] = $before === null ? $line : ['minutes' => (int) $before['minutes'] + (int) $line['minutes'], 'amount' => $before['amount'] === null || $line['amount'] === null ? $before['amount'] ?? $line['amount'] : (int) $before['amount'] + (int) $line['amount']] + $before;
        }

        ksort($sums, SORT_STRING);

        return array_values($sums);
    }

    /** @return LazyCollection<int, array<string, string|int|null>> by client, project, task, person and day */
    private static function lines(BillingFile $file): LazyCollection
    {
        $query = BillingLine::query()->toBase()->where('billing_file_id', $file->id)
            ->join('entries', 'entries.id', 'billing_lines.entry_id')->join('people', 'people.id', 'entries.person_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')->leftJoin('clients', 'clients.id', 'projects.client_id')
            ->orderBy($file->kind === BillingKind::Bill ? 'clients.code' : 'people.code')->orderBy('projects.code')->orderBy('tasks.code')->orderBy('people.code')->orderBy('entries.date')->orderBy('billing_lines.id')
            ->select('clients.code AS client', 'clients.name AS client_name', 'projects.code AS project', 'projects.name AS project_name', 'tasks.code AS task', 'tasks.name AS task_name')
            ->addSelect(Sql::first(['entries.charge_code', 'tasks.charge_code'], 'charge_code'))
            ->addSelect('people.code AS person', 'people.name AS person_name', 'roles.code AS role', 'entries.date', 'entries.corrects', 'entries.client_note', 'billing_lines.is_correction', 'billing_lines.pay_kind', 'billing_lines.minutes', 'billing_lines.rate', 'billing_lines.amount_cents');

        return Record::each($query)->map(static fn (Record $row): array => [
            'client' => $row->stringOrNull('client'), 'client_name' => $row->stringOrNull('client_name'), 'project' => $row->string('project'), 'project_name' => $row->string('project_name'),
            'task' => $row->string('task'), 'task_name' => $row->string('task_name'), 'charge_code' => $row->stringOrNull('charge_code'), 'person' => $row->string('person'), 'person_name' => $row->string('person_name'),
            'role' => $row->stringOrNull('role'), 'date' => $row->string('date'), 'corrects' => $row->stringOrNull('corrects'), 'correction' => $row->bool('is_correction') ? 'yes' : '', 'kind_of_pay' => $row->string('pay_kind'),
            'minutes' => $row->int('minutes'), 'rate' => $row->stringOrNull('rate'), 'amount' => $row->intOrNull('amount_cents'), 'note' => $row->string('client_note'),
        ]);
    }
}
