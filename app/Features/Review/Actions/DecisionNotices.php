<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Approval\RoutedEntry;
use App\Models\MessageKind;
use App\Models\Person;
use App\Notices\Notice;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What owners are told of a decision: one message for each week of theirs. */
final class DecisionNotices
{
    /**
     * @param  list<array{RoutedEntry, EntryState}>  $decided  entries with the state that they have after it
     * @return list<Notice>
     */
    public static function of(int $decision, Person $approver, array $decided, string $comment): array
    {
        $sums = [];
        foreach ($decided as [$entry, $state]) {
            if ($state === EntryState::Submitted) {
                continue;
            }
            $week = Week::containing($entry->date);
            $key = $entry->personId.' '.$week->toString();
            $sums[$key] ??= [$entry->personId, $week, $state, 0];
            $sums[$key][3] += $entry->minutes->toInt();
        }

        return array_map(static fn (array $sum): Notice => new Notice(
            $sum[0],
            $sum[2] === EntryState::Returned ? MessageKind::Returned : MessageKind::Decided,
            self::about($decision).' '.$sum[1]->toString(),
            ['name' => $approver->name, 'hours' => Minutes::of($sum[3]), 'week' => $sum[1]->number(), 'comment' => $comment],
            '/week/'.$sum[1]->toString(),
        ), array_values($sums));
    }

    /** What messages of a decision begin with. */
    public static function about(int $decision): string
    {
        return 'decision '.$decision;
    }
}
