<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Person;
use Moss\Core\Sheet\Actor;

/** What a person is to entries on which something is to be decided. */
final readonly class DecisionRights
{
    /** @param  list<StandInScope>  $stoodInFor */
    public function __construct(private Person $person, private array $stoodInFor)
    {
    }

    public function towards(RoutedEntry $entry): Actor
    {
        return new Actor(
            isOwner: $entry->personId === $this->person->id,
            isInTurn: $this->isInTurn($entry),
            hasDecided: $entry->lastDecidedById === $this->person->id,
            isOffice: $this->person->isOffice(),
        );
    }

    /** For whom the person acts on the entry; null for themselves or the office. */
    public function insteadOf(RoutedEntry $entry): ?int
    {
        $turn = $entry->approverId;

        return $turn === $this->person->id ? null : $turn;
    }

    private function isInTurn(RoutedEntry $entry): bool
    {
        $turn = $entry->approverId;
        if ($turn === null) {
            return $this->person->isOffice();
        }
        if ($turn === $this->person->id) {
            return true;
        }
        // Who approved one step does not approve the next in somebody else's place: two steps are two people.
        if ($entry->approvals > 0 && $entry->lastDecidedById === $this->person->id) {
            return false;
        }
        foreach ($this->stoodInFor as $place) {
            if ($place->covers($entry)) {
                return true;
            }
        }

        return false;
    }
}
