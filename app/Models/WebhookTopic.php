<?php

declare(strict_types=1);

namespace App\Models;

/** Of what another system may want to be told. Money, sign-ins and settings are no topics. */
enum WebhookTopic: string
{
    case Time = 'time';
    case Remaining = 'remaining';
    case Plans = 'plans';
    case People = 'people';
    case Leave = 'leave';
    case WorkRequests = 'work requests';
    case Periods = 'periods';
    case Files = 'files';

    /** @return list<string> the subjects of the audit trail that belong to it */
    public function subjects(): array
    {
        return match ($this) {
            self::Time => ['entry', 'timesheet', 'finding', 'correction'],
            self::Remaining => ['remaining'],
            self::Plans => ['project', 'task', 'assignment', 'route'],
            self::People => ['person', 'team', 'role', 'client', 'stand-in', 'recorder'],
            self::Leave => ['leave', 'holiday', 'absence kind'],
            self::WorkRequests => ['work request'],
            self::Periods => ['period'],
            self::Files => ['exchange'],
        };
    }
}
