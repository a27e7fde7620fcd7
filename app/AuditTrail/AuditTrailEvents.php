<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Models\AuditTrailRow;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Lines of the audit trail as other systems are told of them: rows by their codes, and no money. Each table is asked at most once. */
final readonly class AuditTrailEvents
{
    /** Fields that name a row by its id, with the table, its column and how the field is called without the id. */
    private const ROWS = [
        'approver_id' => ['people', 'code'], 'manager_id' => ['people', 'code'], 'lead_id' => ['people', 'code'], 'person_id' => ['people', 'code'], 'stand_in_id' => ['people', 'code'],
        'team_id' => ['teams', 'code'], 'role_id' => ['roles', 'code'], 'role' => ['roles', 'code'], 'client_id' => ['clients', 'code'], 'project_id' => ['projects', 'code'],
        'task_id' => ['tasks', 'code'], 'phase_id' => ['phases', 'name'], 'absence_kind_id' => ['absence_kinds', 'name'], 'calendar_id' => ['calendars', 'code'],
    ];

    /**
     * @param  list<AuditTrailRow>  $lines  with `actor`, `onBehalfOf`, `person` and `task.project`
     * @return array<int, AuditTrailEvent> by line
     */
    public static function of(array $lines): array
    {
        $values = [];
        $ids = [];
        foreach ($lines as $line) {
            $values[$line->id] = [self::decoded($line->before), self::decoded($line->after)];
            foreach ($values[$line->id] as $side) {
                foreach (array_intersect_key($side ?? [], self::ROWS) as $field => $id) {
                    if (is_int($id)) {
                        [$table, $column] = self::ROWS[$field];
                        $ids[$table.' '.$column][$id] = $id;
                    }
                }
            }
        }
        $names = self::names($ids);
        $events = [];
        foreach ($lines as $line) {
            [$before, $after] = array_map(static fn (?array $side): ?array => $side === null ? null : self::told($side, $names), $values[$line->id]);
            $events[$line->id] = new AuditTrailEvent(
                $line->id, self::joined($line->subject).'.'.self::joined($line->act), $line->at, $line->actor?->code, $line->onBehalfOf?->code, $line->person?->code,
                $line->task?->project->code, $line->task?->code, $line->date?->toString(), $line->name, $before, $after, $line->why,
            );
        }

        return $events;
    }

    private static function joined(string $words): string
    {
        return str_replace([' ', '-'], '_', $words);
    }

    /** @return array<array-key, mixed>|null */
    private static function decoded(?string $json): ?array
    {
        return $json === null ? null : (array) json_decode($json, true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, array<int, int>>  $ids  by table and column
     * @return array<string, array<int, string>>
     */
    private static function names(array $ids): array
    {
        $names = [];
        foreach ($ids as $place => $wanted) {
            [$table, $column] = explode(' ', $place);
            foreach (Record::all(DB::table($table)->select('id', $column.' AS name')->whereIntegerInRaw('id', $wanted)) as $row) {
                $names[$place][$row->int('id')] = $row->string('name');
            }
        }

        return $names;
    }

    /**
     * @param  array<array-key, mixed>  $side
     * @param  array<string, array<int, string>>  $names
     * @return array<string, string|int|null>
     */
    private static function told(array $side, array $names): array
    {
        $told = [];
        foreach ($side as $field => $value) {
            $field = (string) $field;
            if (str_contains($field, 'cents') || ! (is_scalar($value) || $value === null)) {
                continue;
            }
            $value = is_string($value) || $value === null ? $value : (int) $value;
            if (isset(self::ROWS[$field]) && is_int($value)) {
                $value = $names[implode(' ', self::ROWS[$field])][$value] ?? null;
            }
            $told[(string) preg_replace('/_id$/', '', $field)] = $value;
        }

        return $told;
    }
}
