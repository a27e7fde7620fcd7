<?php

declare(strict_types=1);

namespace App\Features\Directory\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Features\Directory\Queries\DirectoryKind;
use App\Lookup\FreeCode;
use App\Models\Client;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use Illuminate\Support\Facades\DB;

/** Adds, renames and removes teams, roles and clients. What refers to one goes on referring to it under its new name. */
final readonly class KeepDirectory
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  string  $code  empty for one made of the name
     * @param  TeamSettings  $team  of a team
     *
     * @throws DirectoryRefused
     */
    public function add(Person $by, DirectoryKind $kind, string $name, string $code, TeamSettings $team): void
    {
        DB::transaction(function () use ($by, $kind, $name, $code, $team): void {
            if ($code !== '' && $kind->query()->where('code', $code)->exists()) {
                throw DirectoryRefused::taken();
            }
            $added = $kind->query()->create(['code' => $code === '' ? FreeCode::of($kind->query(), $name, rtrim($kind->value, 's')) : $code, 'name' => $name] + ($kind === DirectoryKind::Teams ? $team->columns() : []))->refresh();
            $this->auditTrail->of([AuditTrailLine::on($kind->subject(), $added->code, 'add', $by, null, self::told($added))]);
        });
    }

    /**
     * What is retired is not offered any more.
     *
     * @param  TeamSettings  $team  of a team
     */
    public function change(Person $by, DirectoryKind $kind, Client|Role|Team $entry, string $name, TeamSettings $team, bool $isRetired): void
    {
        DB::transaction(function () use ($by, $kind, $entry, $name, $team, $isRetired): void {
            $before = self::told($entry);
            $entry->update(['name' => $name, 'is_retired' => $isRetired] + ($entry instanceof Team ? $team->columns() : []));
            $entry->unsetRelations();
            $after = self::told($entry);
            if ($before !== $after) {
                $this->auditTrail->of([AuditTrailLine::on($kind->subject(), $entry->code, 'change', $by, $before, $after)]);
            }
        });
    }

    /** @throws DirectoryRefused where anything refers to it */
    public function remove(Person $by, DirectoryKind $kind, Client|Role|Team $entry): void
    {
        DB::transaction(function () use ($by, $kind, $entry): void {
            foreach ($kind->references($entry->id) as $reference) {
                if ($reference->exists()) {
                    throw DirectoryRefused::used($entry->name);
                }
            }
            $this->auditTrail->of([AuditTrailLine::on($kind->subject(), $entry->code, 'remove', $by, self::told($entry), null)]);
            $entry->delete();
        });
    }

    /** @return array<string, string|null> */
    private static function told(Client|Role|Team $entry): array
    {
        return ['name' => $entry->name, 'is_retired' => $entry->is_retired ? 'yes' : 'no'] + ($entry instanceof Team ? [
            'lead' => $entry->loadMissing('lead')->lead?->code, 'timesheet_period' => $entry->timesheet_period->value, 'counted_in' => $entry->counted_in?->value,
        ] : []);
    }
}
