<?php

declare(strict_types=1);

namespace App\Pay;

use Moss\Core\Calendar\Week;
use Moss\Core\Pay\PayKind;

/** Of which kinds single entries are: as their week has it, where a rule holds or premiums are chosen, else as they were approved, else regular. */
final class EntryKinds
{
    private const WEEKS_AT_ONCE = 200;

    /**
     * @param  list<PayEntry>  $entries
     * @return array<int, array<string, int>> minutes by kind or premium, by entry; they add up to its minutes
     */
    public static function of(array $entries): array
    {
        $weeks = [];
        $approved = [];
        $kinds = [];
        foreach ($entries as $entry) {
            $week = Week::containing($entry->date);
            $weeks[$entry->personId.' '.$week->toString()] = [$entry->personId, $week];
            $kinds[$entry->id] = [PayKind::Regular->value => $entry->minutes->toInt()];
            if ($entry->state->isActual()) {
                $approved[$entry->id] = $entry->minutes->toInt();
            }
        }
        $kinds = ApprovedKinds::of($approved) + $kinds;
        foreach (array_chunk($weeks, self::WEEKS_AT_ONCE, true) as $some) {
            foreach (PayWeeks::of($some) as $week) {
                foreach ($week->entries as $entry) {
                    if (isset($kinds[$entry->id])) {
                        $kinds[$entry->id] = $week->kinds->ofEntry($entry->id);
                    }
                }
            }
        }

        return $kinds;
    }
}
