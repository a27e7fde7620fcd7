<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Queries;

use App\Features\NotSubmitted\Props\MissingTimesheetProps;
use App\Features\NotSubmitted\Props\NotSubmittedProps;
use App\Http\Input\DaysText;
use App\Models\Access;
use App\Models\Message;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Team;
use App\Sheet\TimesheetSetting;
use App\Support\Database\ByIndex;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
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
        $people = $this->people($reader, $week, $search)->where(static fn (Builder $any): Builder => $any->whereHas('team', self::isOfAnotherPeriod(...))
            ->orWhere(static fn (Builder $open): Builder => $open->whereKeyNot(self::done($week))))
            ->select('id', 'code', 'name', 'team_id', 'pattern', 'calendar_id', 'starts_on', 'ends_on', 'employment_breaks')->with('team:id,name,timesheet_period,counted_in')->get()
            ->all();
        $timesheets = [];
        $count = $weekly;
        foreach ($people as $place => $person) {
            $setting = TimesheetSetting::of($person);
            $timesheet = $setting->endingIn($week);
            if ($timesheet === null) {
                unset($people[$place]);
            } else {
                $timesheets[$person->id] = $timesheet;
                $count += $setting->period === TimesheetPeriod::Week ? 0 : 1;
            }
        }
        if ($people === []) {
            return [$count, []];
        }
        $submissions = TimesheetSubmissions::load(array_values($people), [$week]);
        $missing = [];
        $order = [];
        foreach ($people as $person) {
            $timesheet = $timesheets[$person->id];
            $status = $submissions->of($person, $timesheet);
            if (! $status->isDone()) {
                $missing[] = [$person, $status, $timesheet];
                $order[] = [-$status->missing()->toInt(), $person->name];
            }
        }
        asort($order);

        return [$count, array_map(static fn (int $place): array => $missing[$place], array_keys($order))];
    }

    /** @param  Builder<Team>  $team */
    private static function isOfAnotherPeriod(Builder $team): void
    {
        $team->where('timesheet_period', '<>', TimesheetPeriod::Week->value);
    }

    /** @return list<int> people who have submitted something of a week and left nothing open */
    private static function done(Week $week): array
    {
        $done = [];
        $open = [];
        foreach (StreamedRows::of(ByIndex::of('entries', 'entries_of_day')->whereBetween('date', [$week->monday()->toString(), $week->sunday()->toString()])
            ->groupBy('person_id', 'state')->select('person_id', 'state', Sql::sum('minutes'))) as $row) {
            /** @var array{int, string, int} $row */
            [$person, $state, $minutes] = $row;
            if (in_array(EntryState::from($state), [EntryState::Draft, EntryState::Returned], true)) {
                $open[$person] = true;
            } else {
                $done[$person] = ($done[$person] ?? 0) + $minutes;
            }
        }

        return array_keys(array_filter(array_diff_key($done, $open), static fn (int $minutes): bool => $minutes > 0));
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
