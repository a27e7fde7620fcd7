<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Approval\LeaveDeciders;
use App\Effort\WorkingTime;
use App\Features\Leave\Props\AbsenceCalendarProps;
use App\Features\Leave\Props\AbsenceDayProps;
use App\Features\Leave\Props\AbsenceRowProps;
use App\Lookup\Props\OptionProps;
use App\Models\Absence;
use App\Models\Access;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Models\Project;
use App\Models\Team;
use App\Sheet\Props\AbsenceProps;
use App\Support\Database\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Leave\LeaveState;

/** Who is away when, in a month; why only to those who may know. In a fixed number of queries. */
final readonly class AbsenceCalendar
{
    private const AT_ONCE = 50;

    /** How many of those who are away today are named. */
    private const NAMED = 5;

    public function __construct(private LeaveDesk $desk)
    {
    }

    /** @param  string  $team  code; empty for the reader's own people */
    public function of(Person $reader, Day $month, string $team, int $page, Day $today): AbsenceCalendarProps
    {
        $days = DayRange::between(Day::of($month->month().'-01'), Day::of(Day::of($month->month().'-01')->plusDays(31)->month().'-01')->plusDays(-1));
        $choosesAny = $reader->isOffice() || Gate::forUser($reader)->allows('viewAny', Project::class);
        $chosen = self::team($reader, $team, $choosesAny);
        $found = self::people($reader, $chosen, $days);
        $count = (clone $found)->count();
        // Whatever month and page are shown.
        $away = self::people($reader, $chosen, DayRange::between($today, $today))->whereIn('id', Absence::query()->select('person_id')->where('date', $today->toString()));
        $pages = max(1, (int) ceil($count / self::AT_ONCE));
        $page = min($page, $pages);
        $people = array_values($found->with('team')->orderBy('name')->orderBy('id')->forPage($page, self::AT_ONCE)->get()->all());
        $rows = $this->rows($reader, $people, $days, $today);

        return new AbsenceCalendarProps(
            $month->month(), $days->first()->plusDays(-1)->month(), $days->last()->plusDays(1)->month(), $today->toString(),
            $chosen === null ? null : new OptionProps($chosen->code, $chosen->name), $choosesAny || Team::query()->where('lead_id', $reader->id)->exists(),
            array_map(static fn (Day $day): string => $day->toString(), iterator_to_array($days, false)), $rows,
            array_map(static fn (Person $person): string => $person->name, array_values((clone $away)->select('id', 'name')->orderBy('name')->orderBy('id')->limit(self::NAMED)->get()->all())), (clone $away)->count(),
            $count, $page, $pages, $this->desk->decidesForAnybody($reader, $today),
        );
    }

    /** A team that the reader may look at: their own, one that they lead, or any for who plans. */
    private static function team(Person $reader, string $code, bool $choosesAny): ?Team
    {
        if ($code === '') {
            return null;
        }

        return Team::query()->where('code', $code)->when(! $choosesAny, static fn (Builder $own): Builder => $own->where(static fn (Builder $either): Builder => $either->where('id', $reader->team_id)->orWhere('lead_id', $reader->id)))->first();
    }

    /** @return Builder<Person> of the team; else those whom the reader leads and works with */
    private static function people(Person $reader, ?Team $team, DayRange $days): Builder
    {
        return Person::query()->where('access', '<>', Access::Viewer->value)
            ->where(static fn (Builder $begun): Builder => $begun->whereNull('starts_on')->orWhere('starts_on', '<=', $days->last()->toString()))
            ->where(static fn (Builder $there): Builder => $there->whereNull('ends_on')->orWhere('ends_on', '>=', $days->first()->toString()))
            ->when($team !== null, static fn (Builder $of): Builder => $of->where('team_id', $team?->id))
            ->when($team === null && ! $reader->isOffice(), static fn (Builder $own): Builder => $own->where(static fn (Builder $any): Builder => $any->where('id', $reader->id)
                ->orWhere('manager_id', $reader->id)->when($reader->team_id !== null, static fn (Builder $same): Builder => $same->orWhere('team_id', $reader->team_id))));
    }

    /**
     * @param  list<Person>  $people
     * @return list<AbsenceRowProps>
     */
    private function rows(Person $reader, array $people, DayRange $days, Day $today): array
    {
        $ids = array_map(static fn (Person $person): int => $person->id, $people);
        $knows = self::knows($reader, $people, $today);
        $working = WorkingTime::load();
        $absences = [];
        foreach (Record::all(Absence::during($days)->whereIntegerInRaw('absences.person_id', $ids)) as $absence) {
            $minutes = $absence->intOrNull('minutes');
            $isKnown = isset($knows[$absence->int('person_id')]);
            $shown = $isKnown ? new AbsenceProps($absence->string('kind'), $minutes) : AbsenceProps::forOthers($absence->string('kind'), $absence->string('visible_to'));
            $absences[$absence->int('person_id')][$absence->string('date')] = [$shown->kind, $minutes];
        }
        // Only whoever decides, and the person, know what is asked for.
        $requests = LeaveRequest::query()->with('kind')->whereIntegerInRaw('person_id', array_keys($knows))->where('state', LeaveState::Requested)
            ->where('starts_on', '<=', $days->last()->toString())->where('ends_on', '>=', $days->first()->toString())->get()->groupBy('person_id');
        $rows = [];
        foreach ($people as $person) {
            [$capacity, $employment] = [$working->capacity($person->pattern, $person->calendar_id), $person->employment()];
            $asked = [];
            foreach ($requests->get($person->id) ?? [] as $request) {
                foreach ($request->span()->days($capacity, $employment) as $day) {
                    $asked[$day->day->toString()] = [$request->kind->name, $day->minutes?->toInt()];
                }
            }
            $of = [];
            $taken = $absences[$person->id] ?? [];
            foreach ($days as $day) {
                $date = $day->toString();
                $held = $employment->includes($day) ? $capacity->on($day)->toInt() : 0;
                $absence = $taken[$date] ?? $asked[$date] ?? null;
                if ($absence !== null || $held === 0) {
                    $of[] = new AbsenceDayProps($date, $held > 0, $absence[0] ?? null, $absence !== null && $absence[1] !== null && $absence[1] < $held, ! isset($taken[$date]) && $absence !== null);
                }
            }
            $rows[] = new AbsenceRowProps($person->code, $person->name, $person->team?->name, $of);
        }

        return $rows;
    }

    /**
     * @param  list<Person>  $people
     * @return array<int, true> of whom the reader may know why they are away
     */
    private static function knows(Person $reader, array $people, Day $today): array
    {
        $known = [];
        $deciders = LeaveDeciders::stoodInFor($reader, $today);
        foreach ($people as $person) {
            if ($person->id === $reader->id || $reader->isOffice() || ($person->manager_id !== null && ($person->manager_id === $reader->id || in_array($person->manager_id, $deciders, true)))) {
                $known[$person->id] = true;
            }
        }

        return $known;
    }
}
