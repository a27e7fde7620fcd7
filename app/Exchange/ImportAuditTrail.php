<?php

declare(strict_types=1);

namespace App\Exchange;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;

/** Writes down what an import changed: how much of each file, and from what to what where something was there before. */
final readonly class ImportAuditTrail
{
    /** What the tables hold that are not simply settings. */
    private const SUBJECTS = [
        'entries' => AuditTrailSubject::Entry,
        'assignments' => AuditTrailSubject::Assignment,
        'remaining_estimates' => AuditTrailSubject::Remaining,
        'rates' => AuditTrailSubject::Rate,
        'stand_ins' => AuditTrailSubject::StandIn,
        'people' => AuditTrailSubject::Person,
        'teams' => AuditTrailSubject::Team,
        'roles' => AuditTrailSubject::Role,
        'clients' => AuditTrailSubject::Client,
        'client_contacts' => AuditTrailSubject::Client,
        'holidays' => AuditTrailSubject::Holiday,
        'absence_kinds' => AuditTrailSubject::AbsenceKind,
        'leave_allowances' => AuditTrailSubject::AbsenceKind,
        'leave_requests' => AuditTrailSubject::Leave,
        'house_rules' => AuditTrailSubject::Rule,
        'entry_pay_kinds' => AuditTrailSubject::PayRule,
        'pay_rules' => AuditTrailSubject::PayRule,
        'entry_pay_choices' => AuditTrailSubject::PayRule,
        'pay_premiums' => AuditTrailSubject::PayPremium,
        'pay_premium_teams' => AuditTrailSubject::PayPremium,
        'pay_premium_people' => AuditTrailSubject::PayPremium,
        'currencies' => AuditTrailSubject::ExpenseSetting,
        'exchange_rates' => AuditTrailSubject::ExpenseSetting,
        'expense_categories' => AuditTrailSubject::ExpenseSetting,
        'expense_category_teams' => AuditTrailSubject::ExpenseSetting,
        'mileage_rates' => AuditTrailSubject::ExpenseSetting,
        'expenses' => AuditTrailSubject::Expense,
        'questions' => AuditTrailSubject::Question,
        'recorders' => AuditTrailSubject::Recorder,
        'own_fields' => AuditTrailSubject::OwnField,
        'own_field_choices' => AuditTrailSubject::OwnField,
        'own_field_values' => AuditTrailSubject::OwnField,
        'charge_code_parts' => AuditTrailSubject::Client,
        'charge_code_values' => AuditTrailSubject::Client,
        'charge_code_combinations' => AuditTrailSubject::Client,
    ];

    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function of(FileKindChange $change): void
    {
        $lines = [];
        foreach ($change->updates as $index => $after) {
            $lines[] = self::line($change->kind->table(), $change->originals[$index], $after);
        }
        $this->auditTrail->of($lines);
    }

    /** @param  list<EndedAssignment>  $ended */
    public function ended(array $ended): void
    {
        $this->auditTrail->of(array_map(static fn (EndedAssignment $one): AuditTrailLine => self::line('assignments', $one->before, $one->after ?? array_map(static fn (): null => null, $one->before)), $ended));
    }

    public function summary(ImportReport $report, ?Person $by): void
    {
        $files = array_map(static fn (array $counts): string => sprintf('%d new, %d changed, %d the same', $counts['new'], $counts['changed'], $counts['same']), $report->files);
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Exchange, 'files', 'import', $by, null, $files)]);
    }

    /**
     * @param  array<string, string|int|null>  $before
     * @param  array<string, string|int|null>  $after
     */
    private static function line(string $table, array $before, array $after): AuditTrailLine
    {
        $changed = array_filter(array_keys($after), static fn (string $name): bool => $name !== 'version' && $after[$name] !== ($before[$name] ?? null));
        $only = static fn (array $row): array => array_intersect_key($row, array_flip($changed)) + (isset($row['role_id']) ? ['role' => $row['role_id']] : []);
        $id = static fn (string $name): ?int => isset($after[$name]) || isset($before[$name]) ? (int) ($after[$name] ?? $before[$name]) : null;

        return new AuditTrailLine(
            'import', null, null, $id('person_id'), $id('task_id'), isset($after['date']) ? (string) $after['date'] : null,
            $only($before), $only($after), '', self::SUBJECTS[$table] ?? AuditTrailSubject::Setting, isset($after['code']) ? (isset(self::SUBJECTS[$table]) ? '' : $table.' ').$after['code'] : $table,
        );
    }
}
