<?php

declare(strict_types=1);

/*
 * Run by bin/bench on the large organisation: the CPU time of every page and of saving, as ratios to floors taken in the same
 * run: an empty web route, and a page with nothing on it. Prints lines of name, ratio, and what the ratio should stay below.
 */

namespace Tests\Bench;

use Illuminate\Support\Facades\DB;

require __DIR__.'/boot.php';

$client = new PageClient((int) ($argv[1] ?? 0), (int) ($argv[2] ?? 0), (string) getenv('MOSS_BENCH_MEMORY'));
$note = (string) ($argv[3] ?? '');
$row = static function (string $name, float $ratio, string $aim) use ($note): void {
    printf("%s\t%.2f\t%s\n", $name.($note === '' ? '' : ', '.$note), $ratio, $aim);
};
$scalar = static function (string $query): string {
    $value = DB::scalar($query);

    return is_scalar($value) ? (string) $value : '';
};

// The largest of everything that is under way.
$busy = $scalar("SELECT projects.code FROM projects JOIN tasks ON tasks.project_id = projects.id JOIN entries ON entries.task_id = tasks.id WHERE projects.state = 'open' GROUP BY projects.id ORDER BY count(*) DESC LIMIT 1");
$usual = $scalar("SELECT code FROM projects WHERE state = 'open' AND starts_on BETWEEN '2025-10-01' AND '2025-12-31' ORDER BY id LIMIT 1");
$managerOf = static fn (string $project): string => $scalar("SELECT people.code FROM people JOIN projects ON projects.manager_id = people.id WHERE projects.code = '$project'");
$approver = $scalar("SELECT people.code FROM people JOIN entries ON entries.approver_id = people.id WHERE entries.state = 'submitted' GROUP BY people.id ORDER BY count(*) DESC LIMIT 1");
$office = $scalar("SELECT code FROM people WHERE access = 'office'");
$member = 'p301';
$busyMember = 'p400';
$invited = 'p302';
Appointments::fill($invited, '2026-06-15', 300);

$empty = static fn () => $client->request('GET', '/nothing');
$client->signIn($member);
[$page, $route] = $client->inTurns($empty, static fn () => $client->request('GET', '/empty-route'));
$row('an empty web route, in milliseconds', $route / 1000, 'floor');
$row('an empty page for who is signed in, against an empty web route', $page / $route, '1.5');
$memory = $client->memory('/nothing');
foreach ([
    'My week' => [$member, '/week/2026-W25'],
    'My week of 60 lines' => [$busyMember, '/week/2026-W24'],
    'My week with 300 appointments' => [$invited, '/week/2026-W25'],
    'my month' => [$member, '/month/2026-06'],
    'my tasks' => [$member, '/tasks'],
    'appointments' => [$invited, '/appointments'],
    'what My week asks for after a cell' => [$member, '/people/'.$member.'/week/2026-W25/pencil'],
    'what submitting would find' => [$member, '/people/'.$member.'/days/2026-W25/submission'],
    'timesheets' => [$office, '/timesheets'],
    'the review desk with most that waits' => [$approver, '/review'],
    'the review desk of the office' => [$office, '/review'],
    'not submitted, of the office' => [$office, '/not-submitted'],
    'messages' => [$approver, '/messages'],
    'stand-ins' => [$approver, '/stand-ins'],
    'the list of all projects' => [$office, '/projects'],
    'a search in the list of all projects' => [$office, '/projects?search=person+12&sort=variance&state=all'],
    'a new project' => [$office, '/new-project'],
    'a project of usual size' => [$managerOf($usual), '/projects/'.$usual],
    'the project with most entries' => [$managerOf($busy), '/projects/'.$busy],
    'parts fetched after a project page: weeks, people, changes' => [$managerOf($usual), '/projects/'.$usual, PageClient::LATER],
    'a figure opened to its entries' => [$managerOf($busy), '/projects/'.$busy.'?figure=actual'],
    'expenses of a week' => [$member, '/people/'.$member.'/expenses/2026-W25'],
    'expense settings' => [$office, '/office/expenses'],
    'expense statements' => [$office, '/office/expense-statements'],
    'pay rules' => [$office, '/office/pay-rules'],
    'a plan' => [$managerOf($usual), '/projects/'.$usual.'/plan'],
    'where the time office begins' => [$office, '/office'],
    'accounts' => [$office, '/office/accounts'],
    'a search in accounts without a password' => [$office, '/office/accounts?state=no+password&search=12'],
    'people' => [$office, '/office/people'],
    'a search in people by last day' => [$office, '/office/people?state=all&sort=last-day&search=12'],
    'a person' => [$office, '/office/people/of/'.$member],
    'responsibilities of a person' => [$office, '/office/people/of/'.$approver.'/responsibilities'],
    'teams' => [$office, '/office/teams'],
    'roles' => [$office, '/office/roles'],
    'clients' => [$office, '/office/clients'],
    'the organisation' => [$office, '/office/organisation'],
    'kinds of absence' => [$office, '/office/absence-kinds'],
    'settings' => [$office, '/office/settings'],
    'files in and out' => [$office, '/office/files'],
    'intake' => [$office, '/office/intake'],
    'requests for work' => [$office, '/requests'],
    'leave of a person' => [$member, '/leave'],
    'requests for leave' => [$office, '/leave/requests'],
    'who is away' => [$office, '/leave/calendar'],
    'one\'s own account' => [$member, '/account'],
    'periods' => [$office, '/office/periods'],
    'billing and payroll' => [$office, '/office/billing'],
    'payroll' => [$office, '/office/billing?kind=payroll'],
    'the load of everybody over six weeks' => [$office, '/load', 'GET', '8'],
    'the load of one manager\'s people' => [$managerOf($usual), '/load', 'GET', '3'],
    'the front page' => [$managerOf($usual), '/', 'GET', '3'],
    'my figures' => [$member, '/my-figures', 'GET', '3'],
    'past tasks by word' => [$office, '/past-tasks', 'GET', '8'],
    'comparing by project, a quarter' => [$office, '/compare?from=2026-04-01&to=2026-06-30', 'GET', '2', 'beyond'],
    'comparing by person, a quarter' => [$office, '/compare?by=person&from=2026-04-01&to=2026-06-30', 'GET', '2', 'beyond'],
    'comparing by task, a quarter' => [$office, '/compare?by=task&from=2026-04-01&to=2026-06-30', 'GET', '2', 'beyond'],
    'comparing by role, a quarter' => [$office, '/compare?by=role&from=2026-04-01&to=2026-06-30', 'GET', '2', 'beyond'],
    'comparing expenses by project, a quarter' => [$office, '/compare?from=2026-04-01&to=2026-06-30&show=cost,expenses,margin', 'GET', '4', 'beyond'],
    'comparing by client, the whole history' => [$office, '/compare?by=client&from=2024-06-01&to=2026-07-31', 'GET', '4', 'beyond'],
    'comparing by person, the whole history' => [$office, '/compare?by=person&from=2024-06-01&to=2026-07-31', 'GET', '4', 'beyond'],
    'comparing by client and project with months across, the whole history' => [$office, '/compare?by=client&then=project&across=month&from=2024-06-01&to=2026-07-31', 'GET', '8', 'beyond'],
    'house rules' => [$office, '/office/rules'],
    'questions' => [$office, '/office/questions'],
    'approval routes' => [$office, '/office/routes'],
    'remaining estimates' => [$office, '/office/remaining'],
    'rates' => [$office, '/office/rates'],
    'the audit trail' => [$office, '/office/audit-trail'],
] as $name => $page) {
    [$person, $address] = $page;
    $client->signIn($person);
    [$taken, $nothing] = $client->inTurns(static fn () => $client->request($page[2] ?? 'GET', $address), $empty);
    $isBeyond = isset($page[4]);
    $row($name.($isBeyond ? ', beyond the empty page' : ', against the empty page'), $taken / $nothing - ($isBeyond ? 1 : 0), $page[3] ?? '3');
    $memory = max($memory, $client->memory($address));
}
$row('memory of the largest of these requests, in MB', $memory / 1_000_000, '64');

// Of several people, since one cell may lie where a change of it moves others.
$savers = [];
foreach (DB::table('entries')->join('people', 'people.id', 'entries.person_id')->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')
    ->where('entries.date', '2026-06-15')->where('entries.state', 'draft')->whereNull('tasks.done_on')->where('projects.state', 'open')->where('people.id', '>', 300)
    ->groupBy('people.id')->orderBy('people.id')->limit(5)->select('people.code', 'entries.task_id', 'entries.role_id', 'entries.version')->get() as $cell) {
    assert(is_string($cell->code) && is_int($cell->version));
    $saver = $client->another();
    $saver->signIn($cell->code);
    $savers[] = [$saver, '/people/'.$cell->code.'/week/2026-W25/cells', ['task' => $cell->task_id, 'role' => $cell->role_id, 'date' => '2026-06-15'], $cell->version];
}
assert(count($savers) === 5);
$outcomes = static function (string $expected): \Closure {
    return static function (string $answer) use ($expected): void {
        if (! str_contains($answer, '"outcome":"'.$expected.'"')) {
            throw new \RuntimeException('The cell was not '.$expected.': '.substr($answer, -600));
        }
    };
};
$log = config()->string('database.connections.sqlite.database').'-wal';
DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
$turn = 0;
[$saving, $refused] = $client->inTurns(static function () use (&$savers, &$turn, $outcomes): void {
    [$saver, $address, $cell, $version] = $savers[++$turn % count($savers)];
    $saver->request('PUT', $address, ['cells' => [[...$cell, 'hours' => (1 + $version % 7).':15', 'seen' => $version]]], $outcomes('saved'));
    $savers[$turn % count($savers)][3]++;
}, static function () use (&$savers, &$turn, $outcomes): void {
    [$saver, $address, $cell, $version] = $savers[++$turn % count($savers)];
    $saver->request('PUT', $address, ['cells' => [[...$cell, 'hours' => '25', 'seen' => $version]]], $outcomes('refused'));
});
clearstatcache();
$row('log written by a saving, in kB', filesize($log) / 1000 / PageClient::REQUESTS, '40');
$row('saving a cell, against a refused saving', $saving / $refused, '1.3');
