<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Sheet\Actor;

/** What a person is to entries on which something is to be decided. */
final readonly class DecisionRights
{
    /** @param  list<StandInScope>  $stoodInFor */
    public function __construct(private Person $person, private array $stoodInFor)
    {
    }

    /** @param  Record  $entry  with its owner, approver, project and who decided last */
    public function towards(Record $entry): Actor
    {
        return new Actor(
            isOwner: $entry->int('person_id') === $this->person->id,
            isInTurn: $this->isInTurn($entry),
            hasDecided: $entry->intOrNull('last_decided_by_id') === $this->person->id,
            isOffice: $this->person->isOffice(),
        );
    }

    /** For whom the person acts on the entry; null for themselves or the office. */
    public function insteadOf(Record $entry): ?int
    {
        $turn = $entry->intOrNull('approver_id');

        return $turn === $this->person->id ? null : $turn;
    }

    private function isInTurn(Record $entry): bool
    {
        $turn = $entry->intOrNull('approver_id');
        if ($turn === null) {
            return $this->person->isOffice();
        }
        if ($turn === $this->person->id) {
            return true;
        }
        // Who approved one step does not approve the next in somebody else's place: two steps are two people.
        if ($entry->int('approvals') > 0 && $entry->intOrNull('last_decided_by_id') === $this->person->id) {
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
