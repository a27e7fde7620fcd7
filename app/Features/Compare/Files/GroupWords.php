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
    /** What is compared, as a title: by what, and what stands across. */
    public static function title(ComparisonTerms $terms): string
    {
        $by = self::grouping($terms->by, $terms, 'by');
        $title = $terms->then === null ? Wording::of('compare.title', ['by' => $by]) : Wording::of('compare.title_of_two', ['by' => $by, 'then' => self::grouping($terms->then, $terms, 'by')]);

        return $terms->across === null ? $title : Wording::of('compare.title_across', ['title' => $title, 'across' => Wording::of('compare.across.'.$terms->across->value)]);
    }

    /**
     * What is compared by: of an own field, its name.
     *
     * @param  'groupings'|'by'  $words  as a heading, or in the middle of a sentence
     */
    public static function grouping(Grouping $grouping, ComparisonTerms $terms, string $words = 'groupings'): string
    {
        return $grouping === Grouping::OwnField && $terms->field !== null ? $terms->field->name : Wording::of("compare.$words.$grouping->value");
    }

    /** The group of a line. */
    public static function ofGroup(ComparisonTerms $terms, ComparedLine $line): string
    {
        return self::inFull($terms->by, $line->group, $line->name);
    }

    /** What the line is a part of a group by; empty where it is the group itself. Whose project a part is goes without saying below that project. */
    public static function ofPart(ComparisonTerms $terms, ComparedLine $line): string
    {
        return match (true) {
            $terms->then === null || $line->part === null => '',
            $terms->by === Grouping::Project => self::of($terms->then, $line->part, $line->partName),
            default => self::inFull($terms->then, $line->part, $line->partName),
        };
    }

    /** A task or phase with its project: many projects have tasks of one name. */
    private static function inFull(Grouping $grouping, string $code, string $name): string
    {
        $called = self::of($grouping, $code, $name);

        return $grouping === Grouping::Task || $grouping === Grouping::Phase ? Wording::of('compare.in_project', ['name' => $called, 'project' => explode('/', $code, 2)[0]]) : $called;
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
