<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\Entry;
use App\Models\EntryPayKind;
use Moss\Core\Calendar\Week;

/** Stores what entries are paid as when they are approved, within the transaction of that act; nothing where there are no pay rules. */
final readonly class StorePayKinds
{
    /** @param  list<int>  $entries  ids; only those that are approved count */
    public function handle(array $entries): void
    {
        if ($entries === []) {
            return;
        }
        if (PayRules::load()->isEmpty()) {
            // What an earlier approval stored, while there were rules, does not hold any more.
            EntryPayKind::query()->whereIntegerInRaw('entry_id', $entries)->delete();

            return;
        }
        $approved = Entry::query()->whereIntegerInRaw('id', $entries)->whereIn('state', ['approved', 'settled'])->get(['id', 'person_id', 'date']);
        $weeks = [];
        foreach ($approved as $entry) {
            $week = Week::containing($entry->date);
            $weeks[$entry->person_id.' '.$week->toString()] = [$entry->person_id, $week];
        }
        $ids = array_values(array_map(static fn (Entry $entry): int => $entry->id, $approved->all()));
        EntryPayKind::query()->whereIntegerInRaw('entry_id', $ids)->delete();
        $found = PayWeeks::of($weeks, $ids);
        $rows = [];
        foreach ($approved as $entry) {
            foreach (($found[$entry->person_id.' '.Week::containing($entry->date)->toString()] ?? null)?->kinds->ofEntry($entry->id) ?? [] as $kind => $minutes) {
                $rows[] = ['entry_id' => $entry->id, 'kind' => $kind, 'minutes' => $minutes];
            }
        }
        foreach (array_chunk($rows, 500) as $some) {
            EntryPayKind::query()->insert($some);
        }
    }
}
