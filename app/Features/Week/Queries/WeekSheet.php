<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\PencilledProps;
use App\Features\Week\Props\PencilProps;
use App\Features\Week\Props\ProposalProps;
use App\Features\Week\Props\SheetAddressProps;
use App\Features\Week\Props\WeekProps;
use App\Models\Person;
use App\Models\SheetChoiceKind;
use App\Pay\PayPremiums;
use App\Pay\PayText;
use App\Pay\PayWeeks;
use App\Pay\Props\PayProps;
use App\Sheet\ExpectedDays;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\Proposal;

/** Everything that a person's week shows, in a fixed number of queries. */
final readonly class WeekSheet
{
    /** What a stepper adds where the organisation has no step of its own, in minutes. */
    private const STEP = 15;

    public function __construct(private WeekPencil $pencil, private Today $today)
    {
    }

    public function of(Person $owner, Week $week, Person $reader): WeekProps
    {
        $today = $this->today->for($owner);
        $isWhole = Gate::forUser($reader)->allows('viewWeek', $owner);
        $expected = ExpectedDays::of($owner, Ribbon::days($week));
        $records = SheetRecords::load($owner, $week, $today);
        if (! $isWhole) {
            [$expected, $records] = [$expected->withoutHours(), $records->ofProjectsManagedBy($reader)];
        }
        $mayRecord = Gate::forUser($reader)->allows('recordWeek', $owner);
        $pencilled = $this->pencil->of($owner, $records, $expected);
        $stretches = WeekStretches::props($records);
        $fields = WeekFields::load($owner, $records);

        return new WeekProps(
            $week->toString(),
            $week->number(),
            $owner->code,
            $owner->name,
            $owner->role?->name,
            new SheetAddressProps($owner->code, $week->toString()),
            $owner->id === $reader->id,
            $isWhole,
            $mayRecord,
            $mayRecord && Gate::forUser($reader)->allows('submitWeek', $owner),
            Week::containing($today)->toString(),
            $expected->within($week->days())->toInt(),
            $expected->organisation()->entry_step?->toInt() ?? self::STEP,
            $expected->props($week->days(), $today),
            SheetLines::of($owner, $records, $pencilled->pastLines, $expected->organisation()->approval, $fields),
            $owner->arrangement->collapsed,
            WeekTotals::sum($records->totalled(), $week),
            $stretches,
            WeekStretches::remarks($stretches),
            $mayRecord ? self::shown($pencilled->proposals, $records) : [],
            RemainingOfTasks::of($pencilled->assigneeEfforts, $records),
            new PencilProps($owner->pencil_plan, $owner->pencil_last_week, $owner->pencil_usual_week, $records->tracked === [] ? null : $owner->pencils_tracked_time),
            Ribbon::around($week, $records->history, $expected, $today),
            $fields->props(),
            $isWhole ? self::pay($owner, $records, $reader) : null,
            $owner->id === $reader->id && ! $owner->knows_pencil,
        );
    }

    /** The pencilled and remaining hours after a change. */
    public function pencilled(Person $owner, Week $week, Person $reader): PencilledProps
    {
        $records = SheetRecords::load($owner, $week, $this->today->for($owner));
        $pencilled = $this->pencil->of($owner, $records, ExpectedDays::of($owner, $week->days()));

        return new PencilledProps(self::shown($pencilled->proposals, $records), RemainingOfTasks::of($pencilled->assigneeEfforts, $records), Gate::forUser($reader)->allows('viewWeek', $owner) ? self::pay($owner, $records, $reader) : null);
    }

    private static function pay(Person $owner, SheetRecords $records, Person $reader): ?PayProps
    {
        $isAsked = array_filter($records->tasks, static fn (SheetTask $task): bool => $task->hasKindsOfPay) !== [];
        $week = $isAsked ? PayWeeks::of(['' => [$owner->id, $records->week]])[''] ?? null : null;
        if ($week === null) {
            return null;
        }

        return PayText::props($week, $reader, $week->premiums->isEmpty() || ! Gate::forUser($reader)->allows('recordWeek', $owner) ? [] : PayPremiums::withUsers()->of($owner));
    }

    /**
     * Without what was rubbed out, and without cells that something is inked in: what a person wrote there is what they meant.
     *
     * @param  list<Proposal>  $proposals
     * @return list<ProposalProps>
     */
    private static function shown(array $proposals, SheetRecords $records): array
    {
        $keys = [];
        foreach ([...$records->history, ...$records->entries, ...$records->stretches, ...$records->assignments] as $row) {
            $keys[$records->lineOf($row->line)->key()] = $row->line->key();
        }
        $taken = [];
        foreach ($records->entries as $entry) {
            $taken[$records->lineOf($entry->line)->key()][$entry->date->toString()] = true;
        }
        foreach ($records->choices as $choice) {
            if ($choice->choice === SheetChoiceKind::RubbedOut && $choice->date !== null) {
                $taken[$records->lineOf($choice->line)->key()][$choice->date->toString()] = true;
            }
        }
        $places = new PencilPlaces($records);
        $props = [];
        foreach ($proposals as $proposal) {
            $line = $proposal->line()->key();
            $date = $proposal->day->toString();
            if (! ($taken[$line][$date] ?? false)) {
                $props[] = new ProposalProps($keys[$line], $date, $proposal->minutes->toInt(), $proposal->from(), PencilSourceText::of($proposal), $places->take($proposal));
            }
        }

        return $props;
    }
}
