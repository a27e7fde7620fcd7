<?php

declare(strict_types=1);

/*
 * Run by ManyAtOnceTest, several at once: inks 20 days of its own and changes a shared cell ten times, reading it anew
 * whenever another was there first.
 */

use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Task;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Moss\Core\Calendar\Day;

require __DIR__.'/../../../vendor/autoload.php';
$application = require __DIR__.'/../../../bootstrap/app.php';
assert($application instanceof Application);
$application->make(Kernel::class)->bootstrap();

$number = (int) getenv('SAVER');
$save = $application->make(SaveCells::class);
$ada = Person::query()->where('code', 'ada')->sole();
$fit = Task::query()->where('code', 'FIT')->sole()->id;

foreach (range(1, 20) as $index) {
    $save->handle($ada, $ada, [new CellInput($fit, null, Day::of('2026-05-31')->plusDays(-$number * 20 - $index), '8', null)]);
}
for ($saved = 0; $saved < 10;) {
    $seen = Entry::query()->where('person_id', $ada->id)->where('date', '2026-06-17')->first();
    // A value that nobody else writes, so that every saving is a change.
    [$result] = $save->handle($ada, $ada, [new CellInput($fit, null, Day::of('2026-06-17'), (1 + $number * 10 + $saved).'m', $seen?->version)]);
    if ($result->outcome === CellOutcome::Refused) {
        throw new LogicException((string) $result->message);
    }
    $saved += $result->outcome === CellOutcome::Saved ? 1 : 0;
}
