<?php

declare(strict_types=1);

namespace App\Lookup;

use App\Models\Access;
use App\Models\Client;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\Team;
use Illuminate\Database\Query\Builder;

/** What a field may offer by its name. */
enum LookupKind: string
{
    case People = 'people';
    case Teams = 'teams';
    case Projects = 'projects';
    case Clients = 'clients';
    case Roles = 'roles';

    /** Rows with a code and a name: everybody who records or decides, and open projects. */
    public function query(): Builder
    {
        return match ($this) {
            self::People => Person::query()->where('access', '<>', Access::Viewer)->toBase(),
            self::Teams => Team::query()->toBase(),
            self::Projects => Project::query()->open()->toBase(),
            self::Clients => Client::query()->toBase(),
            self::Roles => Role::query()->toBase(),
        };
    }
}
