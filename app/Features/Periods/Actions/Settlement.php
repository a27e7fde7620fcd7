<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Models\Entry;
use App\Models\SettlingEntry;
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

    public function __construct(private AuditTrail $auditTrail, private Application $application)
    {
    }

    /** Within the transaction in which a period is closed. */
    public function queue(Builder $entries, int $office): void
    {
        SettlingEntry::query()->insertUsing(['entry_id', 'settled_by_id'], $entries->select('entries.id', Sql::value($office)));
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
        } elseif (! ShortSteps::runForPage($this->step(...), intdiv(SettlingEntry::query()->count(), self::AT_ONCE))) {
            Settle::dispatch();
        }
    }

    /** @return bool whether there was anything */
    private function step(): bool
    {
        $queued = Record::all(SettlingEntry::query()->toBase()->join('entries', 'entries.id', 'settling_entries.entry_id')->orderBy('entry_id')->limit(self::AT_ONCE)
            ->select('settling_entries.settled_by_id', 'entries.id', 'entries.person_id', 'entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.state'));
        if ($queued === []) {
            // Entries that were cleared since are not there any more.
            return SettlingEntry::query()->delete() > 0;
        }
        [$ids, $lines] = [[], []];
        foreach ($queued as $entry) {
            if ($entry->string('state') === EntryState::Approved->value) {
                $ids[] = $entry->int('id');
                $lines[] = self::line($entry);
            }
        }
        Entry::query()->whereIntegerInRaw('id', $ids)->increment('version', 1, ['state' => EntryState::Settled]);
        $this->auditTrail->of($lines);
        SettlingEntry::query()->where('entry_id', '<=', end($queued)->int('id'))->delete();

        return true;
    }

    private static function line(Record $entry): AuditTrailLine
    {
        $settled = EntryStatus::of(EntryState::from($entry->string('state')))->settled(new Actor(isOffice: true));

        return new AuditTrailLine(
            'settle', $entry->int('settled_by_id'), null, $entry->int('person_id'), $entry->int('task_id'), $entry->string('date'),
            ['role' => $entry->intOrNull('role_id'), 'state' => $entry->string('state')],
            ['role' => $entry->intOrNull('role_id'), 'state' => $settled->state->value, 'minutes' => $entry->int('minutes')],
        );
    }
}
