<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\DraftRow;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileProblem;
use App\Exchange\FileRow;
use App\Exchange\Formats\CodeFormat;
use Illuminate\Database\Query\Builder;

/** Kinds whose rows name a task by project and task code. */
abstract class OnTaskKind extends FileKind
{
    /** @return list<Column> */
    final protected function taskColumns(): array
    {
        return [Column::required('project', new CodeFormat, ''), Column::required('task', new CodeFormat, '')];
    }

    final protected function taskId(FileRow $row, Codes $codes): ?int
    {
        return $codes->idOf('tasks', $row->string('project').'/'.$row->string('task'));
    }

    /** @return list<FileProblem> */
    final protected function checkTask(FileRow $row, Codes $codes): array
    {
        if ($codes->idOf('projects', $row->string('project')) === null) {
            return [$row->problem('project', ExchangeText::get('expected.known', ['what' => ExchangeText::get('code_of.projects')]))];
        }
        if ($this->taskId($row, $codes) === null) {
            return [$row->problem('task', ExchangeText::get('expected.task_of', ['project' => $row->string('project')]))];
        }

        return [];
    }

    /** @return int<1, max> */
    public function rowsAtOnce(): int
    {
        return 1000;
    }

    public function existing(array $drafts): Builder
    {
        return $this->having(array_map(static fn (DraftRow $draft): array => $draft->attributes, $drafts));
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['task_id' => $this->taskId($row, $codes)];
    }
}
