<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\EntryPayKind;
use Moss\Core\Pay\PayKind;

/** What approved entries are paid as: as was stored when they were approved, else regular. In one query. */
final class ApprovedKinds
{
    /**
     * @param  array<int, int>  $minutes  by entry
     * @return array<int, array<string, int>> minutes by kind of each of these entries; they add up to its minutes
     */
    public static function of(array $minutes): array
    {
        $stored = [];
        foreach ($minutes === [] ? [] : EntryPayKind::query()->whereIntegerInRaw('entry_id', array_keys($minutes))->get() as $one) {
            $stored[$one->entry_id][$one->kind->value] = $one->minutes;
        }
        $kinds = [];
        foreach ($minutes as $entry => $of) {
            $kinds[$entry] = isset($stored[$entry]) && array_sum($stored[$entry]) === $of ? $stored[$entry] : [PayKind::Regular->value => $of];
        }

        return $kinds;
    }
}
