<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Queries;

use App\Models\Entry;
use App\Models\Person;
use App\Sheet\ExpectedDaysOfMany;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\WeekSubmission;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** How far the weeks of any number of people have been submitted, in a fixed number of queries. */
final readonly class WeekSubmissions
{
    private const FEW = 500;

    /** @param  array<string, array<string, int>>  $sums  minutes by person and Monday, then by state */
    private function __construct(private ExpectedDaysOfMany $expected, private array $sums)
    {
    }

    /**
     * @param  list<Person>  $people
     * @param  non-empty-list<Week>  $weeks  in their order
     */
    public static function load(array $people, array $weeks): self
    {
        $query = Entry::query()->toBase()->select('entries.person_id', Sql::monday('entries.date', 'monday'), 'entries.state', Sql::sum('entries.minutes', 'minutes'))
            // Where they are many, the days alone say quickly enough which entries are meant; what others recorded is not asked for.
            ->when(count($people) <= self::FEW, static fn (Builder $theirs): Builder => $theirs->whereIntegerInRaw('entries.person_id', array_map(static fn (Person $person): int => $person->id, $people)))
            ->whereBetween('entries.date', [$weeks[0]->monday()->toString(), $weeks[count($weeks) - 1]->sunday()->toString()])
            ->groupBy('entries.person_id', 'monday', 'entries.state');
        $sums = [];
        foreach (Record::all($query) as $record) {
            $sums[$record->int('person_id').' '.$record->string('monday')][$record->string('state')] = $record->int('minutes');
        }

        return new self(ExpectedDaysOfMany::load($people, $weeks), $sums);
    }

    public function of(Person $person, Week $week): WeekSubmission
    {
        $sums = $this->sums[$person->id.' '.$week->monday()->toString()] ?? [];
        $of = static fn (EntryState ...$states): Minutes => Minutes::of(array_sum(array_map(static fn (EntryState $state): int => $sums[$state->value] ?? 0, $states)));

        return new WeekSubmission($this->expected->expected($person, $week->days()), $of(EntryState::Draft), $of(EntryState::Returned), $of(EntryState::Submitted, EntryState::Approved, EntryState::Settled));
    }

    public function days(): ExpectedDaysOfMany
    {
        return $this->expected;
    }
}
