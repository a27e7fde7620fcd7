<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Client;
use App\Models\ClientSystem;
use App\Models\ClientSystemPerson;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Adds, changes and removes clients' systems, and says who it is that one speaks of. */
final readonly class KeepClientSystems
{
    public function __construct(private AuditTrail $auditTrail, private FindOpenWeeks $weeks)
    {
    }

    /** @param  array{name: string, starts_on: string, person_by: string, person_heading: string, date_heading: string, hours_heading: string, charge_code_heading: string, pay_kind_heading: string, pay_kind_names: array<string, string>}  $values */
    public function save(Person $office, Client $client, array $values): ClientSystem
    {
        $system = DB::transaction(function () use ($office, $client, $values): ClientSystem {
            $known = ClientSystem::query()->where('client_id', $client->id)->exists();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::ClientSystem, $client->code, $known ? 'change' : 'add', $office, null, ['pay_kind_names' => self::told($values['pay_kind_names'])] + $values)]);

            return ClientSystem::query()->updateOrCreate(['client_id' => $client->id], $values);
        });
        $this->weeks->handle($system);

        return $system;
    }

    /** @param  array<string, string>  $names */
    private static function told(array $names): string
    {
        return implode(', ', array_map(static fn (string $kind, string $name): string => "$kind: $name", array_keys($names), $names));
    }

    public function remove(Person $office, ClientSystem $system): void
    {
        DB::transaction(function () use ($office, $system): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::ClientSystem, $system->client->code, 'remove', $office, ['name' => $system->name], null)]);
            $system->delete();
        });
    }

    /** @throws ClientSystemRefused if the person is somebody else there already */
    public function match(Person $office, ClientSystem $system, ClientSystemPerson $there, Person $person): void
    {
        DB::transaction(function () use ($office, $system, $there, $person): void {
            if (ClientSystemPerson::query()->where('client_system_id', $system->id)->where('person_id', $person->id)->whereKeyNot($there->id)->exists()) {
                throw ClientSystemRefused::because('person', 'person_taken');
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::ClientSystem, $system->client->code, 'match', $office, null, ['name' => $there->called, 'person_id' => $person->id])]);
            $there->update(['person_id' => $person->id]);
        });
        $this->weeks->handle($system);
    }
}
