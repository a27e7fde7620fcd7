<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\DecidedEntry;
use App\Models\Decision;
use App\Models\Person;
use App\Support\Clock\Today;

/** Keeps what a decision took with it, so that it can be undone until somebody else acts on it. */
final readonly class RecordDecision
{
    public function __construct(private Today $today)
    {
    }

    /**
     * Within the transaction of the decision.
     *
     * @param  Person|null  $actor  null where time approved itself
     * @param  list<RoutedEntry>  $entries  as they were before it, but with the version that they have after it
     * @return int|null the decision; null where nothing was decided
     */
    public function of(?Person $actor, DecisionKind $decision, array $entries, string $comment): ?int
    {
        if ($entries === []) {
            return null;
        }
        $id = Decision::query()->toBase()->insertGetId([
            'at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
            'actor_id' => $actor?->id,
            'decision' => $decision->value,
            'comment' => $comment,
            'entries' => count($entries),
            'minutes' => array_sum(array_map(static fn (RoutedEntry $entry): int => $entry->minutes->toInt(), $entries)),
        ]);
        foreach (array_chunk($entries, 1000) as $chunk) {
            DecidedEntry::query()->insert(array_map(static fn (RoutedEntry $entry): array => [
                'decision_id' => $id,
                'entry_id' => $entry->id,
                'version' => $entry->version,
                'approvals_before' => $entry->approvals,
                'approver_before_id' => $entry->approverId,
                'decided_before_id' => $entry->lastDecidedById,
            ], $chunk));
        }

        return $id;
    }
}
