<?php

declare(strict_types=1);

/*
 * Run by bin/bench on a copy of the demonstration: how much longer many take than few, on the server. Prints lines of
 * name, ratio, and what the ratio should stay below.
 */

namespace Tests\Bench;

use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Queries\WeekSheet;
use App\Models\Person;
use App\Support\Database\Record;
use Closure;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

$application = require __DIR__.'/boot.php';
assert($application instanceof Application);

/** The middle of several runs, in nanoseconds. */
$time = static function (Closure $act): int {
    $times = [];
    for ($run = 0; $run < 9; $run++) {
        $begun = hrtime(true);
        $act();
        $times[] = hrtime(true) - $begun;
    }
    sort($times);

    return $times[4];
};
$person = static fn (string $code): Person => Person::query()->where('code', $code)->sole();
$ratio = static function (string $name, int $many, int $few, int $most): void {
    printf("%s\t%.1f\t%d\n", $name, $many / max(1, $few), $most);
};

$sheet = $application->make(WeekSheet::class);
$week = Week::of('2026-W25');
$open = static fn (string $code): Closure => static fn () => $sheet->of($person($code), $week, $person($code));
$ratio('opening a week of 60 lines, against one of 8', $time($open('silas.sexton')), $time($open('wren.octave')), 6);

$save = $application->make(SaveCells::class);
$silas = $person('silas.sexton');
$tasks = array_map(
    static fn (Record $assignment): int => $assignment->int('task_id'),
    Record::all(DB::table('assignments')->select('task_id')->where('person_id', $silas->id)->orderBy('id')->limit(40)),
);
$number = 0;
$saving = static function (int $lines, int $days) use ($save, $silas, $tasks, &$number): Closure {
    return static function () use ($save, $silas, $tasks, $lines, $days, &$number): void {
        // Another value every time, over whatever is there, so that every saving is a change.
        $number++;
        $versions = [];
        foreach (Record::all(DB::table('entries')->select('task_id', 'date', 'version')->where('person_id', $silas->id)) as $entry) {
            $versions[$entry->int('task_id').' '.$entry->string('date')] = $entry->int('version');
        }
        $inputs = [];
        foreach (array_slice($tasks, 0, $lines) as $task) {
            for ($day = 0; $day < $days; $day++) {
                $date = Day::of('2026-06-15')->plusDays($day);
                $inputs[] = new CellInput($task, null, $date, (1 + $number % 30).'m', $versions[$task.' '.$date->toString()] ?? null);
            }
        }
        $save->handle($silas, $silas, $inputs);
    };
};
$ratio('saving 200 cells at once, against one', $time($saving(40, 5)), $time($saving(1, 1)), 40);
