<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Features\Compare\Queries\ComparisonTerms;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\Lang;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Compare\Grouping;

/** What a group is called where people read it: periods as they write them, and in words what belongs to none. */
final class GroupWords
{
    /** What is compared by: of an own field, its name. */
    public static function grouping(Grouping $grouping, ComparisonTerms $terms): string
    {
        return $grouping === Grouping::OwnField && $terms->field !== null ? $terms->field->name : Wording::of('compare.groupings.'.$grouping->value);
    }

    public static function of(Grouping $grouping, string $code, string $name): string
    {
        return match (true) {
            $code === Grouping::NONE || str_ends_with($code, '/'.Grouping::NONE) => Lang::has('compare.without.'.$grouping->value) ? Wording::of('compare.without.'.$grouping->value) : $name,
            $grouping === Grouping::Month => LocalFormat::month(Day::of($code.'-01')),
            $grouping === Grouping::Quarter => Wording::of('compare.quarter', ['number' => substr($code, -1), 'year' => substr($code, 0, 4)]),
            $grouping === Grouping::Week => Wording::of('compare.week', ['number' => Week::of($code)->number(), 'year' => substr($code, 0, 4)]),
            $grouping === Grouping::Billable => Wording::of('compare.billables.'.$code),
            default => $name,
        };
    }
}
