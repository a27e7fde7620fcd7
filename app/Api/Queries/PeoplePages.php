<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Input\PeopleRequest;
use App\Api\Resources\Person as PersonResource;
use App\Api\Resources\PersonBreak;
use App\Api\Resources\PersonList;
use App\Http\Input\WeekHours;
use App\Models\Person;
use App\Models\Team;
use App\OwnFields\OwnFieldValues;
use App\Support\Clock\Today;
use ArrayObject;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\EmploymentBreaks;
use Moss\Core\Calendar\WorkPattern;

/** People, a part at a time by their codes. */
final class PeoplePages
{
    private const NAMES = ['team:id,code', 'manager:id,code', 'role:id,code', 'calendar:id,code', 'ownFieldValues', OwnFieldValues::WITH];

    public static function of(PeopleRequest $request): PersonList
    {
        [$team, $email] = [$request->text('team'), $request->text('email')];
        [$ids, $next] = Pages::of(Person::query()->toBase()
            ->when($team !== null, static fn (Builder $of): Builder => $of->whereIn('team_id', Team::query()->select('id')->where('code', $team)))
            ->when($email !== null, static fn (Builder $of): Builder => $of->where('email', mb_strtolower((string) $email))), 'code', $request);
        $people = Person::query()->with(self::NAMES)->whereKey($ids)->get()->keyBy('id');

        return new PersonList(array_values(array_map(self::resource(...), array_filter(array_map($people->get(...), $ids)))), $next);
    }

    public static function one(Person $person): PersonResource
    {
        return self::resource($person->loadMissing(self::NAMES));
    }

    private static function resource(Person $person): PersonResource
    {
        return new PersonResource(
            $person->code, $person->name, $person->email, $person->access, $person->team?->code, $person->manager?->code, $person->role?->code, $person->calendar?->code,
            $person->timezone, $person->starts_on?->toString(), $person->ends_on?->toString(),
            array_map(static fn (DayRange $break): PersonBreak => new PersonBreak($break->first()->toString(), $break->last()->toString()), EmploymentBreaks::of($person->employment_breaks ?? '')->ranges()),
            $person->pattern === null ? [] : WeekHours::texts(WorkPattern::of($person->pattern), app(Today::class)->in('UTC')), $person->language, new ArrayObject(OwnFieldValues::told($person)),
        );
    }
}
