<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\AuditTrail\AuditTrailLine;
use App\Models\Project;
use Moss\Core\Calendar\Day;

/** What a project is, apart from its plan. */
final readonly class ProjectSettings
{
    /**
     * @param  string  $client  a code or name; a new name makes a new client, none is none
     * @param  string  $manager  code of a person
     * @param  array<string, string>  $fields  what was typed into own fields, by their codes
     * @param  string|null  $estimateMode  null as the organisation has it
     */
    public function __construct(
        public string $name,
        public string $client,
        public string $manager,
        public ?Day $startsOn,
        public ?Day $endsOn,
        public bool $billable,
        public bool $isOpen,
        public ?string $estimateMode,
        public array $fields = [],
    ) {
    }

    /** @return array<string, string|int|null> */
    public static function told(Project $project): array
    {
        return AuditTrailLine::told([
            'name' => $project->name, 'client' => $project->client?->code, 'manager' => $project->manager->code, 'starts_on' => $project->starts_on, 'ends_on' => $project->ends_on,
            'billable' => $project->billable ? 'yes' : 'no', 'state' => $project->state, 'estimate_mode' => $project->estimate_mode,
        ]);
    }
}
