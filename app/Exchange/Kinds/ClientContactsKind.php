<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\Formats\EmailFormat;
use App\Exchange\Formats\TextFormat;
use App\Models\ClientContact;
use Illuminate\Database\Query\Builder;

/** `client_contacts.csv`: whom to speak to at clients. */
final class ClientContactsKind extends FileKind
{
    public function name(): string
    {
        return 'client_contacts';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::reference('client', CodeTable::Clients, true),
            Column::required('name', new TextFormat(200)),
            Column::optional('email', new EmailFormat, ''),
            Column::optional('phone', new TextFormat(100), ''),
            Column::optional('position', new TextFormat(100), ''),
        ];
    }

    public function key(): array
    {
        return ['client', 'name', 'email'];
    }

    public function codeColumns(): array
    {
        return ['client', 'name'];
    }

    public function keyAttributes(): array
    {
        return ['client_id', 'name', 'email'];
    }

    public function exported(): Builder
    {
        return ClientContact::query()->toBase()->join('clients', 'clients.id', 'client_contacts.client_id')
            ->select('clients.code AS client', 'client_contacts.name', 'email', 'phone', 'position')->orderBy('clients.code')->orderBy('client_contacts.name')->orderBy('email');
    }
}
