<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Models\Entry;
use App\Models\SettlingBatch;
use App\Support\Database\Record;
use App\Support\Database\ShortSteps;
use App\Support\Database\Sql;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;

/**
 * Settles the entries of a period that was closed, in short steps. Which they are is in the database from the moment the period
 * is closed; one that somebody lets wait again before its turn comes is left for a later closing.
 */
final readonly class Settlement
{
    private const AT_ONCE = 100;

    /** Entries of as many numbers in a row are one batch, however few of them are settled. */
    private const BATCH = 4000;

    public function __construct(private AuditTrail $auditTrail, private Application $application)
    {
    }

    /** Within the transaction in which a period is closed. */
    public function queue(Builder $entries, int $office): void
    {
        SettlingBatch::query()->insertUsing(['entries', 'size', 'settled_by_id'], DB::query()->fromSub($entries->select('entries.id'), 'settling')
            ->select(Sql::list('id', 'entries'), Sql::count('size'), Sql::value($office))->groupBy(Sql::quotient('id', self::BATCH)));
        DB::afterCommit($this->afterClosing(...));
    }

    public function finish(): void
    {
        ShortSteps::run($this->step(...), null);
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
        [$some, $rest] = [array_slice($batch->entries, 0, self::AT_ONCE), array_slice($batch->entries, self::AT_ONCE)];
        // Entries that were cleared since are not there any more.
        $queued = Record::all(Entry::query()->toBase()->whereIntegerInRaw('id', $some)->orderBy('id')->select('id', 'person_id', 'task_id', 'role_id', 'date', 'minutes', 'state'));
        [$ids, $lines] = [[], []];
        foreach ($queued as $entry) {
            if ($entry->string('state') === EntryState::Approved->value) {
                $ids[] = $entry->int('id');
                $lines[] = self::line($entry, $batch->settled_by_id);
            }
        }
        Entry::query()->whereIntegerInRaw('id', $ids)->increment('version', 1, ['state' => EntryState::Settled]);
        $this->auditTrail->of($lines);
        if ($rest === []) {
            $batch->delete();
        } else {
            $batch->update(['entries' => $rest, 'size' => count($rest)]);
        }

        return true;
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
