<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Props;

/** When a task is due, as the list groups it. */
enum TaskDue: string
{
    case Overdue = 'overdue';
    case ThisWeek = 'this week';
    case NextWeek = 'next week';
    case Later = 'later';
    case Always = 'always';
}
