<?php

declare(strict_types=1);

/*
 * Run by bin/bench on the large organisation: sixteen people at once, on a server of four processes. Prints lines of name,
 * figure and what the figure should stay below or, after >, reach.
 */

namespace Tests\Bench;

use Illuminate\Support\Facades\DB;

require __DIR__.'/boot.php';

$port = (int) ($argv[1] ?? 0);
$cells = DB::table('entries')->join('people', 'people.id', 'entries.person_id')->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')
    ->where('entries.date', '2026-06-15')->where('entries.state', 'draft')->whereNull('tasks.done_on')->where('projects.state', 'open')
    ->where('people.id', '>', 1000)->groupBy('people.id')->orderBy('people.id')->limit(16)
    ->select('people.code', 'entries.task_id', 'entries.role_id', 'entries.version')->get()->all();
assert(count($cells) === 16);
/** @var non-empty-list<object{code: string, task_id: int, role_id: int|null, version: int}> $cells */
$clients = array_map(static function (object $cell) use ($port): PageClient {
    $client = new PageClient($port, 0, '');
    $client->signIn($cell->code);

    return $client;
}, $cells);
$many = new ManyClients($clients);

[$rate, $late] = $many->measure(static fn (int $number): array => ['GET', '/week/2026-W25', null]);
printf("My week for sixteen people at once, in answers a second\t%.0f\t>150\n", $rate);
printf("My week for sixteen people at once: 99 of 100 within, in milliseconds\t%.0f\t300\n", $late);
$versions = array_column($cells, 'version');
[$rate, $late] = $many->measure(static function (int $number) use ($cells, &$versions): array {
    $seen = $versions[$number]++;
    $cell = ['task' => $cells[$number]->task_id, 'role' => $cells[$number]->role_id, 'date' => '2026-06-15', 'hours' => (1 + $seen % 7).':15', 'seen' => $seen];

    return ['PUT', '/people/'.$cells[$number]->code.'/week/2026-W25/cells', ['cells' => [$cell]]];
}, static function (string $answer): void {
    str_contains($answer, '"outcome":"saved"') || throw new \RuntimeException('A cell was not saved: '.substr($answer, -600));
});
printf("savings of sixteen people at once, in answers a second\t%.0f\tfloor\n", $rate);
printf("savings of sixteen people at once: 99 of 100 within, in milliseconds\t%.0f\t300\n", $late);
