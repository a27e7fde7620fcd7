<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Queries;

use App\Effort\Recalculation\RecalculationQueue;
use App\Features\NotSubmitted\Props\MissingTimesheetProps;
use App\Features\NotSubmitted\Props\NotSubmittedProps;
use App\Http\Input\DaysText;
use App\Models\Access;
use App\Models\Entry;
use App\Models\Message;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\RecordedWeek;
use App\Models\Team;
use App\Sheet\PersonWorkTime;
use App\Support\Database\ByIndex;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\TimesheetSubmission;
use Moss\Core\Sheet\EntryState;

/** Who has not submitted the timesheet that ends in a week: of a line manager's own people, or for the office of everybody. */
final readonly class MissingTimesheets
{
    private const AT_ONCE = 50;

    public function __construct(private RecalculationQueue $recalculations)
    {
    }

    public function of(Person $reader, Week $week, Day $today, string $search, int $page): NotSubmittedProps
    {
        [$people, $missing] = $this->missing($reader, $week, $search);
        $page = max(1, min($page, (int) ceil(count($missing) / self::AT_ONCE)));
        $shown = array_slice($missing, ($page - 1) * self::AT_ONCE, self::AT_ONCE);
        $reminded = $this->reminded(array_map(static fn (array $one): MissingPerson => $one[0], $shown), $week);
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
                $one[0]->code, $one[0]->name, $one[0]->team, $one[1]->expected->toInt(), $one[1]->draft->toInt(), $one[1]->returned->toInt(),
                $one[1]->submitted->toInt(), $one[1]->missing()->toInt(), $reminded[$one[0]->id] ?? null, DaysText::of($one[2]),
            ), $shown),
            count($missing),
            $people,
            $page,
            self::AT_ONCE,
        );
    }

    /** @return array{int, list<array{MissingPerson, TimesheetSubmission, DayRange}>} how many people there are, and those who have not, with most missing first, and which timesheet */
    public function missing(Person $reader, Week $week, string $search): array
    {
        [$weekly, $asked] = $this->asked($reader, $week, $search);
        $people = Rows::of(MissingPerson::class, Person::query()->toBase()->whereIntegerInRaw('people.id', array_keys($asked))->leftJoin('teams', 'teams.id', 'people.team_id')->orderBy('people.id')
            ->select('people.code', 'people.name', 'teams.name AS team', 'teams.timesheet_period', 'teams.counted_in', ...PersonWorkTime::COLUMNS));
        $owners = [];
        $timesheets = [];
        $count = $weekly;
        $ending = [];
        foreach ($people as $person) {
            $owner = $person->owner();
            $period = $owner->setting->period->value;
            if (! array_key_exists($period, $ending)) {
                $ending[$period] = $owner->setting->endingIn($week);
            }
            $timesheet = $ending[$period];
            if ($timesheet !== null) {
                $owners[] = $owner;
                $timesheets[] = [$person, $timesheet];
                $count += $owner->setting->period === TimesheetPeriod::Week ? 0 : 1;
            }
        }
        if ($owners === []) {
            return [$count, []];
        }
        $submissions = TimesheetSubmissions::load($owners, [$week], array_filter($asked));
        $missing = [];
        $order = [];
        foreach ($timesheets as [$person, $timesheet]) {
            $status = $submissions->of($person->id, $timesheet);
            if (! $status->isDone()) {
                $missing[] = [$person, $status, $timesheet];
                $order[] = [-$status->missing()->toInt(), $person->name];
            }
        }
        asort($order);

        return [$count, array_map(static fn (int $place): array => $missing[$place], array_keys($order))];
    }

    /**
     * Who has to be looked at: of those whose timesheet is the week, whoever has submitted something and left nothing open is done,
     * whatever is expected.
     *
     * @return array{int, array<int, array<string, int>|null>} how many people's timesheet is the week, and by person who may not be done, whichever theirs is: what they recorded by state where it is the week
     */
    private function asked(Person $reader, Week $week, string $search): array
    {
        $others = array_flip(array_filter(Team::query()->where('timesheet_period', '<>', TimesheetPeriod::Week->value)->pluck('id')->all(), is_int(...)));
        $open = [];
        foreach (StreamedRows::of(self::open($reader, $week)) as $row) {
            /** @var array{int, string, int} $row */
            [$person, $state, $minutes] = $row;
            $open[$person][$state] = ($open[$person][$state] ?? 0) + $minutes;
        }
        $recorded = [];
        // A correction may have taken back all of it, as is found later.
        [$submitted, $corrected] = [[], []];
        foreach (StreamedRows::of(self::recorded($reader, $week, $this->recalculations->hasRecorded())) as $row) {
            /** @var array{int, int} $row */
            [$person, $minutes] = $row;
            $recorded[$person] = ($recorded[$person] ?? 0) + $minutes;
            if ($minutes > 0) {
                $submitted[$person] = true;
            } elseif ($minutes < 0) {
                $corrected[$person] = true;
            }
        }
        $weekly = 0;
        $asked = [];
        foreach (StreamedRows::of($this->people($reader, $week, $search)->toBase()->select('id', 'team_id')) as $row) {
            /** @var array{int, int|null} $row */
            [$person, $team] = $row;
            $isWeekly = $team === null || ! isset($others[$team]);
            $weekly += $isWeekly ? 1 : 0;
            if (! $isWeekly) {
                $asked[$person] = null;
            } elseif (isset($open[$person]) || ! isset($submitted[$person]) || isset($corrected[$person])) {
                $ofPerson = $open[$person] ?? [];
                // Whatever else is recorded has been submitted.
                $asked[$person] = $ofPerson + [EntryState::Submitted->value => ($recorded[$person] ?? 0) - array_sum($ofPerson)];
            }
        }

        return [$weekly, $asked];
    }

    /** Those of the reader's people with time of a week that is not submitted. */
    private static function open(Person $reader, Week $week): QueryBuilder
    {
        return self::own($reader, ByIndex::of('entries', 'entries_unsettled'))->whereIn('state', [EntryState::Draft->value, EntryState::Returned->value])
            ->where('state', '<>', Sql::value(EntryState::Settled->value))
            ->whereBetween('date', [$week->monday()->toString(), $week->sunday()->toString()])->select('person_id', 'state', 'minutes');
    }

    /**
     * The reader's people and minutes of each row of a week: of stored totals, or of entries while those are recalculated.
     *
     * @param  bool  $isRecalculated  whether stored totals are being recalculated
     */
    private static function recorded(Person $reader, Week $week, bool $isRecalculated): QueryBuilder
    {
        $days = [$week->monday()->toString(), $week->sunday()->toString()];
        // Everybody's week is found by its days, that of a few by whose it is.
        $everybody = $reader->isOffice();
        $recorded = $isRecalculated
            ? ($everybody ? ByIndex::of('entries', 'entries_of_day') : Entry::query()->toBase())->whereBetween('date', $days)->select('person_id', 'minutes')
            : ($everybody ? ByIndex::of('recorded_weeks', 'recorded_weeks_by_week') : RecordedWeek::query()->toBase())->whereBetween('starts_on', $days)->select('person_id', Sql::both('actual_minutes', 'pending_minutes', 'minutes'));

        return self::own($reader, $recorded);
    }

    private static function own(Person $reader, QueryBuilder $rows): QueryBuilder
    {
        return $rows->when(! $reader->isOffice(), static fn (QueryBuilder $own): QueryBuilder => $own->whereIn('person_id', Person::query()->where('manager_id', $reader->id)->select('id')));
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
                ->orWhereHas('team', static fn (Builder $team): Builder => $team->whereLike('name', '%'.addcslashes($search, '%_\\').'%'))));
    }

    /**
     * @param  list<MissingPerson>  $people
     * @return array<int, string> by person
     */
    private function reminded(array $people, Week $week): array
    {
        $reminded = [];
        $query = Message::query()->toBase()->whereIntegerInRaw('person_id', array_map(static fn (MissingPerson $person): int => $person->id, $people))
            ->where('about', '>=', 'week '.$week->toString().' ')->where('about', '<', 'week '.$week->toString().'!')
            ->groupBy('person_id')->select('person_id', Sql::max('at', 'at'));
        foreach (Record::all($query) as $record) {
            $reminded[$record->int('person_id')] = $record->string('at');
        }

        return $reminded;
    }
}
