<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

/** `roles.csv` */
final class RolesKind extends CodeAndNameKind
{
    public function name(): string
    {
        return 'roles';
    }

    protected function codeColumn(): string
    {
        return 'role';
    }
}
