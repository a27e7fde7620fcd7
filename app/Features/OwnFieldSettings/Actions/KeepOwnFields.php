<?php

declare(strict_types=1);

namespace App\Features\OwnFieldSettings\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Lookup\FreeCode;
use App\Models\OwnField;
use App\Models\OwnFieldChoice;
use App\Models\OwnFieldValue;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\OwnFields\FieldKind;

/** Adds, changes, retires and removes own fields. */
final readonly class KeepOwnFields
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @return OwnField|null null if another field has the code */
    public function add(Person $by, OwnFieldInput $input): ?OwnField
    {
        return DB::transaction(function () use ($by, $input): ?OwnField {
            if ($input->code !== '' && OwnField::query()->where('code', $input->code)->exists()) {
                return null;
            }
            $position = OwnField::query()->max('position');
            $field = new OwnField([
                'code' => $input->code === '' ? FreeCode::of(OwnField::query(), $input->name, 'field') : $input->code,
                'subject' => $input->subject, 'kind' => $input->kind, 'position' => (is_numeric($position) ? (int) $position : 0) + 1,
            ]);
            $this->fill($field, $input);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::OwnField, $field->code, 'add', $by, null, self::told($field))]);

            return $field;
        });
    }

    public function change(Person $by, OwnField $field, OwnFieldInput $input): void
    {
        DB::transaction(function () use ($by, $field, $input): void {
            $before = self::told($field);
            $this->fill($field, $input);
            $after = self::told($field);
            if ($before !== $after) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::OwnField, $field->code, 'change', $by, array_diff_assoc($before, $after), array_diff_assoc($after, $before))]);
            }
        });
    }

    /** @return bool false if it holds something anywhere */
    public function remove(Person $by, OwnField $field): bool
    {
        return DB::transaction(function () use ($by, $field): bool {
            if ($field->values()->exists()) {
                return false;
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::OwnField, $field->code, 'remove', $by, self::told($field), null)]);
            $field->delete();

            return true;
        });
    }

    private function fill(OwnField $field, OwnFieldInput $input): void
    {
        $field->fill([
            'name' => $input->name, 'is_required' => $input->isRequired, 'starts_on' => $input->startsOn, 'team_id' => $field->subject->hasTeam() ? $input->team : null,
            'client_id' => $field->subject->hasClient() ? $input->client : null, 'is_retired' => $input->isRetired,
        ])->save();
        if ($field->kind === FieldKind::Choice) {
            self::keepChoices($field, $input->choices);
        }
        $field->load('choices', 'team', 'client');
    }

    /** @param  array<string, string>  $choices */
    private static function keepChoices(OwnField $field, array $choices): void
    {
        $codes = array_map(strval(...), array_keys($choices));
        $held = OwnFieldValue::query()->where('own_field_id', $field->id)->distinct()->select('value');
        OwnFieldChoice::query()->where('own_field_id', $field->id)->whereNotIn('code', $codes)->whereNotIn('code', (clone $held))->delete();
        OwnFieldChoice::query()->where('own_field_id', $field->id)->whereNotIn('code', $codes)->update(['is_retired' => true]);
        $rows = [];
        foreach ($codes as $position => $code) {
            $rows[] = ['own_field_id' => $field->id, 'code' => $code, 'name' => $choices[$code], 'position' => $position + 1, 'is_retired' => false];
        }
        OwnFieldChoice::query()->upsert($rows, ['own_field_id', 'code'], ['name', 'position', 'is_retired']);
    }

    /** @return array<string, string|int|null> as the audit trail tells it */
    private static function told(OwnField $field): array
    {
        return AuditTrailLine::told([
            'name' => $field->name, 'belongs_to' => $field->subject, 'holds' => $field->kind, 'is_required' => $field->is_required ? 'yes' : 'no', 'starts_on' => $field->starts_on,
            'team' => $field->team?->code, 'client' => $field->client?->code, 'is_retired' => $field->is_retired ? 'yes' : 'no',
            'choices' => implode(', ', array_map(static fn (OwnFieldChoice $choice): string => $choice->code.' = '.$choice->name.($choice->is_retired ? ' (retired)' : ''), $field->choices->all())),
        ]);
    }
}
