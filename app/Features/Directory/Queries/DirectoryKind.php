<?php

declare(strict_types=1);

namespace App\Features\Directory\Queries;

use App\AuditTrail\AuditTrailSubject;
use App\Models\Assignment;
use App\Models\Client;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\FavouriteTask;
use App\Models\HouseRuleSetting;
use App\Models\LineChargeCode;
use App\Models\OwnField;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Project;
use App\Models\Rate;
use App\Models\Role;
use App\Models\SavedComparisonReader;
use App\Models\SheetChoice;
use App\Models\Stretch;
use App\Models\Team;
use App\Models\Timer;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** What is listed by code and name. */
enum DirectoryKind: string
{
    case Teams = 'teams';
    case Roles = 'roles';
    case Clients = 'clients';

    /** @return Builder<Client>|Builder<Role>|Builder<Team> */
    public function query(): Builder
    {
        return match ($this) {
            self::Teams => Team::query(),
            self::Roles => Role::query(),
            self::Clients => Client::query(),
        };
    }

    /**
     * What can refer to one of them.
     *
     * @return list<Builder<covariant Model>>
     */
    public function references(int $id): array
    {
        return match ($this) {
            self::Teams => [
                Person::query()->where('team_id', $id), Assignment::query()->where('team_id', $id),
                HouseRuleSetting::query()->where('team_id', $id), SavedComparisonReader::query()->where('team_id', $id), OwnField::query()->where('team_id', $id), PayRule::query()->where('team_id', $id),
            ],
            self::Roles => [
                Person::query()->where('role_id', $id), Rate::query()->where('role_id', $id), Assignment::query()->where('role_id', $id),
                Entry::query()->where('role_id', $id), SheetChoice::query()->where('role_id', $id), Stretch::query()->where('role_id', $id), FavouriteTask::query()->where('role_id', $id), Timer::query()->where('role_id', $id), Correction::query()->where('role_id', $id), LineChargeCode::query()->where('role_id', $id),
            ],
            self::Clients => [Project::query()->where('client_id', $id), OwnField::query()->where('client_id', $id)],
        };
    }

    public function subject(): AuditTrailSubject
    {
        return match ($this) {
            self::Teams => AuditTrailSubject::Team,
            self::Roles => AuditTrailSubject::Role,
            self::Clients => AuditTrailSubject::Client,
        };
    }
}
