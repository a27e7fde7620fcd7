<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Models\Role;
use Illuminate\Database\Query\Builder;

/** `role_details.csv`: roles that are retired. */
final class RoleDetailsKind extends DirectoryDetailsKind
{
    public function name(): string
    {
        return 'role_details';
    }

    public function exported(): Builder
    {
        return Role::query()->toBase()->where('is_retired', 1)->select('code AS role', 'is_retired AS retired')->orderBy('code');
    }

    protected function codes(): CodeTable
    {
        return CodeTable::Roles;
    }

    protected function codeColumn(): string
    {
        return 'role';
    }
}
