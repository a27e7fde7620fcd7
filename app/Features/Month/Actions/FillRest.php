<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

use App\Features\Month\Queries\MonthDays;
use App\Features\Month\Queries\MonthSums;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Models\Entry;
use App\Models\Person;
use App\Sheet\TimesheetSetting;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/** Enters on one line what the days of a month have free, up to what is expected of each. Days that were submitted stay as they are. */
final readonly class FillRest
{
    public function __construct(private SaveCells $save)
    {
    }

    /** @throws FillRefused where no day could be filled */
    public function handle(Person $person, DayRange $days, int $task, ?int $role): FilledLine
    {
        return DB::transaction(function () use ($person, $days, $task, $role): FilledLine {
            $held = MonthDays::load($person, $days);
            $results = SavedDays::of($this->save->handle($person, $person, self::inputs($held, $days, $task, $role)));
            if ($results->saved === []) {
                throw new FillRefused($results->refusal() ?? Wording::of('month.nothing_free'));
            }
            $free = static fn (CellResult $result): Minutes => $held->free($result->input->day);

            return new FilledLine(
                Wording::of($results->refusal() === null ? 'month.filled' : 'month.partly_filled', [
                    'hours' => self::said($person, $held, $results->saved),
                    'task' => $results->saved[0]->task->name ?? '',
                    'days' => $results->refusedDays(),
                    'why' => $results->refusal() ?? '',
                ]),
                array_map(static fn (CellResult $result): FilledCell => new FilledCell(
                    $result->input->day, ($result->entry->minutes ?? Minutes::zero())->minus($free($result)), $result->entry->version ?? 0,
                ), $results->saved),
            );
        });
    }

    /**
     * How much was filled, for people: in days where their team counts in parts of them.
     *
     * @param  list<CellResult>  $saved
     */
    private static function said(Person $person, MonthDays $held, array $saved): string
    {
        $sum = (new MonthSums(TimesheetSetting::of($person)->unit, $held->expected->hours()))
            ->of(array_map(static fn (CellResult $result): array => [$result->input->day, $held->free($result->input->day)->toInt()], $saved));

        return $sum->count === null ? Wording::hours(Minutes::of($sum->minutes), $person) : Wording::days($sum->count);
    }

    /** @return list<CellInput> one for each day with something free */
    private static function inputs(MonthDays $held, DayRange $days, int $task, ?int $role): array
    {
        $line = $held->entries->where('task_id', $task)->where('role_id', $role)->whereNull('corrects')->keyBy(static fn (Entry $entry): string => $entry->date->toString());
        $inputs = [];
        foreach ($days as $day) {
            $free = $held->free($day);
            $entry = $line->get($day->toString());
            if (! $free->isZero()) {
                $inputs[] = new CellInput($task, $role, $day, null, $entry?->version, minutes: $free->plus($entry->minutes ?? Minutes::zero()));
            }
        }

        return $inputs;
    }
}
