<?php

declare(strict_types=1);

namespace App\Features\Plan\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NotBefore;
use App\Http\Input\WorkDay;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/** Whose load, and over which days. */
final class LoadRequest extends BoundedRequest
{
    private const MOST_DAYS = 800;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['person' => ['required', 'string'], 'from' => ['required', new WorkDay], 'to' => ['required', new WorkDay, new NotBefore('from')]];
    }

    public function days(): DayRange
    {
        $first = Day::of($this->string('from')->toString());

        return DayRange::between($first, Day::earlier(Day::of($this->string('to')->toString()), $first->plusDays(self::MOST_DAYS)));
    }
}
