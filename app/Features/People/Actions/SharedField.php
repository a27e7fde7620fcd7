<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use Illuminate\Database\Eloquent\Builder;

/** What can be set for several people at once. */
enum SharedField: string
{
    case Team = 'team';
    case Manager = 'manager';
    case Role = 'role';

    public function column(): string
    {
        return $this->value.'_id';
    }

    /** As the audit trail calls it. */
    public function told(): string
    {
        return $this === self::Manager ? 'line manager' : $this->value;
    }

    /** @return Builder<Person>|Builder<Role>|Builder<Team> of what it can be */
    public function options(): Builder
    {
        return match ($this) {
            self::Team => Team::query(),
            self::Manager => Person::query(),
            self::Role => Role::query(),
        };
    }
}
