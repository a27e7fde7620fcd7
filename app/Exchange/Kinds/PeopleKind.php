<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\DraftRow;
use App\Exchange\ExchangeText;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\EmailFormat;
use App\Exchange\Formats\PatternFormat;
use App\Exchange\Formats\TimezoneFormat;
use App\Models\Person;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** `people.csv` */
final class PeopleKind extends CodeAndNameKind
{
    public function name(): string
    {
        return 'people';
    }

    public function columns(): array
    {
        return [
            ...parent::columns(),
            Column::required('email', new EmailFormat),
            Column::reference('team', CodeTable::Teams),
            Column::reference('manager', CodeTable::People),
            Column::optional('access', new ChoiceFormat('member', 'manager', 'office', 'viewer'), 'member'),
            Column::reference('role', CodeTable::Roles),
            Column::reference('calendar', CodeTable::Calendars),
            Column::optional('pattern', new PatternFormat),
            Column::optional('timezone', new TimezoneFormat),
            Column::optional('starts_on', new DayFormat),
            Column::optional('ends_on', new DayFormat),
        ];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $this->checkOrder($row);
    }

    public function checkAgainst(array $drafts, array $existing): array
    {
        $owners = [];
        foreach ($existing as $person) {
            $owners[$person['id']] = mb_strtolower((string) $person['email']);
        }
        foreach ($drafts as $draft) {
            $owners[$draft->attributes['id']] = mb_strtolower((string) $draft->attributes['email']);
        }
        $assignees = array_count_values($owners);
        $problems = [];
        foreach ($drafts as $draft) {
            if ($assignees[mb_strtolower((string) $draft->attributes['email'])] > 1) {
                $problems[] = $draft->row->problem('email', ExchangeText::get('expected.own_email'));
            }
        }

        return $problems;
    }

    /** People may swap addresses: those that change let go of theirs first. */
    public function beforeWriting(array $updates, array $originals): void
    {
        $moving = [];
        foreach ($updates as $index => $person) {
            if (mb_strtolower((string) $person['email']) !== mb_strtolower((string) $originals[$index]['email'])) {
                $moving[] = $person['id'];
            }
        }
        foreach (array_chunk($moving, 500) as $ids) {
            Person::query()->whereIn('id', $ids)->update(['email' => DB::raw("'moving-' || id")]);
        }
    }

    public function initial(DraftRow $draft): array
    {
        return ['hours_format' => 'decimal'];
    }

    public function exported(): Builder
    {
        return Person::query()->toBase()
            ->leftJoin('teams', 'teams.id', 'people.team_id')
            ->leftJoin('people AS managers', 'managers.id', 'people.manager_id')
            ->leftJoin('roles', 'roles.id', 'people.role_id')
            ->leftJoin('calendars', 'calendars.id', 'people.calendar_id')
            ->addSelect('people.code AS person', 'people.name', 'people.email', 'teams.code AS team', 'managers.code AS manager', 'people.access')
            ->addSelect('roles.code AS role', 'calendars.code AS calendar', 'people.pattern', 'people.timezone', 'people.starts_on', 'people.ends_on')
            ->orderBy('people.code');
    }

    protected function codeColumn(): string
    {
        return 'person';
    }
}
