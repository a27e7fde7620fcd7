<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Features\Periods\Queries\SettlingRows;
use App\Models\Entry;
use App\Models\Expense;
use App\Models\SettlingBatch;
use App\Models\SettlingSubject;
use App\Support\Database\Record;
use App\Support\Database\ShortSteps;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;

/**
 * Settles time and expenses of a period that was closed, in short steps. Which they are is in the database from the moment the
 * period is closed; what somebody lets wait again before its turn comes is left for a later closing.
 */
final readonly class Settlement
{
    private const AT_ONCE = 150;

    public function __construct(private AuditTrail $auditTrail, private Application $application)
    {
    }

    /** Within the transaction in which a period is closed. */
    public function queue(int $office, SettlingRows $entries, ?SettlingRows $expenses = null): void
    {
        foreach ([[SettlingSubject::Expenses, $expenses->batches ?? []], [SettlingSubject::Entries, $entries->batches]] as [$subject, $batches]) {
            SettlingBatch::query()->insert(array_map(static fn (array $batch): array => ['subject' => $subject, 'numbers' => $batch[0], 'size' => $batch[1], 'settled_by_id' => $office], $batches));
        }
        DB::afterCommit($this->afterClosing(...));
    }

    public function finish(): void
    {
        ShortSteps::finish($this->step(...));
    }

    private function afterClosing(): void
    {
        if ($this->application->runningInConsole()) {
            $this->finish();
        } elseif (! ShortSteps::runForPage($this->step(...), intdiv((int) SettlingBatch::query()->sum('size'), self::AT_ONCE))) {
            Settle::dispatch();
        }
    }

    /** @return bool whether there was anything */
    private function step(): bool
    {
        $batch = SettlingBatch::query()->orderBy('id')->first();
        if ($batch === null) {
            return false;
        }
        [$some, $rest] = [array_slice($batch->numbers, 0, self::AT_ONCE), array_slice($batch->numbers, self::AT_ONCE)];
        match ($batch->subject) {
            SettlingSubject::Entries => $this->entries($some, $batch->settled_by_id),
            // The closing itself says how many they are.
            SettlingSubject::Expenses => Expense::query()->whereIntegerInRaw('id', $some)->where('state', EntryState::Approved)->update(['state' => EntryState::Settled]),
        };
        if ($rest === []) {
            $batch->delete();
        } else {
            $batch->update(['numbers' => $rest, 'size' => count($rest)]);
        }

        return true;
    }

    /** @param  list<int>  $numbers */
    private function entries(array $numbers, int $office): void
    {
        [$ids, $lines] = [[], []];
        // Entries that were cleared since are not there any more.
        foreach (Record::each(Entry::query()->toBase()->whereIntegerInRaw('id', $numbers)->orderBy('id')->select('id', 'person_id', 'task_id', 'role_id', 'date', 'minutes', 'state')) as $entry) {
            if ($entry->string('state') === EntryState::Approved->value) {
                $ids[] = $entry->int('id');
                $lines[] = self::line($entry, $office);
            }
        }
        Entry::query()->whereIntegerInRaw('id', $ids)->increment('version', 1, ['state' => EntryState::Settled]);
        $this->auditTrail->of($lines);
    }

    private static function line(Record $entry, int $office): AuditTrailLine
    {
        $settled = EntryStatus::of(EntryState::from($entry->string('state')))->settled(new Actor(isOffice: true));

        return new AuditTrailLine(
            'settle', $office, null, $entry->int('person_id'), $entry->int('task_id'), $entry->string('date'),
            ['role' => $entry->intOrNull('role_id'), 'state' => $entry->string('state')],
            ['role' => $entry->intOrNull('role_id'), 'state' => $settled->state->value, 'minutes' => $entry->int('minutes')],
        );
    }
}
