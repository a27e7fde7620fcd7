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
    /** Columns that say who approves whose time, by table. */
    private const ROUTES = ['organisations' => ['approval'], 'people' => ['manager_id'], 'projects' => ['manager_id', 'approval']];

    /** Whether time that waits may be somebody else's to approve now. */
    private bool $isRoutedAnew = false;

    /** @var array<int, array<string, Week>> weeks with imported time that waits, by person */
    private array $weeks = [];

    public function __construct(private readonly RouteWaitingEntries $routing, private readonly SaveFindings $findings)
    {
    }

    public function of(FileKindChange $change): void
    {
        // On a new person or project nothing waits yet but what comes with them.
        foreach (self::ROUTES[$change->kind->table()] ?? [] as $column) {
            $this->isRoutedAnew = $this->isRoutedAnew || array_column($change->updates, $column) !== array_column($change->originals, $column);
        }
        foreach ($change->kind->table() === 'entries' ? [...$change->inserts, ...$change->updates] : [] as $row) {
            if ($row['state'] === EntryState::Submitted->value) {
                $week = Week::containing(Day::of((string) $row['date']));
                $this->weeks[(int) $row['person_id']][$week->toString()] = $week;
            }
        }
    }

    public function finish(): void
    {
        if ($this->isRoutedAnew) {
            $this->routing->handle();
        } elseif ($this->weeks !== []) {
            $this->routing->handle(people: array_keys($this->weeks));
        }
        $this->findings->ofWeeks($this->weeks);
        $this->weeks = [];
        $this->isRoutedAnew = false;
    }
}
