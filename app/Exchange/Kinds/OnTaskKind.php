<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\Draft;
use App\Exchange\ExchangeText;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Kind;
use App\Exchange\Problem;
use App\Exchange\Row;
use Illuminate\Database\Query\Builder;

/** Kinds whose rows name a task by project and task code. */
abstract class OnTaskKind extends Kind
{
    /** @return list<Column> */
    final protected function taskColumns(): array
    {
        return [Column::required('project', new CodeFormat, ''), Column::required('task', new CodeFormat, '')];
    }

    final protected function taskId(Row $row, Codes $codes): ?int
    {
        return $codes->idOf('tasks', $row->string('project').'/'.$row->string('task'));
    }

    /** @return list<Problem> */
    final protected function checkTask(Row $row, Codes $codes): array
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
        return $this->having(array_map(static fn (Draft $draft): array => $draft->attributes, $drafts));
    }

    public function further(Row $row, Codes $codes): array
    {
        return ['task_id' => $this->taskId($row, $codes)];
    }
}
