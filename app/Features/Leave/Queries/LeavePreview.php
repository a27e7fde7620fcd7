<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Effort\WorkingTime;
use App\Features\Leave\Actions\LeaveInput;
use App\Features\Leave\Props\LeaveBalanceProps;
use App\Features\Leave\Props\LeavePreviewProps;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Moss\Core\Leave\LeaveDay;
use Moss\Core\Time\Minutes;

/** What a request would come to: days, hours, planned work on them, and what would be left. */
final class LeavePreview
{
    /** @param  LeaveRequest|null  $changed  what it is to replace, with its kind */
    public static function of(Person $owner, LeaveInput $input, ?LeaveRequest $changed): LeavePreviewProps
    {
        $working = WorkingTime::load();
        $capacity = $working->capacity($owner->pattern, $owner->calendar_id);
        $days = $input->span->days($capacity, $owner->employment());
        $taken = DaysTaken::of($owner, $input->span->days, $capacity, $changed === null ? [] : [$changed]);
        $fault = $days === [] ? Wording::of('leave.no_work') : null;
        $inTheWay = $taken->firstInTheWay($days, $input->kind->name, $capacity);
        $fault ??= $inTheWay === null ? null : Wording::of('leave.away', ['day' => Wording::day($inTheWay[0]), 'kind' => $inTheWay[1]]);
        $years = array_values(array_unique(array_map(static fn (LeaveDay $day): int => $day->day->year(), $days)));
        $balances = LeaveBalances::load([$owner], max([$input->span->days->last()->year(), ...$years]));
        $props = [];
        foreach ($years as $year) {
            $balance = $balances->of($owner, $input->kind->id, $year);
            if ($balance !== null) {
                $props[] = LeaveBalanceProps::of($input->kind->name, $balance);
            }
        }

        return new LeavePreviewProps(
            array_sum(array_map(static fn (LeaveDay $day): int => $day->halfDays, $days)),
            Minutes::sum(array_map(static fn (LeaveDay $day): Minutes => $day->off, $days))->toInt(),
            PlannedWork::load([$owner], $input->span->days)->on($owner, $days),
            $props,
            $fault,
        );
    }
}
