<?php

declare(strict_types=1);

return [
    'unreadable' => 'This is not a schedule that can be read. Choose a CSV or XLSX file.',
    'too_large' => 'This file is too large. A schedule may have :most rows.',
    'empty' => 'This file has no rows under its headings.',
    'gone' => 'The file did not arrive whole. Choose it again.',
    'no_task_column' => 'No column says which task a row is of. Give one the heading “task” or “name”.',
    'no_task' => 'This row names no task.',
    'no_days' => 'This row says neither a day nor a first and a last day.',
    'week' => '“:text” is not a week. Enter it as 2026-W25.',
    'dependency' => '“:text” does not say what a task waits for. Enter codes of tasks, as in: A1; B2 FS+2d.',
    'milestone' => 'Enter yes or no for a milestone, instead of “:text”.',
    'own_predecessor' => 'The task :task cannot wait for itself.',
    'no_predecessor' => ':task waits for :predecessor, which is not in the plan. Choose it too.',
    'compared' => 'The file is compared with the plan. Nothing is changed yet.',
    'nothing_chosen' => 'Choose at least one row.',
    'taken' => '{0} Nothing was taken over.|{1} One row was taken over.|[2,*] :count rows were taken over.',
    'discarded' => 'File discarded. The plan is unchanged.',
];
