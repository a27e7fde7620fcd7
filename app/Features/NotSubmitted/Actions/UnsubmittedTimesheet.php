<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Actions;

use App\Http\Input\DaysText;
use App\Models\MessageKind;
use App\Models\Person;
use App\Notices\Notice;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\TimesheetSubmission;

/** What somebody is told of a timesheet that is not submitted: what is missing, and by when it is due. */
final class UnsubmittedTimesheet
{
    /** @param  Person|null  $by  who reminds them; null where nobody asked */
    public static function notice(int $owner, DayRange $timesheet, Day $due, TimesheetSubmission $status, Day $today, ?Person $by = null): Notice
    {
        $what = match (true) {
            ! $status->returned->isZero() => ['returned', $status->returned],
            ! $status->draft->isZero() => ['unsubmitted', $status->draft],
            default => ['nothing', $status->expected],
        };

        $week = Week::containing($timesheet->last());
        $isWeek = $timesheet->equals($week->days());

        return new Notice(
            $owner,
            $today->isAfter($due) ? MessageKind::WeekOverdue : MessageKind::WeekDue,
            // By the week in which it ends. Once a day, and once more where somebody reminds them.
            'week '.$week->toString().' '.$today->toString().($by === null ? '' : ' '.$by->code),
            [
                ...($isWeek ? [] : ['first' => $timesheet->first(), 'last' => $timesheet->last()]),
                'week' => $week->number(), 'day' => $due, 'what' => $what[0], 'hours' => $what[1],
                'entered' => $status->submitted->plus($status->draft)->plus($status->returned), 'expected' => $status->expected,
                ...($by === null ? [] : ['by' => $by->name]),
            ],
            ($isWeek ? '/week/' : '/month/').DaysText::of($timesheet),
        );
    }
}
