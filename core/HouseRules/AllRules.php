<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\HouseRules\Rules\ClientNoteMissing;
use Moss\Core\HouseRules\Rules\DayAbove;
use Moss\Core\HouseRules\Rules\EmptyWorkingDay;
use Moss\Core\HouseRules\Rules\MoreThanRemained;
use Moss\Core\HouseRules\Rules\NotAssigned;
use Moss\Core\HouseRules\Rules\NoteMissing;
use Moss\Core\HouseRules\Rules\NoteShort;
use Moss\Core\HouseRules\Rules\OffStep;
use Moss\Core\HouseRules\Rules\OldTime;
use Moss\Core\HouseRules\Rules\OverBudget;
use Moss\Core\HouseRules\Rules\RecordedByAnother;
use Moss\Core\HouseRules\Rules\SameEveryDay;
use Moss\Core\HouseRules\Rules\SpansDiffer;
use Moss\Core\HouseRules\Rules\TaskClosed;
use Moss\Core\HouseRules\Rules\TaskEnded;
use Moss\Core\HouseRules\Rules\TaskNotStarted;
use Moss\Core\HouseRules\Rules\TimeOnAbsence;
use Moss\Core\HouseRules\Rules\TimeOnFreeDay;
use Moss\Core\HouseRules\Rules\TimeOnHoliday;
use Moss\Core\HouseRules\Rules\WeekAbove;
use Moss\Core\HouseRules\Rules\WeekShort;

/**
 * Every rule that there is, in the order in which they are shown. A new rule is a class of its own and a line here.
 */
final readonly class AllRules
{
    /** @return list<HouseRule> */
    public static function list(): array
    {
        return [
            new WeekShort,
            new WeekAbove,
            new EmptyWorkingDay,
            new DayAbove,
            new SpansDiffer,
            new TimeOnFreeDay,
            new TimeOnHoliday,
            new TimeOnAbsence,
            new OffStep,
            new NotAssigned,
            new TaskClosed,
            new TaskNotStarted,
            new TaskEnded,
            new MoreThanRemained,
            new OverBudget,
            new ClientNoteMissing,
            new NoteMissing,
            new NoteShort,
            new OldTime,
            new SameEveryDay,
            new RecordedByAnother,
        ];
    }

    public static function named(string $code): ?HouseRule
    {
        foreach (self::list() as $rule) {
            if ($rule->code() === $code) {
                return $rule;
            }
        }

        return null;
    }
}
