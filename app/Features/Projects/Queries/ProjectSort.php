<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

/** In which order the list of projects stands. */
enum ProjectSort: string
{
    case Attention = 'attention';
    case Name = 'name';
    case Manager = 'manager';
    case Planned = 'planned';
    case Forecast = 'forecast';
    case Variance = 'variance';
}
