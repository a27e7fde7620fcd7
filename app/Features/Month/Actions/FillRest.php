<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

use App\Features\Month\Queries\MonthDays;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Entry;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/** Enters on one line what the days of a month have free, up to what is expected of each. Days that were submitted stay as they are. */
final readonly class FillRest
{
    /** How many days that could not be filled are named. */
    private const NAMED = 5;

    public function __construct(private SaveCells $save)
    {
    }

    /**
     * @return string what was filled, and what not, for people
     *
     * @throws FillRefused where no day could be filled
     */
    public function handle(Person $person, DayRange $days, int $task, ?int $role): string
    {
        return DB::transaction(function () use ($person, $days, $task, $role): string {
            $held = MonthDays::load($person, $days);
            $results = $this->save->handle($person, $person, self::inputs($held, $days, $task, $role));
            $saved = array_filter($results, static fn (CellResult $result): bool => $result->outcome === CellOutcome::Saved);
            $refused = array_values(array_filter($results, static fn (CellResult $result): bool => $result->outcome !== CellOutcome::Saved));
            if ($saved === []) {
                throw new FillRefused($refused[0]->message ?? Wording::of('month.nothing_free'));
            }
            $filled = Minutes::sum(array_map(static fn (CellResult $result): Minutes => $held->free($result->input->day), $saved));

            return Wording::of($refused === [] ? 'month.filled' : 'month.partly_filled', [
                'hours' => Wording::hours($filled, $person),
                'task' => array_values($saved)[0]->task->name ?? '',
                'days' => implode(', ', array_map(static fn (CellResult $result): string => Wording::day($result->input->day), array_slice($refused, 0, self::NAMED))).(count($refused) > self::NAMED ? ' …' : ''),
                'why' => $refused[0]->message ?? '',
            ]);
        });
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
