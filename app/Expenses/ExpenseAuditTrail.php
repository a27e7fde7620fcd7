<?php

declare(strict_types=1);

namespace App\Expenses;

use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Expense;
use App\Models\Person;

/** How the audit trail tells of expenses. */
final class ExpenseAuditTrail
{
    /**
     * @param  Person|null  $actor  null where the system acted
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public static function line(Expense $expense, string $act, ?Person $actor, ?array $before, ?array $after, string $why = '', ?int $onBehalfOf = null): AuditTrailLine
    {
        if ($before !== null && $after !== null) {
            [$before, $after] = [array_diff_assoc($before, $after), array_diff_assoc($after, $before)];
        }

        return new AuditTrailLine(
            $act, $actor?->id, $onBehalfOf, $expense->person_id, $expense->task_id, $expense->date, $before, $after, $why, AuditTrailSubject::Expense, $expense->category->code.' '.$expense->id,
        );
    }

    /** @return array<string, string|int|null> */
    public static function told(Expense $expense): array
    {
        return AuditTrailLine::told([
            'date' => $expense->date, 'task_id' => $expense->task_id, 'category' => $expense->category->code, 'currency' => $expense->currency?->code, 'gross' => $expense->gross_minor, 'tax' => $expense->tax_minor,
            'exchange_rate' => $expense->exchange_rate, 'gross_cents' => $expense->gross_cents, 'cost_cents' => $expense->cost_cents, 'charged' => (int) $expense->charged, 'own_money' => (int) $expense->own_money,
            'distance' => $expense->distance_tenths, 'mileage_rate' => $expense->mileage_rate, 'from' => $expense->from_place, 'to' => $expense->to_place, 'trip' => $expense->trip?->name,
            'note' => $expense->note, 'client_note' => $expense->client_note, 'explanation' => $expense->explanation, 'state' => $expense->state,
        ]);
    }
}
