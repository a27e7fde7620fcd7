<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\DraftRow;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Support\Database\Record;

/** A kind of file whose rows name entries as `entries.csv` does: by person, project, task, role, date and the day that is corrected. */
abstract class NamedEntriesKind extends FileKind
{
    /** @return int<1, max> */
    public function rowsAtOnce(): int
    {
        return 1000;
    }

    public function check(FileRow $row, Codes $codes): array
    {
        foreach (['person' => 'people', 'project' => 'projects', 'role' => 'roles'] as $column => $table) {
            $code = $row->stringOrNull($column);
            if ($code !== null && $codes->idOf($table, $code) === null) {
                return [$row->problem($column, ExchangeText::get('expected.known', ['what' => ExchangeText::get('code_of.'.$table)]))];
            }
        }
        if ($row->stringOrNull('task') !== null && $codes->idOf('tasks', $row->stringOrNull('project').'/'.$row->string('task')) === null) {
            return [$row->problem('task', ExchangeText::get('expected.task_of', ['project' => $row->stringOrNull('project') ?? '']))];
        }

        return [];
    }

    /** @return array{task_id: int|null, project_id: int|null, person_id: int|null, role_id: int|null} ids of what a row names */
    final protected static function named(FileRow $row, Codes $codes): array
    {
        $id = static fn (string $table, ?string $code): ?int => $code === null ? null : $codes->idOf($table, $code);

        return [
            'task_id' => $id('tasks', $row->stringOrNull('task') === null ? null : $row->stringOrNull('project').'/'.$row->string('task')),
            'project_id' => $id('projects', $row->stringOrNull('project')),
            'person_id' => $id('people', $row->stringOrNull('person')),
            'role_id' => $id('roles', $row->stringOrNull('role')),
        ];
    }

    /**
     * @param  list<DraftRow>  $drafts
     * @return array<string, int> ids by what names an entry
     */
    final protected static function entries(array $drafts): array
    {
        $wanted = array_map(static fn (DraftRow $draft): array => [$draft->attributes['person_id'], $draft->row->value('date'), $draft->attributes['task_id'], $draft->attributes['role_id'], $draft->row->value('corrects')], $drafts);
        $ids = [];
        foreach ($wanted === [] ? [] : Record::each(self::wanted('entries', ['person_id', 'date', 'task_id', 'role_id', 'corrects'], $wanted)) as $entry) {
            $ids[implode(' ', [$entry->int('person_id'), $entry->string('date'), $entry->int('task_id'), $entry->intOrNull('role_id') ?? '', $entry->stringOrNull('corrects') ?? ''])] = $entry->int('id');
        }

        return $ids;
    }

    final protected static function entryKey(DraftRow $draft): string
    {
        return implode(' ', [$draft->attributes['person_id'] ?? '', $draft->row->value('date') ?? '', $draft->attributes['task_id'] ?? '', $draft->attributes['role_id'] ?? '', $draft->row->value('corrects') ?? '']);
    }
}
