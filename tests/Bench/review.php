<?php

declare(strict_types=1);

/*
 * Run by bin/bench on a database of its own: 5,000 entries of 300 people wait for one manager, most of them in order.
 * Prints lines of name, figure, and what the figure should stay below.
 */

namespace Tests\Bench;

use App\Effort\Recalculation\Recalculation;
use App\Features\Review\Actions\ApproveInOrder;
use App\Features\Review\Queries\DeskFilter;
use App\Features\Review\Queries\DeskGrouping;
use App\Features\Review\Queries\DeskGroups;
use App\Features\Review\Queries\ReviewDesk;
use App\Features\Review\Queries\WaitingFilter;
use App\Models\Person;
use App\Support\Database\WriteLimits;
use App\Support\Files\CsvFile;
use Closure;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

// As a request does it, which leaves what is much to the queue.
putenv('APP_RUNNING_IN_CONSOLE=false');
$_ENV['APP_RUNNING_IN_CONSOLE'] = 'false';
$application = require __DIR__.'/boot.php';
assert($application instanceof Application);

const PEOPLE = 300;
const PROJECTS = 20;
const ENTRIES = 5000;

/** Exchange files of so many waiting entries. One day in fifty is so long that it needs attention. */
$files = static function (int $entries): string {
    $folder = sys_get_temp_dir().'/moss-bench-'.bin2hex(random_bytes(6));
    mkdir($folder);
    $people = [['person', 'name', 'email', 'manager', 'access']];
    $people[] = ['manager', 'Manager', 'manager@bench.example', '', 'manager'];
    for ($number = 0; $number < PEOPLE; $number++) {
        $people[] = ["p$number", "Person $number", "p$number@bench.example", 'manager', 'member'];
    }
    $projects = [['project', 'name', 'manager']];
    $tasks = [['project', 'task', 'name']];
    for ($number = 0; $number < PROJECTS; $number++) {
        $projects[] = ["P$number", "Project $number", 'manager'];
        $tasks[] = ["P$number", 'WORK', 'Work'];
    }
    $rows = [['person', 'project', 'task', 'date', 'hours', 'state']];
    $assignments = [];
    for ($number = 0; $number < $entries; $number++) {
        $person = $number % PEOPLE;
        $project = 'P'.($person % PROJECTS);
        $rows[] = ["p$person", $project, 'WORK', Day::of('2026-06-16')->plusDays(-intdiv($number, PEOPLE))->toString(), $number % 50 === 0 ? '13' : '7.5', 'submitted'];
        $assignments["p$person"] = [$project, 'WORK', "p$person", '2000', '2026-01-01', '2026-12-31'];
    }
    foreach (['people' => $people, 'projects' => $projects, 'tasks' => $tasks, 'entries' => $rows, 'assignments' => [['project', 'task', 'person', 'planned', 'starts_on', 'ends_on'], ...array_values($assignments)]] as $name => $contents) {
        file_put_contents("$folder/$name.csv", CsvFile::write($contents));
    }

    return $folder;
};

/** @return array{int, int} nanoseconds and queries */
$measure = static function (Closure $act): array {
    DB::flushQueryLog();
    DB::enableQueryLog();
    $begun = hrtime(true);
    $act();
    $took = hrtime(true) - $begun;
    DB::disableQueryLog();

    return [$took, count(DB::getQueryLog())];
};
$line = static function (string $name, float $figure, float $most): void {
    printf("%s\t%.2f\t%s\n", $name, $figure, $most);
};
$approved = [];
$desks = [];
foreach ([500, ENTRIES] as $entries) {
    $database = sys_get_temp_dir().'/moss-bench-'.bin2hex(random_bytes(6)).'.sqlite';
    touch($database);
    DB::purge();
    config(['database.connections.sqlite.database' => $database]);
    Artisan::call('migrate', ['--force' => true]);
    if (Artisan::call('moss:import', ['source' => $files($entries)]) !== 0) {
        fwrite(STDERR, substr(Artisan::output(), 0, 2000));
        exit(1);
    }
    $application->make(Recalculation::class)->finish();
    $manager = Person::query()->where('code', 'manager')->sole();
    $desk = $application->make(ReviewDesk::class);
    $today = Day::of('2026-06-17');
    $desks[$entries] = $measure(static fn () => $desk->of($manager, $today, new DeskFilter, 1, 1));
    foreach ([new DeskFilter(DeskGrouping::Project), new DeskFilter(DeskGrouping::Week), new DeskFilter(DeskGrouping::Person, WaitingFilter::NeedsAttention, 'person 1')] as $filter) {
        $filtered = $measure(static fn () => $desk->of($manager, $today, $filter, 1, 1));
        $desks[$entries] = [max($desks[$entries][0], $filtered[0]), max($desks[$entries][1], $filtered[1])];
    }
    $seen = $application->make(DeskGroups::class)->sum($manager, $today, new DeskFilter)->inOrder;
    $count = 0;
    $approve = $application->make(ApproveInOrder::class);
    [$took, $queries] = $measure(static function () use ($approve, $manager, $seen, &$count): void {
        $count = $approve->handle($manager, new DeskFilter, $seen)->entries;
    });
    $approved[$entries] = ['each' => $took / max(1, $count), 'queries' => $queries, 'count' => $count];
}

$line('the desk with 5,000 waiting entries: queries', $desks[ENTRIES][1], 30);
$line('the desk with 5,000 waiting entries, against 500', $desks[ENTRIES][0] / max(1, $desks[500][0]), 10);
$line(sprintf('approving %s at once: time of each, against 500 at once', number_format($approved[ENTRIES]['count'])), $approved[ENTRIES]['each'] / max(1, $approved[500]['each']), 2);
// In short transactions, so that nobody waits for all of it.
$line(sprintf('approving %s at once: queries for each %d of them', number_format($approved[ENTRIES]['count']), WriteLimits::MOST_ROWS), $approved[ENTRIES]['queries'] / max(1, ceil($approved[ENTRIES]['count'] / WriteLimits::MOST_ROWS)), 40);
$line('approving 1,000 of 5,000: seconds', $approved[ENTRIES]['each'] * 1000 / 1e9, 2);
