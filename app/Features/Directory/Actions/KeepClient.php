<?php

declare(strict_types=1);

namespace App\Features\Directory\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Client;
use App\Models\ClientContact;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Keeps a client's name, how its charge codes are made up, and its contacts. */
final readonly class KeepClient
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function change(Person $by, Client $client, string $name, ?string $scheme): void
    {
        DB::transaction(function () use ($by, $client, $name, $scheme): void {
            $before = ['name' => $client->name, 'charge_code_scheme' => $client->charge_code_scheme];
            $after = ['name' => $name, 'charge_code_scheme' => $scheme];
            $client->update($after);
            if ($before !== $after) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Client, $client->code, 'change', $by, array_diff_assoc($before, $after), array_diff_assoc($after, $before))]);
            }
        });
    }

    /**
     * @param  array{name: string, email: string, phone: string, position: string}  $values
     * @return bool false if the client has another contact of this name and address
     */
    public function saveContact(Person $by, ClientContact $contact, array $values): bool
    {
        return DB::transaction(function () use ($by, $contact, $values): bool {
            $same = ClientContact::query()->where('client_id', $contact->client_id)->where('name', $values['name'])->where('email', $values['email']);
            if ($same->when($contact->exists, static fn ($others) => $others->whereKeyNot($contact->id))->exists()) {
                return false;
            }
            $before = $contact->exists ? self::told($contact) : null;
            $contact->fill($values)->save();
            if ($before !== self::told($contact)) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Client, $contact->client->code, $before === null ? 'add contact' : 'change contact', $by, $before, self::told($contact))]);
            }

            return true;
        });
    }

    public function removeContact(Person $by, ClientContact $contact): void
    {
        DB::transaction(function () use ($by, $contact): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Client, $contact->client->code, 'remove contact', $by, self::told($contact), null)]);
            $contact->delete();
        });
    }

    /** @return array<string, string> */
    private static function told(ClientContact $contact): array
    {
        return ['name' => $contact->name, 'email' => $contact->email, 'phone' => $contact->phone, 'position' => $contact->position];
    }
}
