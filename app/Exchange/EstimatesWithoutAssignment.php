<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Assignment;
use App\Support\Database\Record;
use App\Support\Database\Sql;

/** Finds remaining estimates of people who are not assigned to the task, neither themselves nor through their team. */
final class EstimatesWithoutAssignment
{
    /** @return list<FileProblem> */
    public static function among(?ExchangeFile $file, Codes $codes): array
    {
        if ($file === null) {
            return [];
        }
        $held = [];
        $query = Assignment::query()->toBase()
            ->leftJoin('people AS members', 'members.team_id', 'assignments.team_id')
            ->distinct()->addSelect('assignments.task_id', Sql::first(['assignments.person_id', 'members.id'], 'person_id'));
        foreach (Record::all($query) as $record) {
            $held[$record->int('task_id').'/'.$record->intOrNull('person_id')] = true;
        }
        $problems = [];
        foreach ($file->complete() as $row) {
            $task = $codes->idOf('tasks', $row->string('project').'/'.$row->string('task'));
            if (! isset($held[$task.'/'.$codes->idOf('people', $row->string('person'))])) {
                $problems[] = $row->problem('person', ExchangeText::get('expected.assignee'));
            }
        }

        return $problems;
    }
}
