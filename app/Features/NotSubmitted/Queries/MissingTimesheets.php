<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Queries;

use App\Features\NotSubmitted\Props\MissingTimesheetProps;
use App\Features\NotSubmitted\Props\NotSubmittedProps;
use App\Http\Input\DaysText;
use App\Models\Access;
use App\Models\Entry;
use App\Models\Message;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Team;
use App\Sheet\TimesheetSetting;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\TimesheetSubmission;
use Moss\Core\Sheet\EntryState;

/** Who has not submitted the timesheet that ends in a week: of a line manager's own people, or for the office of everybody. */
final class MissingTimesheets
{
    private const AT_ONCE = 50;

    public function of(Person $reader, Week $week, Day $today, string $search, int $page): NotSubmittedProps
    {
        [$people, $missing] = $this->missing($reader, $week, $search);
        $page = max(1, min($page, (int) ceil(count($missing) / self::AT_ONCE)));
        $shown = array_slice($missing, ($page - 1) * self::AT_ONCE, self::AT_ONCE);
        $reminded = $this->reminded(array_map(static fn (array $one): Person => $one[0], $shown), $week);
        $due = TimesheetSubmission::dueOn($week->days(), max(0, Organisation::query()->sole()->week_due));

        return new NotSubmittedProps(
            $week->toString(),
            $week->number(),
            $week->monday()->toString(),
            $week->plusWeeks(-1)->toString(),
            $week->plusWeeks(1)->toString(),
            $due->toString(),
            $today->isAfter($due),
            $search,
            array_map(static fn (array $one): MissingTimesheetProps => new MissingTimesheetProps(
                $one[0]->code, $one[0]->name, $one[0]->team?->name, $one[1]->expected->toInt(), $one[1]->draft->toInt(), $one[1]->returned->toInt(),
                $one[1]->submitted->toInt(), $one[1]->missing()->toInt(), $reminded[$one[0]->id] ?? null, DaysText::of($one[2]),
            ), $shown),
            count($missing),
            $people,
            $page,
            self::AT_ONCE,
        );
    }

    /** @return array{int, list<array{Person, TimesheetSubmission, DayRange}>} how many people there are, and those who have not, with most missing first, and which timesheet */
    public function missing(Person $reader, Week $week, string $search): array
    {
        // Of those whose timesheet is the week, whoever has submitted something and left nothing open is done, whatever is expected.
        $weekly = $this->people($reader, $week, $search)->whereDoesntHave('team', self::isOfAnotherPeriod(...))->count();
        $people = array_values($this->people($reader, $week, $search)->where(static fn (Builder $any): Builder => $any->whereHas('team', self::isOfAnotherPeriod(...))
            ->orWhereNotIn('id', self::recorded($week, EntryState::Submitted, EntryState::Approved, EntryState::Settled)->having(Sql::sum('minutes'), '>', 0))
            ->orWhereIn('id', self::recorded($week, EntryState::Draft, EntryState::Returned)))
            ->select('id', 'code', 'name', 'team_id', 'pattern', 'calendar_id', 'starts_on', 'ends_on', 'employment_breaks')->with('team:id,name,timesheet_period,counted_in')->get()
            ->filter(static fn (Person $person): bool => TimesheetSetting::of($person)->endingIn($week) !== null)->all());
        $count = $weekly + count(array_filter($people, static fn (Person $person): bool => TimesheetSetting::of($person)->period !== TimesheetPeriod::Week));
        if ($people === []) {
            return [$count, []];
        }
        $submissions = TimesheetSubmissions::load($people, [$week]);
        $missing = [];
        foreach ($people as $person) {
            $timesheet = TimesheetSetting::of($person)->endingIn($week) ?? $week->days();
            $status = $submissions->of($person, $timesheet);
            if (! $status->isDone()) {
                $missing[] = [$person, $status, $timesheet];
            }
        }
        usort($missing, static fn (array $one, array $other): int => [$other[1]->missing()->toInt(), $one[0]->name] <=> [$one[1]->missing()->toInt(), $other[0]->name]);

        return [$count, $missing];
    }

    /** @param  Builder<Team>  $team */
    private static function isOfAnotherPeriod(Builder $team): void
    {
        $team->where('timesheet_period', '<>', TimesheetPeriod::Week->value);
    }

    /** @return Builder<Entry> people with time of a week in some states */
    private static function recorded(Week $week, EntryState ...$states): Builder
    {
        return Entry::query()->inWeek($week)->whereIn('state', array_column($states, 'value'))->groupBy('person_id')->select('person_id');
    }

    /** @return Builder<Person> */
    private function people(Person $reader, Week $week, string $search): Builder
    {
        return Person::query()->where('access', '<>', Access::Viewer->value)
            ->when(! $reader->isOffice(), static fn (Builder $own): Builder => $own->where('manager_id', $reader->id))
            ->where(static fn (Builder $employed): Builder => $employed->whereNull('starts_on')->orWhere('starts_on', '<=', $week->sunday()->toString()))
            ->where(static fn (Builder $employed): Builder => $employed->whereNull('ends_on')->orWhere('ends_on', '>=', $week->monday()->toString()))
            ->when($search !== '', static fn (Builder $named): Builder => $named->where(static fn (Builder $any): Builder => $any
                ->whereLike('name', '%'.addcslashes($search, '%_\\').'%')
                ->orWhereHas('team', static fn (Builder $team): Builder => $team->whereLike('name', '%'.addcslashes($search, '%_\\').'%'))))
            ->orderBy('name');
    }

    /**
     * @param  list<Person>  $people
     * @return array<int, string> by person
     */
    private function reminded(array $people, Week $week): array
    {
        $reminded = [];
        $query = Message::query()->toBase()->whereIntegerInRaw('person_id', array_map(static fn (Person $person): int => $person->id, $people))
            ->where('about', '>=', 'week '.$week->toString().' ')->where('about', '<', 'week '.$week->toString().'!')
            ->groupBy('person_id')->select('person_id', Sql::max('at', 'at'));
        foreach (Record::all($query) as $record) {
            $reminded[$record->int('person_id')] = $record->string('at');
        }

        return $reminded;
    }
}
