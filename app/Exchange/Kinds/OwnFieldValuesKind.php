<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\DraftRow;
use App\Exchange\ExchangeText;
use App\Exchange\FileRow;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\TextFormat;
use App\Models\Expense;
use App\Models\OwnFieldValue;
use App\OwnFields\OwnFieldList;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;
use Moss\Core\OwnFields\OwnFieldRefused;

/** `own_field_values.csv`: what own fields hold of an entry, task, project or person, which are named as in their own files. */
final class OwnFieldValuesKind extends NamedEntriesKind
{
    /** By which columns each is named. */
    private const NAMED_BY = ['entry' => ['person', 'project', 'task', 'date'], 'task' => ['project', 'task'], 'project' => ['project'], 'person' => ['person'], 'expense' => ['expense']];

    public function name(): string
    {
        return 'own_field_values';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::ofCode('field', CodeTable::OwnFields, 'own_field_id'),
            Column::optional('person', new CodeFormat, null, ''),
            Column::optional('project', new CodeFormat, null, ''),
            Column::optional('task', new CodeFormat, null, ''),
            Column::optional('role', new CodeFormat, null, ''),
            Column::optional('date', DayFormat::ofWork(), null, ''),
            Column::optional('corrects', DayFormat::ofWork(), null, ''),
            Column::optional('expense', new CodeFormat, null, ''),
            Column::required('value', new TextFormat(OwnField::LONGEST)),
        ];
    }

    public function key(): array
    {
        return ['field', 'person', 'project', 'task', 'role', 'date', 'corrects', 'expense'];
    }

    public function codeColumns(): array
    {
        return ['field', 'value'];
    }

    public function keyAttributes(): array
    {
        return ['own_field_id', 'entry_id', 'task_id', 'project_id', 'person_id', 'expense_id'];
    }

    public function existing(array $drafts): Builder
    {
        // Those of any of the rows, found by the index of each subject.
        $ids = static fn (string $column): array => array_values(array_filter(array_map(static fn (DraftRow $draft): int => (int) ($draft->attributes[$column] ?? 0), $drafts)));

        return OwnFieldValue::query()->toBase()->where(static function (Builder $any) use ($ids): void {
            foreach (FieldSubject::cases() as $subject) {
                $any->orWhereIntegerInRaw($subject->value.'_id', $ids($subject->value.'_id'));
            }
        });
    }

    public function further(FileRow $row, Codes $codes): array
    {
        // Of all that is named only what the field belongs to stays; that is known once fields and entries are there.
        return ['entry_id' => null, 'expense_id' => null, ...self::named($row, $codes)];
    }

    public function resolved(array $drafts): array
    {
        $fields = OwnFieldList::everUsed();
        $entries = self::entries(array_values(array_filter($drafts, static fn (DraftRow $draft): bool => $draft->row->value('date') !== null)));
        $expenses = self::expenses($drafts);
        $resolved = [];
        $problems = [];
        foreach ($drafts as $draft) {
            $field = $fields->fields()[$draft->attributes['own_field_id']] ?? null;
            $subject = $field->subject ?? FieldSubject::Entry;
            $column = $subject->value.'_id';
            $id = match ($subject) {
                FieldSubject::Entry => $entries[self::entryKey($draft)] ?? null,
                FieldSubject::Expense => $expenses[$draft->row->stringOrNull('expense') ?? ''] ?? null,
                default => $draft->attributes[$column],
            };
            try {
                $value = $field?->read($draft->row->string('value'), $draft->row->string('value') === '' ? '' : self::retired($field, $draft->row->string('value')));
            } catch (OwnFieldRefused $refused) {
                $problems[] = $draft->row->problem('value', ExchangeText::get('expected.field_'.$refused->field->kind->value, ['field' => $refused->field->name]));

                continue;
            }
            if ($field === null || $id === null || ! $draft->row->hasValues(self::NAMED_BY[$subject->value])) {
                $problems[] = $draft->row->problem('field', ExchangeText::get('expected.field_of', ['columns' => implode(', ', self::NAMED_BY[$subject->value])]));

                continue;
            }
            $resolved[] = new DraftRow($draft->row, [
                'own_field_id' => $draft->attributes['own_field_id'], 'entry_id' => null, 'task_id' => null, 'project_id' => null, 'person_id' => null, 'expense_id' => null, 'value' => $value, ...[$column => $id],
            ], ['value']);
        }

        return [$resolved, $problems];
    }

    public function exported(): Builder
    {
        return OwnFieldValue::query()->toBase()->join('own_fields', 'own_fields.id', 'own_field_values.own_field_id')
            ->leftJoin('entries', 'entries.id', 'own_field_values.entry_id')
            ->leftJoin('expenses', 'expenses.id', 'own_field_values.expense_id')
            ->leftJoin('people', static fn (JoinClause $join): JoinClause => $join->on('people.id', 'own_field_values.person_id')->orOn('people.id', 'entries.person_id'))
            ->leftJoin('tasks', static fn (JoinClause $join): JoinClause => $join->on('tasks.id', 'own_field_values.task_id')->orOn('tasks.id', 'entries.task_id'))
            ->leftJoin('projects', static fn (JoinClause $join): JoinClause => $join->on('projects.id', 'own_field_values.project_id')->orOn('projects.id', 'tasks.project_id'))
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->select('own_fields.code AS field', 'people.code AS person', 'projects.code AS project', 'tasks.code AS task', 'roles.code AS role', 'entries.date', 'entries.corrects', 'expenses.code AS expense', 'own_field_values.value')
            ->orderBy('own_fields.code')->orderBy('people.code')->orderBy('entries.date')->orderBy('projects.code')->orderBy('tasks.code')->orderBy('roles.code')->orderBy('entries.corrects')->orderBy('expenses.code');
    }

    /**
     * @param  list<DraftRow>  $drafts
     * @return array<string, int> ids by the code of the expense
     */
    private static function expenses(array $drafts): array
    {
        $codes = array_values(array_unique(array_filter(array_map(static fn (DraftRow $draft): ?string => $draft->row->stringOrNull('expense'), $drafts))));
        $ids = [];
        foreach ($codes === [] ? [] : Record::all(Expense::query()->toBase()->whereIn('code', $codes)->select('id', 'code')) as $expense) {
            $ids[$expense->string('code')] = $expense->int('id');
        }

        return $ids;
    }

    /** A choice that is no longer offered comes back as it went out. */
    private static function retired(OwnField $field, string $text): string
    {
        foreach ($field->choices as $choice) {
            if ($choice->isRetired && $choice->code === $text) {
                return $text;
            }
        }

        return '';
    }
}
