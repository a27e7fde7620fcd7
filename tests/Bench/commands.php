<?php

declare(strict_types=1);

/*
 * Run by bin/bench on the large organisation: the CPU time of commands, beyond that of one that does nothing. Comparisons are
 * set against the fastest SQL on entries that sums up what was recorded. Changes the database; prints lines of name, figure and
 * what the figure should stay below.
 */

namespace Tests\Bench;

use Illuminate\Support\Facades\DB;
use Moss\Core\Compare\Grouping;

require __DIR__.'/boot.php';

$row = static function (string $name, float $figure, string $aim): void {
    printf("%s\t%.2f\t%s\n", $name, $figure, $aim);
};
$nothing = min(Command::run('--version')[0], Command::run('--version')[0], Command::run('--version')[0]);
$row('a command that does nothing, in seconds', $nothing, 'floor');
/** @var \Closure(string ...): float $beyond */
$beyond = static fn (string ...$arguments): float => Command::beyondNothing(3, ...$arguments);
/** @var \Closure(string ...): float $once for what takes long, or cannot be done twice */
$once = static fn (string ...$arguments): float => Command::beyondNothing(1, ...$arguments);

// Nobody has own fields here.
foreach (array_filter(Grouping::cases(), static fn (Grouping $one): bool => $one !== Grouping::OwnField) as $grouping) {
    foreach (['a quarter' => ['2026-04-01', '2026-06-30', '2'], 'the whole history' => [LargeOrganisation::FIRST, '2026-06-30', '1']] as $name => [$first, $last, $aim]) {
        $seconds = $beyond('moss:compare', '--by='.$grouping->value, '--from='.$first, '--to='.$last);
        $row("compare by $grouping->value over $name, against the fastest SQL on entries", $seconds / RawComparison::fastest($grouping, $first, $last), $aim);
        $row("compare by $grouping->value over $name, in seconds", $seconds, '1');
    }
}
$project = DB::table('projects')->where('state', 'open')->orderBy('id')->value('code');
$row('the status of a project, in seconds', $beyond('moss:status', '--project='.(is_string($project) ? $project : '')), '0.1');
$row('the status of all projects, in seconds', $once('moss:status'), '1');
$row('the look for messages that are due, in seconds', $beyond('moss:messages', '--at=2026-06-17T03:00'), '0.2');

$folder = sys_get_temp_dir().'/moss-bench-'.bin2hex(random_bytes(6));
$row('export, in seconds', $once('moss:export', $folder), '15');
array_map(unlink(...), glob($folder.'/*') ?: []);
$files = static function (int $entries) use ($folder): string {
    $stream = fopen($folder.'/entries.csv', 'w');
    assert($stream !== false);
    fwrite($stream, "person,project,task,date,hours,state\n");
    $query = DB::table('assignments')->join('people', 'people.id', 'assignments.person_id')->join('tasks', 'tasks.id', 'assignments.task_id')->join('projects', 'projects.id', 'tasks.project_id')
        ->where('assignments.ends_on', '>=', '2026-06-01')->distinct()->orderBy('people.code')->orderBy('tasks.id')->select('people.code AS person', 'projects.code AS project', 'tasks.code AS task');
    foreach ($query->cursor() as $one) {
        /** @var object{person: string, project: string, task: string} $one */
        for ($day = 1; $day <= 15 && $entries > 0; $day++, $entries--) {
            fwrite($stream, sprintf("%s,%s,%s,2026-07-%02d,0:30,draft\n", $one->person, $one->project, $one->task, $day));
        }
    }
    fclose($stream);

    return $folder;
};
$row('importing one entry, in seconds', $once('moss:import', $files(1)), '0.5');
$row('importing 100,000 entries, in seconds', $once('moss:import', $files(100_000)), '10');
unlink($folder.'/entries.csv');
rmdir($folder);
$row('verifying all totals and the audit trail, in seconds', $once('moss:verify'), '30');
