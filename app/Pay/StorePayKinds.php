<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\Entry;
use App\Models\EntryPayKind;
use Moss\Core\Calendar\Week;
use Moss\Core\Pay\PayKind;

/** Stores what entries are paid as when they are approved, and what that costs, within the transaction of that act; nothing where there are neither pay rules nor premiums. */
final readonly class StorePayKinds
{
    /** @param  list<int>  $entries  ids; only those that are approved count */
    public function handle(array $entries): void
    {
        if ($entries === []) {
            return;
        }
        $premiums = PayPremiums::load();
        if ($premiums->isEmpty() && PayRules::load()->isEmpty()) {
            // What an earlier approval stored, while there were rules, does not hold any more.
            EntryPayKind::query()->whereIntegerInRaw('entry_id', $entries)->delete();

            return;
        }
        $approved = Entry::query()->whereIntegerInRaw('id', $entries)->whereIn('state', ['approved', 'settled'])->get(['id', 'person_id', 'date', 'task_id', 'role_id', 'minutes', 'corrects']);
        CorrectedPremiums::choose(array_values($approved->whereNotNull('corrects')->all()), $premiums);
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
            $week = $found[$entry->person_id.' '.Week::containing($entry->date)->toString()] ?? null;
            foreach ($week?->kinds->ofEntry($entry->id) ?? [] as $key => $minutes) {
                $rows[] = ['entry_id' => $entry->id, 'kind' => PayKind::ofKey($key)->value, 'pay_premium_id' => $premiums->named($key)?->id, 'minutes' => $minutes, 'cost_percent' => $week?->costPercent($key) ?? 100];
            }
        }
        foreach (array_chunk($rows, 500) as $some) {
            EntryPayKind::query()->insert($some);
        }
    }
}
