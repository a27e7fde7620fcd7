<?php

declare(strict_types=1);

/*
 * Run by AtOnceTest, several at once: does one act on everything that waits, again and again until the test's instant
 * has come, and says what came of it.
 */

use App\Approval\DecisionKind;
use App\Features\Review\Actions\DecideEntries;
use App\Features\Review\Actions\DecisionRefused;
use App\Features\Submission\Actions\TakeBackDays;
use App\Models\Entry;
use App\Models\Person;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Moss\Core\Calendar\Week;

require __DIR__.'/../../../vendor/autoload.php';
$application = require __DIR__.'/../../../bootstrap/app.php';
assert($application instanceof Application);
$application->make(Kernel::class)->bootstrap();

[, $act, $code] = $argv;
$person = Person::query()->where('code', $code)->sole();
$seen = [];
foreach (Entry::query()->where('state', 'submitted')->get(['id', 'version']) as $entry) {
    $seen[$entry->id] = $entry->version;
}
// All begin together.
usleep(max(0, (int) ((float) getenv('BEGIN_AT') * 1_000_000 - microtime(true) * 1_000_000)));
echo "begun\n";
try {
    $done = match ($act) {
        'take back' => $application->make(TakeBackDays::class)->handle($person, $person, Week::of('2026-W25')->days()),
        default => $application->make(DecideEntries::class)->handle($person, DecisionKind::from($act), $seen, 'Which lens?')->minutes,
    };
    echo $done->isZero() ? 'nothing' : 'done';
} catch (DecisionRefused $refused) {
    echo 'refused: '.$refused->getMessage();
}
