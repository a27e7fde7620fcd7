<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\OwnFields\OwnFieldList;
use Moss\Core\Compare\Measure;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;

/** Own fields that a comparison can be grouped by or narrowed to; those of expenses tell only money apart. */
final class ComparedFields
{
    /** @param  list<Measure>  $offered  measures that the reader may ask for */
    public static function offeredWith(array $offered): OwnFieldList
    {
        return in_array(Measure::Expenses, $offered, true) ? OwnFieldList::all() : OwnFieldList::ofTime();
    }

    /**
     * @param  list<Measure>  $measures  that are asked for
     * @return list<Measure> expenses, where a field of theirs is asked for and nothing that it could tell apart
     */
    public static function measures(?OwnField $field, array $measures): array
    {
        $hasMoney = array_filter($measures, static fn (Measure $measure): bool => $measure->isMoney()) !== [];

        return $field?->subject === FieldSubject::Expense && ! $hasMoney ? [Measure::Expenses] : $measures;
    }
}
