<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\LeftOutSeries;
use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** What somebody leaves out is nobody's business but theirs. */
final class LeftOutSeriesPolicy
{
    public function change(Person $person, LeftOutSeries $series): Response
    {
        return $person->id === $series->person_id ? Response::allow() : Response::denyAsNotFound();
    }
}
