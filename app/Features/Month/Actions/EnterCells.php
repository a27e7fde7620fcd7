<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

use App\Features\Month\Props\RefusedCellProps;
use App\Features\Month\Queries\MonthDays;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Sheet\TimesheetSetting;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\CountedDays;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\DayCountRefused;
use Moss\Core\Time\DayUnit;
use Moss\Core\Time\Minutes;

/** Enters, changes and clears cells in hours or, where the team counts in them, in parts of days. What cannot be saved is refused by itself. */
final readonly class EnterCells
{
    public function __construct(private SaveCells $save)
    {
    }

    /**
     * @param  DayRange  $days  in which all the cells lie
     * @param  list<TypedCell>  $cells  no two of one place
     * @return list<RefusedCellProps>
     */
    public function handle(Person $person, DayRange $days, array $cells): array
    {
        return DB::transaction(function () use ($person, $days, $cells): array {
            $unit = TimesheetSetting::of($person)->unit;
            [$inputs, $refused] = $unit === null
                ? [array_map(static fn (TypedCell $cell): CellInput => new CellInput($cell->task, $cell->role, $cell->day, $cell->text, $cell->seen), $cells), []]
                : self::counted($person, $days, $cells, $unit);
            $results = array_filter($this->save->handle($person, $person, $inputs), static fn (CellResult $result): bool => $result->outcome !== CellOutcome::Saved);

            return [...$refused, ...array_values(array_map(
                static fn (CellResult $result): RefusedCellProps => new RefusedCellProps($result->input->line(), $result->input->day->toString(), $result->message ?? ''), $results,
            ))];
        });
    }

    /**
     * Each part of a day is beside what the day holds already, and what came before it here.
     *
     * @param  list<TypedCell>  $cells
     * @return array{list<CellInput>, list<RefusedCellProps>}
     */
    private static function counted(Person $person, DayRange $days, array $cells, DayUnit $unit): array
    {
        $held = MonthDays::load($person, $days);
        $counted = new CountedDays($unit, $held->expected->hours());
        $onDays = [];
        foreach ($held->entries as $entry) {
            $line = LineKey::of($entry->task_id, $entry->role_id);
            $onDays[$entry->date->toString()][$line] = ($onDays[$entry->date->toString()][$line] ?? Minutes::zero())->plus($entry->minutes);
        }
        $inputs = [];
        $refused = [];
        foreach ($cells as $cell) {
            $date = $cell->day->toString();
            try {
                $count = $unit->read($cell->text);
                if ($count > 0 && ! $counted->isCounted($cell->day)) {
                    $refused[] = new RefusedCellProps($cell->line(), $date, Wording::refusal('days.nothing_expected'));

                    continue;
                }
                unset($onDays[$date][$cell->line()]);
                $minutes = $counted->minutes($cell->day, $count, Minutes::sum(array_values($onDays[$date] ?? [])));
                $onDays[$date][$cell->line()] = $minutes;
                $inputs[] = new CellInput($cell->task, $cell->role, $cell->day, null, $cell->seen, minutes: $minutes);
            } catch (DayCountRefused $why) {
                $refused[] = new RefusedCellProps($cell->line(), $date, Wording::refusal('days.'.$why->fault->value, ['text' => $why->text, 'part' => $unit->print(1)]));
            }
        }

        return [$inputs, $refused];
    }
}
