<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** Why a task is offered for a line; the first that holds. */
enum TaskGroup: string
{
    case Recent = 'recent';
    case Mine = 'mine';
    case Team = 'team';
    case Later = 'later';
    case NonProject = 'non-project';
}
