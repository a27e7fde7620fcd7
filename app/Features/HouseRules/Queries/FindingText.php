<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Models\Person;
use App\Support\Language\TextValues;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Says to a reader what was found and what would cure it. */
final class FindingText
{
    /** @param  array<string, Minutes|Day|int|string>  $values */
    public static function what(string $rule, array $values, Person $reader): string
    {
        return Wording::of('findings.'.$rule.'.what', TextValues::printed($values, $reader));
    }

    public static function cure(string $rule): string
    {
        return Wording::of('findings.'.$rule.'.cure');
    }
}
