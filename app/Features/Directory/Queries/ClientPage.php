<?php

declare(strict_types=1);

namespace App\Features\Directory\Queries;

use App\ChargeCodes\Compositions;
use App\Features\Directory\Props\ClientContactProps;
use App\Features\Directory\Props\ClientProps;
use App\Models\Client;
use App\Models\ClientContact;

/** What is known of a client. */
final class ClientPage
{
    public static function of(Client $client): ClientProps
    {
        $composition = Compositions::of([$client->id])->ofClient($client->id);

        return new ClientProps($client->code, $client->name, $client->charge_code_scheme, $composition === null ? null : Compositions::props($composition), array_values(array_map(
            static fn (ClientContact $contact): ClientContactProps => new ClientContactProps($contact->id, $contact->name, $contact->email, $contact->phone, $contact->position),
            $client->contacts()->orderBy('name')->orderBy('id')->get()->all(),
        )));
    }
}
