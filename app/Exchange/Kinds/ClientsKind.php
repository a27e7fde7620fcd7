<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

/** `clients.csv` */
final class ClientsKind extends CodeAndNameKind
{
    public function name(): string
    {
        return 'clients';
    }

    protected function codeColumn(): string
    {
        return 'client';
    }
}
