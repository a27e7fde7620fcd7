<?php

declare(strict_types=1);

/*
 * Run by bin/bench on the large organisation: acts that change much. How long the act itself takes, how long any step holds the
 * write lock, and after how many seconds all is done. Changes the database; prints lines of name, figure and what the figure
 * should stay below.
 */

namespace Tests\Bench;

use App\Effort\Recalculation\Recalculation;
use App\Exchange\ExchangeSource;
use App\Exchange\ImportExchange;
use App\Features\Periods\Actions\ClosePeriod;
use App\Features\Periods\Actions\Settlement;
use App\Features\Periods\Queries\PeriodCheck;
use App\Features\Rates\Actions\SaveRates;
use App\Models\Person;
use App\Models\Role;
use Closure;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Moss\Core\Calendar\Day;

// As a request does it, which leaves the rest to the queue.
putenv('APP_RUNNING_IN_CONSOLE=false');
$_ENV['APP_RUNNING_IN_CONSOLE'] = 'false';
$application = require __DIR__.'/boot.php';
assert($application instanceof Application);

$longest = 0;
$began = 0;
Event::listen(static function (TransactionBeginning $event) use (&$began): void {
    $began = $event->connection->transactionLevel() === 1 ? hrtime(true) : $began;
});
Event::listen(static function (TransactionCommitted $event) use (&$began, &$longest): void {
    $longest = max($longest, $event->connection->transactionLevel() === 0 ? hrtime(true) - $began : 0);
});
$measure = static function (string $name, Closure $act) use (&$longest, $application): void {
    $longest = 0;
    $begun = hrtime(true);
    $act();
    printf("%s: the act, in milliseconds\t%.0f\t300\n", $name, (hrtime(true) - $begun) / 1e6);
    $application->make(Recalculation::class)->finish();
    $application->make(Settlement::class)->finish();
    printf("%s: until all is done, in seconds\t%.2f\t15\n", $name, (hrtime(true) - $begun) / 1e9);
    printf("%s: the longest that the write lock was held, in milliseconds\t%.0f\t250\n", $name, $longest / 1e6);
    assert(DB::table('recalculations')->count() === 0 && DB::table('settling_batches')->count() === 0);
};
$import = static function (string $file, string $contents) use ($application): void {
    $folder = sys_get_temp_dir().'/moss-bench-'.bin2hex(random_bytes(6));
    mkdir($folder);
    file_put_contents($folder.'/'.$file, $contents);
    $application->make(ImportExchange::class)->handle(ExchangeSource::at($folder), false, false);
    unlink($folder.'/'.$file);
    rmdir($folder);
};
$office = Person::query()->where('access', 'office')->firstOrFail();
$measure('a holiday for everybody', static fn () => $import('calendars.csv', "calendar,date,name,part\nland,2026-06-24,Midsummer,\n"));
$measure('a work pattern for everybody', static fn () => $import('organisation.csv', "key,value\npattern,8 8 8 8 6 0 0\n"));
$measure('a rate of a role from the start', static fn () => $application->make(SaveRates::class)->set($office, null, Role::query()->firstOrFail(), LargeOrganisation::FIRST, '61.50', null));
$until = Day::of('2026-05-31');
$seen = PeriodCheck::seen($until);
$measure('closing a month', static fn () => $application->make(ClosePeriod::class)->handle($office, $until, $seen, true));
