<?php

declare(strict_types=1);

namespace App\Lookup;

use App\Models\Access;
use App\Models\Client;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use App\Models\Team;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use LogicException;

/** What a field may offer by its name. */
enum LookupKind: string
{
    case People = 'people';
    case Teams = 'teams';
    /** People and teams, whom a task can be given to; known as `person:CODE` or `team:CODE`. */
    case Assignees = 'assignees';
    case Projects = 'projects';
    /** Also closed ones. */
    case AllProjects = 'all-projects';
    case Clients = 'clients';
    case Roles = 'roles';
    /** Of tasks; each is its own name. */
    case ChargeCodes = 'charge-codes';

    /** @return array<string, self> the kinds that it consists of, by what their codes are preceded by */
    public function parts(): array
    {
        return $this === self::Assignees ? ['person:' => self::People, 'team:' => self::Teams] : ['' => $this];
    }

    /** Rows with a code and a name, of a kind that has no parts: everybody who records or decides, open projects, and nothing that is retired. */
    public function query(): Builder
    {
        return match ($this) {
            self::People => Person::query()->where('access', '<>', Access::Viewer)->toBase(),
            self::Teams => Team::query()->where('is_retired', false)->toBase(),
            self::Projects => Project::query()->open()->toBase(),
            self::AllProjects => Project::query()->toBase(),
            self::Clients => Client::query()->where('is_retired', false)->toBase(),
            self::Roles => Role::query()->where('is_retired', false)->toBase(),
            self::ChargeCodes => DB::query()->fromSub(Task::query()->toBase()->whereNotNull('charge_code')->distinct()->select('charge_code AS code', 'charge_code AS name'), 'codes'),
            self::Assignees => throw new LogicException('It has no rows of its own, only parts.'),
        };
    }
}
