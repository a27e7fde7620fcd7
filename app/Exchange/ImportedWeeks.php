<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Approval\RouteWaitingEntries;
use App\Features\HouseRules\Actions\SaveFindings;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** Time that an import has put among what waits: it is given to its approver, and its weeks are checked. */
final class ImportedWeeks
{
    /** Files that say who approves whose time. */
    private const ROUTES = ['organisation', 'people', 'projects'];

    /** @var array<int, array<string, Week>> weeks with imported time that waits, by person */
    private array $weeks = [];

    public function __construct(private readonly RouteWaitingEntries $routing, private readonly SaveFindings $findings)
    {
    }

    public function of(FileKindChange $change): void
    {
        foreach ($change->kind->table() === 'entries' ? [...$change->inserts, ...$change->updates] : [] as $row) {
            if ($row['state'] === EntryState::Submitted->value) {
                $week = Week::containing(Day::of((string) $row['date']));
                $this->weeks[(int) $row['person_id']][$week->toString()] = $week;
            }
        }
    }

    /** @param  list<string>  $files  that were imported, by kind */
    public function finish(array $files): void
    {
        if (array_intersect(self::ROUTES, $files) !== []) {
            $this->routing->handle();
        } elseif ($this->weeks !== []) {
            $this->routing->handle(people: array_keys($this->weeks));
        }
        $this->findings->ofWeeks($this->weeks);
        $this->weeks = [];
    }
}
