<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Models\ProjectState;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\Line;
use Moss\Core\Time\Minutes;

/** An entry with all that a house rule may look at. */
final readonly class EntryToCheck
{
    public function __construct(
        public int $id,
        public int $personId,
        public int $taskId,
        public ?int $roleId,
        public Day $date,
        public Minutes $minutes,
        public EntryState $state,
        public string $note,
        public string $clientNote,
        public ?Day $corrects,
        public string $task,
        public int $projectId,
        public ?Day $doneOn,
        public string $project,
        public bool $internal,
        public ProjectState $projectState,
        public ?string $role,
        public ?string $recorder,
        public ?Day $startsOn,
        public ?Day $endsOn,
        public bool $isBillable,
        public ?string $chargeCode,
        public ?string $client,
        public bool $composesChargeCodes,
        public ?string $fields,
    ) {
    }

    public function line(): Line
    {
        return new Line($this->project, $this->task, $this->role);
    }
}
