<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\AuditTrail\Props\AuditTrailChangeProps;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** What lines of the audit trail changed, as their reader understands it. Rows are named in at most one query a table. */
final readonly class AuditTrailChanges
{
    /** Where the row is that a field names by its id. */
    private const ROWS = [
        'approver_id' => 'people', 'manager_id' => 'people', 'lead_id' => 'people', 'person_id' => 'people', 'stand_in_id' => 'people',
        'team_id' => 'teams', 'role_id' => 'roles', 'client_id' => 'clients', 'project_id' => 'projects', 'phase_id' => 'phases', 'task_id' => 'tasks',
        'absence_kind_id' => 'absence_kinds', 'calendar_id' => 'calendars',
    ];

    /** What rows are named by that have no name. */
    private const CODED = ['calendars'];

    /** Fields whose values are names of ours; what people wrote elsewhere is shown as they wrote it. */
    private const NAMES = ['access', 'state', 'approval', 'route', 'mode', 'estimate_mode', 'severity', 'done', 'billable'];

    private const SWITCHES = ['billable', 'may_submit', 'sees_cost', 'self_approve', 'required', 'shown'];

    private const DAYS = ['first day', 'last day', 'starts_on', 'ends_on', 'done_on', 'baseline_on', 'posted_on', 'estimated_on', 'from', 'to', 'until', 'closed_until', 'date', 'wanted_by'];

    /** @param  array<string, array<int, string>>  $rows  names by table and id */
    private function __construct(private Person $reader, private bool $showsMoney, private array $rows, private AuditTrailNames $names)
    {
    }

    /** @param  list<FoundLine>  $lines */
    public static function of(array $lines, Person $reader, bool $showsMoney, AuditTrailNames $names): self
    {
        $ids = [];
        foreach ($lines as $line) {
            foreach ([self::told($line->before), self::told($line->after)] as $values) {
                foreach (array_intersect_key($values, self::ROWS) as $field => $id) {
                    if (is_int($id)) {
                        $ids[self::ROWS[$field]][$id] = $id;
                    }
                }
            }
        }
        $rows = [];
        foreach ($ids as $table => $wanted) {
            foreach (Record::all(DB::table($table)->select('id', in_array($table, self::CODED, true) ? 'code AS name' : 'name')->whereIntegerInRaw('id', $wanted)) as $row) {
                $rows[$table][$row->int('id')] = $row->string('name');
            }
        }

        return new self($reader, $showsMoney, $rows, $names);
    }

    /** @return list<AuditTrailChangeProps> */
    public function in(FoundLine $line): array
    {
        [$before, $after] = [self::told($line->before), self::told($line->after)];
        $changes = [];
        foreach (array_keys($before + $after) as $field) {
            $field = (string) $field;
            $old = $this->printed($field, $before[$field] ?? null);
            $new = $this->printed($field, $after[$field] ?? null);
            // The role tells which line it was; it has not changed. That nobody is left to approve goes without saying.
            if ($old !== $new && $field !== 'role' && ($field !== 'approvals' || $new !== '0') && ($this->showsMoney || ! str_contains($field, 'cents'))) {
                $changes[] = new AuditTrailChangeProps(self::label($field), $old, $new);
            }
        }

        return $changes;
    }

    private function printed(string $field, mixed $value): ?string
    {
        return match (true) {
            $value === null => null,
            is_int($value) && isset(self::ROWS[$field]) => $this->rows[self::ROWS[$field]][$value] ?? '#'.$value,
            is_int($value) && str_contains($field, 'minutes') => Wording::hours(Minutes::of($value), $this->reader),
            is_int($value) && str_contains($field, 'cents') => LocalFormat::decimal(Money::ofCents($value)->toString()),
            is_int($value) && in_array($field, self::SWITCHES, true) => Wording::of('audit.values.'.($value === 0 ? 'no' : 'yes')),
            is_string($value) => $this->text($field, $value),
            is_scalar($value) => (string) $value,
            default => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        };
    }

    private function text(string $field, string $value): string
    {
        return match (true) {
            in_array($field, self::NAMES, true) => self::known('audit.values.', $value) ?? $value,
            in_array($field, self::DAYS, true) && preg_match('/^\d{4}-\d\d-\d\d$/', $value) === 1 => LocalFormat::wholeDay(Day::of($value)),
            $field === 'week' && preg_match('/^\d{4}-W(\d\d)$/', $value, $week) === 1 => Wording::of('audit.week', ['number' => (int) $week[1]]),
            // Fields of an import are its files.
            str_ends_with($field, '.csv') && preg_match('/^(\d+) new, (\d+) changed/', $value, $counts) === 1 => self::counts((int) $counts[1], (int) $counts[2]),
            default => $this->names->value($field, $value),
        };
    }

    /** What an import did to the rows of a file; those that stayed the same go without saying. */
    private static function counts(int $new, int $changed): string
    {
        return match (true) {
            $new > 0 && $changed > 0 => Wording::of('audit.rows_added_and_changed', ['added' => $new, 'changed' => $changed]),
            $new > 0 => Wording::of('audit.rows_added', ['count' => $new]),
            $changed > 0 => Wording::of('audit.rows_changed', ['count' => $changed]),
            default => Wording::of('audit.rows_unchanged'),
        };
    }

    private static function label(string $field): string
    {
        $plain = (string) preg_replace('/_(minutes|cents|id)$/', '', $field);

        return self::known('audit.fields.', $plain) ?? (str_ends_with($field, '.csv') ? $field : str_replace('_', ' ', $plain));
    }

    private static function known(string $group, string $name): ?string
    {
        $text = Wording::of($group.$name);

        return $text === $group.$name ? null : $text;
    }

    /** @return array<array-key, mixed> what a line tells of before or after, by field */
    public static function told(?string $json): array
    {
        return $json === null ? [] : (array) json_decode($json, true, flags: JSON_THROW_ON_ERROR);
    }
}
