<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Models\Person;
use App\Support\Facts;
use App\Support\Words;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Says to a reader what was found and what would cure it. */
final class FindingText
{
    /** @param  array<string, Minutes|Day|int|string>  $facts */
    public static function what(string $rule, array $facts, Person $reader): string
    {
        return Words::of('findings.'.$rule.'.what', Facts::printed($facts, $reader));
    }

    public static function cure(string $rule): string
    {
        return Words::of('findings.'.$rule.'.cure');
    }
}
