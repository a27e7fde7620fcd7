<?php

declare(strict_types=1);

namespace App\OwnFields;

use App\Models\Entry;
use App\Models\Expense;
use App\Models\OwnFieldValue;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\OwnFields\FieldSubject;

/** What own fields hold. */
final readonly class OwnFieldValues
{
    /** What models that come with their `ownFieldValues` need besides, to be told by code. */
    public const WITH = 'ownFieldValues.ownField:id,code,is_retired';

    /**
     * What the fields in use hold of some entries, tasks, projects or people; in one query.
     *
     * @param  list<int>  $ids
     * @return array<int, array<string, string>> by id, then by the field's code
     */
    public static function of(FieldSubject $subject, array $ids): array
    {
        $values = [];
        $column = self::column($subject);
        foreach ($ids === [] ? [] : Record::all(self::query()->whereIntegerInRaw('own_field_values.'.$column, array_unique($ids))->select('own_field_values.'.$column.' AS id', 'own_fields.code', 'own_field_values.value')) as $row) {
            $values[$row->int('id')][$row->string('code')] = $row->string('value');
        }

        return $values;
    }

    /**
     * The same of each row of a query, as a JSON object under the name `fields`; null where nothing is held.
     *
     * @param  string  $id  the column that has the ids
     */
    public static function beside(FieldSubject $subject, string $id): Builder
    {
        return self::query()->whereColumn('own_field_values.'.self::column($subject), $id)->select(Sql::object(['own_fields.code'], 'own_field_values.value', 'fields'));
    }

    /** @return array<string, string> by the field's code */
    public static function told(Entry|Expense|Person|Project|Task $of): array
    {
        $values = [];
        foreach ($of->ownFieldValues as $value) {
            if (! $value->ownField->is_retired) {
                $values[$value->ownField->code] = $value->value;
            }
        }
        ksort($values, SORT_STRING);

        return $values;
    }

    /** @return array<string, string> by the field's code */
    public static function read(?string $json): array
    {
        $values = [];
        foreach ($json === null ? [] : (array) json_decode($json, true, 2, JSON_THROW_ON_ERROR) as $code => $value) {
            $values[(string) $code] = is_string($value) ? $value : '';
        }

        return $values;
    }

    /**
     * Puts values in the place of what is held; an empty text clears.
     *
     * @param  array<int, array<int, string>>  $values  by id, then by the id of the field
     */
    public static function write(FieldSubject $subject, array $values): void
    {
        $column = self::column($subject);
        $written = [];
        $cleared = [];
        foreach ($values as $id => $ofSubject) {
            foreach ($ofSubject as $field => $value) {
                if ($value === '') {
                    $cleared[$field][] = $id;
                } else {
                    $written[] = [$column => $id, 'own_field_id' => $field, 'value' => $value];
                }
            }
        }
        foreach ($written as $row) {
            $cleared[$row['own_field_id']][] = (int) $row[$column];
        }
        // Each field is cleared at once; there are few of them.
        foreach ($cleared as $field => $ids) {
            OwnFieldValue::query()->where('own_field_id', $field)->whereIntegerInRaw($column, $ids)->delete();
        }
        foreach (array_chunk($written, 500) as $rows) {
            OwnFieldValue::query()->insert($rows);
        }
    }

    /**
     * Gives others what some hold; they hold nothing yet.
     *
     * @param  array<int, int>  $others  ids by the id of the one that is copied
     */
    public static function copy(FieldSubject $subject, array $others): void
    {
        $column = self::column($subject);
        $rows = [];
        foreach ($others === [] ? [] : Record::all(OwnFieldValue::query()->toBase()->whereIntegerInRaw($column, array_keys($others))->select('own_field_id', 'value', $column.' AS id')) as $row) {
            $rows[] = [$column => $others[$row->int('id')], 'own_field_id' => $row->int('own_field_id'), 'value' => $row->string('value')];
        }
        foreach (array_chunk($rows, 500) as $some) {
            OwnFieldValue::query()->insert($some);
        }
    }

    public static function column(FieldSubject $subject): string
    {
        return $subject->value.'_id';
    }

    private static function query(): Builder
    {
        return OwnFieldValue::query()->toBase()->join('own_fields', 'own_fields.id', 'own_field_values.own_field_id')->where('own_fields.is_retired', false);
    }
}
