<?php

declare(strict_types=1);

namespace App\Features\Directory\Queries;

use App\Features\Directory\Props\DirectoryProps;
use App\Features\Directory\Props\DirectoryRowProps;
use App\Lookup\Props\OptionProps;
use App\Models\Person;
use App\Models\Project;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\TextSearch;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/** Teams, roles or clients with how much they are used, a page at a time, in two queries. */
final class DirectoryList
{
    private const AT_ONCE = 100;

    public function page(DirectoryKind $kind, string $search, int $page): DirectoryProps
    {
        $table = $kind->value;
        $found = TextSearch::narrow($kind->query()->toBase(), $search, ["$table.name", "$table.code"]);
        $count = (clone $found)->count();
        $pages = max(1, (int) ceil($count / self::AT_ONCE));
        $page = min($page, $pages);
        $found->orderBy("$table.is_retired")->orderBy("$table.name")->orderBy("$table.id")->forPage($page, self::AT_ONCE)->select("$table.code", "$table.name", "$table.is_retired")
            ->selectSub(self::uses($kind)->select(Sql::count()), 'uses')
            ->when($kind === DirectoryKind::Teams, static fn (Builder $teams): Builder => $teams->leftJoin('people AS leads', 'leads.id', 'teams.lead_id')->addSelect('leads.code AS lead_code', 'leads.name AS lead_name', 'teams.timesheet_period', 'teams.counted_in'));

        return new DirectoryProps($kind, $search, array_map(static function (Record $row) use ($kind): DirectoryRowProps {
            $isTeam = $kind === DirectoryKind::Teams;
            $lead = $isTeam ? $row->stringOrNull('lead_code') : null;
            $unit = $isTeam ? $row->stringOrNull('counted_in') : null;

            return new DirectoryRowProps(
                $row->string('code'), $row->string('name'), $lead === null ? null : new OptionProps($lead, $row->string('lead_name')),
                $isTeam ? TimesheetPeriod::from($row->string('timesheet_period')) : null, $unit === null ? null : DayUnit::from($unit), $row->int('uses'), $row->bool('is_retired'),
            );
        }, Record::all($found)), $count, $page, $pages);
    }

    private static function uses(DirectoryKind $kind): Builder
    {
        return match ($kind) {
            DirectoryKind::Teams => Person::query()->toBase()->whereColumn('people.team_id', 'teams.id'),
            DirectoryKind::Roles => Person::query()->toBase()->whereColumn('people.role_id', 'roles.id'),
            DirectoryKind::Clients => Project::query()->toBase()->whereColumn('projects.client_id', 'clients.id'),
        };
    }
}
