<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\AuditTrailLineProps;
use App\Models\AuditTrailRow;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;

/** What has become of one cell, act by act; the newest first. One query. */
final class CellAuditTrail
{
    private const MOST = 50;

    /** @return list<AuditTrailLineProps> */
    public function of(Person $owner, int $task, ?int $role, Day $day): array
    {
        $query = AuditTrailRow::query()->toBase()
            ->leftJoin('people AS actors', 'actors.id', 'audit_trail.actor_id')
            ->leftJoin('people AS principals', 'principals.id', 'audit_trail.on_behalf_of_id')
            ->where('audit_trail.person_id', $owner->id)->where('audit_trail.date', $day->toString())->where('audit_trail.task_id', $task)
            // An act that does not say in which role is one on every entry of the task and day.
            ->whereRaw("(json_type(coalesce(audit_trail.after, audit_trail.before), '$.role') IS NULL OR json_extract(coalesce(audit_trail.after, audit_trail.before), '$.role') IS ?)", [$role])
            ->select('audit_trail.at', 'actors.name AS actor', 'principals.name AS principal', 'audit_trail.act', 'audit_trail.before', 'audit_trail.after', 'audit_trail.why')
            ->orderByDesc('audit_trail.id')->limit(self::MOST);

        return array_map(self::line(...), Record::all($query));
    }

    private static function line(Record $record): AuditTrailLineProps
    {
        $before = self::told($record->stringOrNull('before'));
        $after = self::told($record->stringOrNull('after'));

        return new AuditTrailLineProps(
            $record->string('at'),
            $record->stringOrNull('actor') ?? Wording::refusal('the_system'),
            $record->stringOrNull('principal'),
            $record->string('act'),
            self::int($before, 'minutes'),
            self::int($after, 'minutes'),
            self::changed($before, $after, 'note'),
            self::changed($before, $after, 'client_note'),
            $record->string('why'),
        );
    }

    /** @return array<array-key, mixed> */
    private static function told(?string $json): array
    {
        $told = $json === null ? [] : json_decode($json, true);

        return is_array($told) ? $told : [];
    }

    /** @param  array<array-key, mixed>  $told */
    private static function int(array $told, string $name): ?int
    {
        return is_int($told[$name] ?? null) ? $told[$name] : null;
    }

    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     */
    private static function changed(array $before, array $after, string $name): ?string
    {
        $text = $after[$name] ?? null;

        return is_string($text) && $text !== ($before[$name] ?? null) ? $text : null;
    }
}
