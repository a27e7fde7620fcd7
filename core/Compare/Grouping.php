<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Calendar\Week;

/**
 * What a comparison is grouped by. Every entry and every planned minute falls in exactly one group.
 */
enum Grouping: string
{
    /** The group of what has no person, team, role, client, phase, charge code or day, or of which an own field holds nothing. */
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
    /** By codes `yes` and `no`. */
    case Billable = 'billable';
    /** By what one own field holds; which one, the comparison says. */
    case OwnField = 'field';
    case Quarter = 'quarter';
    case Month = 'month';
    case Week = 'week';

    /** Whether the group depends on the day. */
    public function isByDay(): bool
    {
        return $this === self::Month || $this === self::Week || $this === self::Quarter;
    }

    /** Whether the group depends on nothing but the person. */
    public function isByPerson(): bool
    {
        return in_array($this, [self::Person, self::Team, self::Role], true);
    }

    /** The days of a group by day; null for a text that is no such group, and for groupings that do not depend on the day. */
    public function daysOf(string $group): ?DayRange
    {
        try {
            return match (true) {
                $this === self::Week => Week::of($group)->days(),
                $this === self::Month => PeriodUnit::Month->days(Day::of($group.'-01')),
                $this === self::Quarter && preg_match('/^(\d{4})-Q([1-4])$/D', $group, $found) === 1 => PeriodUnit::Quarter->days(Day::of(sprintf('%s-%02d-01', $found[1], (int) $found[2] * 3))),
                default => null,
            };
        } catch (NotADay) {
            return null;
        }
    }

    public function groupOf(WorkItem $subject, ?Day $day): string
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
            self::Billable => $subject->isBillable ? 'yes' : 'no',
            self::OwnField => $subject->field ?? self::NONE,
            self::Quarter => $day?->quarter() ?? self::NONE,
            self::Month => $day?->month() ?? self::NONE,
            self::Week => $day === null ? self::NONE : Week::containing($day)->toString(),
        };
    }
}
