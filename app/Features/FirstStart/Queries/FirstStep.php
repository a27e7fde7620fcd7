<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Queries;

/** What leads from an empty installation to the first week that is recorded. */
enum FirstStep: string
{
    case Organisation = 'organisation';
    case People = 'people';
    case Clients = 'clients';
    case Project = 'project';
    /** May be left as they are. */
    case Rules = 'rules';
    /** May be left out. */
    case Rates = 'rates';
    case Week = 'week';
}
