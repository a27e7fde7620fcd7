<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/**
 * What a comparison is grouped by. Every entry and every planned minute falls in exactly one group.
 */
enum Grouping: string
{
    /** The group of what has no person, team, role, client, phase or charge code. */
    public const NONE = '-';

    case Project = 'project';
    case Phase = 'phase';
    case Task = 'task';
    case Person = 'person';
    case Team = 'team';
    case Client = 'client';
    case Manager = 'manager';
    case Role = 'role';
    case ChargeCode = 'charge-code';
    case Quarter = 'quarter';
    case Month = 'month';
    case Week = 'week';

    /** Whether the group depends on the day. */
    public function isByDay(): bool
    {
        return in_array($this, [self::Quarter, self::Month, self::Week], true);
    }

    public function groupOf(WorkItem $subject, Day $day): string
    {
        return match ($this) {
            self::Project => $subject->project ?? self::NONE,
            self::Phase => $subject->project.'/'.($subject->phase ?? self::NONE),
            self::Task => $subject->project.'/'.$subject->task,
            self::Person => $subject->person ?? self::NONE,
            self::Team => $subject->team ?? self::NONE,
            self::Client => $subject->client ?? self::NONE,
            self::Manager => $subject->manager ?? self::NONE,
            self::Role => $subject->role ?? self::NONE,
            self::ChargeCode => $subject->chargeCode ?? self::NONE,
            self::Quarter => $day->quarter(),
            self::Month => $day->month(),
            self::Week => Week::containing($day)->toString(),
        };
    }
}
