<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Compare\ComparedDays;

/** What was recorded in a period: of months, and of whole week parts. What it costs and would bill is with it where that is asked for. */
final class RecordedSums
{
    private const MINUTES = ['actual' => 'actual_minutes', 'pending' => 'pending_minutes'];

    private const COST = ['actual_cents' => 'actual_cents', 'pending_cents' => 'pending_cents', 'actual_unrated' => 'actual_unrated', 'pending_unrated' => 'pending_unrated'];

    /** Which asks for what is billable. */
    private const BILL = [
        'actual_bill_cents' => 'actual_bill_cents', 'pending_bill_cents' => 'pending_bill_cents', 'actual_bill_unrated' => 'actual_bill_unrated', 'pending_bill_unrated' => 'pending_bill_unrated',
    ];

    /** @return list<SumPart> */
    public static function of(Dimensions $asked, bool $asksMoney, ComparedDays $compared, ComparableWork $work): array
    {
        $columns = [...$asked->columns(), ...$asked->billable ? ['billable'] : []];
        $sums = [...self::MINUTES, ...$asksMoney ? ($asked->billable ? [...self::COST, ...self::BILL] : self::COST) : []];
        $months = $asked->canBeMonths($work) ? MonthSums::of('recorded', $columns, $sums, $compared, $work) : null;
        $weeks = WeekSums::of('recorded_weeks', ['task_id', 'person_id', 'role_id'], $columns, $sums, $compared, $work, $months === null ? [$compared->period] : $compared->besideMonths());

        return array_values(array_filter([$months, $weeks]));
    }
}
