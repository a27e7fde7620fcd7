<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Features\Review\Queries\EntryRoute;
use App\Models\Organisation;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\EntryState;

/**
 * Gives every submitted entry to the approver whose turn it is, after managers, routes or entries have changed.
 */
final class RouteWaitingEntries
{
    public function handle(): void
    {
        $default = Organisation::query()->sole()->approval;
        $waiting = EntryRoute::entries()->where('entries.state', EntryState::Submitted->value);
        $rerouted = [];
        foreach (Record::each($waiting) as $entry) {
            $approver = EntryRoute::of($entry, $default)->stepAfter($entry->int('approvals'))?->approver;
            if ($approver !== $entry->stringOrNull('approver_id')) {
                $rerouted[$approver ?? ''][] = $entry->int('id');
            }
        }
        foreach ($rerouted as $approver => $ids) {
            foreach (array_chunk($ids, 1000) as $chunk) {
                DB::table('entries')->whereIn('id', $chunk)->update(['approver_id' => $approver === '' ? null : $approver]);
            }
        }
    }
}
