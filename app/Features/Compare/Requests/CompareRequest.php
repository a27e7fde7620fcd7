<?php

declare(strict_types=1);

namespace App\Features\Compare\Requests;

use App\Features\Compare\Queries\ComparisonAddress;
use App\Features\Compare\Queries\ComparisonQuestion;
use App\Http\Input\Address;
use App\Http\Input\BoundedRequest;
use App\Models\Person;
use Moss\Core\Calendar\Day;

/** The question of a comparison in its address; an invalid value counts as absent. */
class CompareRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    public function question(Person $reader, Day $today): ComparisonQuestion
    {
        return ComparisonAddress::of(Address::of($this))->question($reader, $today);
    }
}
