<?php

declare(strict_types=1);

namespace App\Api\Resources;

use ArrayObject;
use Moss\Core\Sheet\EntryState;

/** Time that somebody recorded on a task on a day. */
final readonly class Entry
{
    /**
     * @param  string  $person  code
     * @param  string  $project  code
     * @param  string  $task  code within the project
     * @param  string|null  $role  code
     * @param  string  $date  `2026-06-17`
     * @param  string  $note  for the team
     * @param  string|null  $corrects  the settled day that it corrects
     * @param  string|null  $chargeCode  its own, else that of its task
     * @param  ArrayObject<string, string>  $fields  what own fields hold, by their codes
     * @param  ArrayObject<string, int>  $pay  minutes that are asked to be of a kind of pay, or of a premium by its code
     * @param  ArrayObject<string, int>|null  $paidAs  minutes by kind of pay or premium, which add up to its own; null while it is not approved
     * @param  int  $version  another after every change; the ETag of the entry
     */
    public function __construct(
        public int $id,
        public string $person,
        public string $project,
        public string $task,
        public ?string $role,
        public string $date,
        public int $minutes,
        public EntryState $state,
        public bool $billable,
        public string $note,
        public string $clientNote,
        public ?string $corrects,
        public ?string $chargeCode,
        public ArrayObject $fields,
        public ArrayObject $pay,
        public ?ArrayObject $paidAs,
        public int $version,
    ) {
    }
}
