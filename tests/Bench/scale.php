<?php

declare(strict_types=1);

/*
 * Run by bin/bench on the large organisation: the CPU time of requests and of the data of comparisons, as ratios to two
 * floors taken in the same run: a page that does nothing, and the fastest SQL on raw entries that answers the same question.
 * Prints lines of name, ratio, and what the ratio should stay below or above.
 */

namespace Tests\Bench;

use App\Features\Compare\Queries\ProjectSums;
use Closure;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

require __DIR__.'/../../vendor/autoload.php';
$application = require __DIR__.'/../../bootstrap/app.php';
assert($application instanceof Application);
$application->make(Kernel::class)->bootstrap();
// What goes wrong ends this with an exit code.
restore_exception_handler();

$client = new PageClient((int) ($argv[1] ?? 0), (int) ($argv[2] ?? 0), (string) getenv('MOSS_BENCH_MEMORY'));
$row = static function (string $name, float $ratio, string $aim): void {
    printf("%s\t%.2f\t%s\n", $name, $ratio, $aim);
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
$member = 'p3000';

$client->signIn($member);
$nothing = $client->cpu('GET', '/nothing');
$row('an empty page, in milliseconds', $nothing / 1000, 'floor');
$memory = $client->memory('/nothing');
$pages = [
    'My week' => [$member, '/week/2026-W25'],
    'the list of all projects' => [$office, '/projects'],
    'a search in the list of all projects' => [$office, '/projects?search=person+12&sort=variance&state=all'],
    'a project of usual size' => [$managerOf($usual), '/projects/'.$usual],
    'the project with most entries' => [$managerOf($busy), '/projects/'.$busy],
    'what comes after a project page: weeks, people, changes' => [$managerOf($usual), '/projects/'.$usual, PageClient::LATER],
    'the review desk with most that waits' => [$approver, '/review'],
];
foreach ($pages as $name => $page) {
    [$person, $address] = $page;
    $client->signIn($person);
    $row($name.', against the empty page', $client->cpu($page[2] ?? 'GET', $address) / $nothing, '3');
    $memory = max($memory, $client->memory($address));
}
$client->signIn($member);
$cell = DB::table('entries')->join('people', 'people.id', 'entries.person_id')->where('people.code', $member)->where('entries.date', '2026-06-15')->select('entries.task_id', 'entries.version')->first();
assert($cell instanceof \stdClass && is_int($cell->task_id) && is_int($cell->version));
$version = $cell->version;
$saving = $client->cpu('PUT', '/people/'.$member.'/week/2026-W25/cells', static function () use ($cell, &$version): array {
    return ['cells' => [['task' => $cell->task_id, 'date' => '2026-06-15', 'hours' => (1 + $version % 7).':15', 'seen' => $version++]]];
});
$row('saving a cell, against the empty page', $saving / $nothing, '3');
$row('memory of the largest of these requests, in MB', $memory / 1_000_000, '64');

/** @param  array<mixed>|false  $usage */
$microseconds = static function (array|false $usage): int {
    $part = static fn (string $name): int => is_array($usage) && is_int($usage[$name] ?? null) ? $usage[$name] : 0;

    return 1_000_000 * ($part('ru_utime.tv_sec') + $part('ru_stime.tv_sec')) + $part('ru_utime.tv_usec') + $part('ru_stime.tv_usec');
};
$cpu = static function (Closure $act) use ($microseconds): int {
    $times = [];
    for ($run = 0; $run < 7; $run++) {
        $before = getrusage();
        $act();
        $after = getrusage();
        $times[] = $microseconds($after) - $microseconds($before);
    }
    sort($times);

    return max(1, $times[3]);
};
$sums = $application->make(ProjectSums::class);
$day = Day::of(LargeOrganisation::TODAY);
foreach (['a quarter' => ['2026-04-01', '2026-06-30', 8], 'the whole history' => [LargeOrganisation::FIRST, '2026-06-30', 20]] as $name => [$first, $last, $aim]) {
    $raw = min(PHP_INT_MAX, ...array_map(static fn (string $query): int => $cpu(static fn () => DB::select($query, [$first, $last])), RawComparison::byProject()));
    $stored = $cpu(static fn () => $sums->of(DayRange::between(Day::of($first), Day::of($last)), $day, false));
    $row("comparing all projects over $name: SQL on entries, against the data of moss:compare", $raw / $stored, '>'.$aim);
}
