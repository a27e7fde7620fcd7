<?php

declare(strict_types=1);

namespace App\OwnFields;

use App\Support\Language\Wording;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;
use Moss\Core\OwnFields\OwnFieldRefused;

/** Saves what was typed into own fields, within the transaction of the act that it is part of; in a fixed number of queries. */
final readonly class SaveOwnFields
{
    /**
     * @param  array<int, TypedFields>  $typed  by the id of what they belong to
     * @param  bool  $isWhole  whether all that is asked must be filled in, or only nothing required be cleared
     * @return array<int, FieldsChange>
     *
     * @throws OwnFieldsRefused
     */
    public function handle(FieldSubject $subject, array $typed, bool $isWhole = false): array
    {
        $list = $typed === [] ? null : OwnFieldList::of($subject);
        if ($list === null || $list->isEmpty()) {
            return [];
        }
        $held = OwnFieldValues::of($subject, array_keys($typed));
        [$changes, $values, $faults] = [[], [], []];
        foreach ($typed as $id => $one) {
            [$before, $after] = [[], []];
            foreach ($list->asked($one->day, $one->team, $one->client)->fields() as $fieldId => $field) {
                $was = $held[$id][$field->code] ?? '';
                try {
                    $value = array_key_exists($field->code, $one->texts) ? $field->read($one->texts[$field->code], $was) : $was;
                } catch (OwnFieldRefused $refused) {
                    $faults[$id][$field->code] = self::expected($refused);

                    continue;
                }
                if ($field->isRequired && $value === '' && ($isWhole || $was !== '')) {
                    $faults[$id][$field->code] = self::missing($field);
                } elseif ($value !== $was) {
                    $values[$id][$fieldId] = $value;
                    [$before[FieldsChange::TOLD.$field->code], $after[FieldsChange::TOLD.$field->code]] = [$was, $value];
                }
            }
            $changes[$id] = new FieldsChange($before, $after);
        }
        if ($faults !== []) {
            throw OwnFieldsRefused::with($faults);
        }
        OwnFieldValues::write($subject, $values);

        return $changes;
    }

    /** What a field takes instead of what was typed. */
    public static function expected(OwnFieldRefused $refused): string
    {
        return Wording::of('own_fields.expected.'.$refused->field->kind->value, ['field' => $refused->field->name, 'text' => mb_strimwidth($refused->text, 0, 40, '…', 'UTF-8')]);
    }

    public static function missing(OwnField $field): string
    {
        return Wording::of('own_fields.missing', ['field' => $field->name]);
    }
}
