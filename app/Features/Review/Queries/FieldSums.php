<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Models\Person;
use App\OwnFields\OwnFieldList;
use App\OwnFields\OwnFieldValues;
use App\Support\Language\Wording;
use Brick\Math\BigDecimal;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\OwnField;
use Moss\Core\Time\Minutes;

/** What own fields hold of the entries of a sheet, in words: hours by choice, as in `Place of work: On site 30 h, At home 8 h`, of numbers their sum. */
final class FieldSums
{
    /**
     * @param  list<WaitingEntry>  $entries
     * @return list<string> one for each field that holds something
     */
    public static function of(OwnFieldList $fields, array $entries, Person $reader): array
    {
        $held = [];
        foreach ($entries as $entry) {
            foreach (OwnFieldValues::read($entry->fields) as $code => $value) {
                $held[$code][] = [$value, $entry->minutes->toInt()];
            }
        }
        $told = [];
        foreach ($fields->fields() as $field) {
            if (isset($held[$field->code])) {
                $told[] = $field->name.': '.self::told($field, $held[$field->code], $reader);
            }
        }

        return $told;
    }

    /** @param  non-empty-list<array{string, int}>  $held  values with minutes */
    private static function told(OwnField $field, array $held, Person $reader): string
    {
        if ($field->kind === FieldKind::Number) {
            return (string) array_reduce($held, static fn (BigDecimal $sum, array $one): BigDecimal => $sum->plus($one[0]), BigDecimal::zero());
        }
        $minutes = [];
        foreach ($held as [$value, $some]) {
            $minutes[$value] = ($minutes[$value] ?? 0) + $some;
        }
        arsort($minutes);

        return implode(', ', array_map(
            static fn (int|string $value, int $some): string => self::value($field, (string) $value).($field->kind->isChosen() ? ' '.Wording::hours(Minutes::of($some), $reader) : ''), array_keys($minutes), $minutes,
        ));
    }

    private static function value(OwnField $field, string $value): string
    {
        return $field->kind === FieldKind::YesNo ? Wording::of('own_fields.'.$value) : $field->nameOf($value);
    }
}
