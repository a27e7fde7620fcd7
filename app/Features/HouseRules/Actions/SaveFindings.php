<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Actions;

use App\Features\HouseRules\Queries\EntryToCheck;
use App\Features\HouseRules\Queries\SheetFindings;
use App\Features\HouseRules\Queries\WeekFindings;
use App\Models\Entry;
use App\Models\Person;
use App\Models\SubmittedFinding;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** Keeps with waiting time what was found in it, so that an approver sees what was known when it came. */
final readonly class SaveFindings
{
    private const PEOPLE_AT_ONCE = 10;

    public function __construct(private Today $today)
    {
    }

    /**
     * Of some weeks, in the place of what was stored before; within the transaction of the act.
     *
     * @param  list<array{Week, WeekFindings}>  $found
     */
    public function of(Person $owner, array $found): void
    {
        $this->save(array_map(static fn (array $one): array => [$owner, ...$one], $found));
    }

    /** Of all time that waits, as where it was not submitted by anybody. */
    public function ofAllThatWaits(): void
    {
        $weeks = [];
        foreach (Record::all(Entry::query()->toBase()->select('person_id', 'date')->distinct()->where('state', EntryState::Submitted->value)) as $record) {
            $week = Week::containing(Day::of($record->string('date')));
            $weeks[$record->int('person_id')][$week->toString()] = $week;
        }
        $this->ofWeeks($weeks);
    }

    /**
     * Of waiting time that has come by files: it has not been checked by being submitted.
     *
     * @param  array<int, array<string, Week>>  $weeks  by person
     */
    public function ofWeeks(array $weeks): void
    {
        Person::query()->whereIntegerInRaw('id', array_keys($weeks))->orderBy('id')->chunk(self::PEOPLE_AT_ONCE, function (Collection $people) use ($weeks): void {
            $this->check(array_values($people->all()), $weeks);
        });
    }

    /**
     * @param  list<Person>  $people
     * @param  array<int, array<string, Week>>  $weeks  by person
     */
    private function check(array $people, array $weeks): void
    {
        $all = array_merge(...array_map(static fn (Person $person): array => array_values($weeks[$person->id]), $people));
        usort($all, static fn (Week $one, Week $other): int => $other->monday()->daysUntil($one->monday()));
        $findings = SheetFindings::load($people, DayRange::between($all[0]->monday(), $all[count($all) - 1]->sunday()));
        $found = [];
        foreach ($people as $person) {
            foreach ($weeks[$person->id] as $week) {
                $found[] = [$person, $week, $findings->of($person, $week, $this->today->for($person), true, static fn (EntryToCheck $entry): bool => $entry->state === EntryState::Submitted)];
            }
        }
        $this->save($found);
    }

    /** @param  list<array{Person, Week, WeekFindings}>  $found */
    private function save(array $found): void
    {
        $rows = [];
        $ids = ['looks' => [], 'in order' => []];
        foreach ($found as [$owner, , $findings]) {
            array_push($rows, ...$findings->rows($owner));
            foreach ($findings->needingALook() as $id => $needs) {
                $ids[$needs ? 'looks' : 'in order'][] = $id;
            }
        }
        foreach (array_chunk($found, 500) as $chunk) {
            SubmittedFinding::query()->toBase()->where(static function (Builder $any) use ($chunk): void {
                foreach ($chunk as [$owner, $week]) {
                    $any->orWhere(static fn (Builder $one): Builder => $one->where('person_id', $owner->id)->where('week', $week->toString()));
                }
            })->delete();
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            SubmittedFinding::query()->insert($chunk);
        }
        Entry::query()->whereIntegerInRaw('id', $ids['looks'])->where('needs_attention', 0)->update(['needs_attention' => 1]);
        Entry::query()->whereIntegerInRaw('id', $ids['in order'])->where('needs_attention', 1)->update(['needs_attention' => 0]);
    }
}
