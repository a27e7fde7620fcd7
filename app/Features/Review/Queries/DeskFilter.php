<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Support\Database\TextSearch;
use Illuminate\Database\Query\Builder;

/** What of the time that waits is looked at. */
final readonly class DeskFilter
{
    /**
     * @param  string  $search  words of people's, projects' and tasks' names or codes
     * @param  string|null  $group  key of the group that is open; null for the first, or for all of them
     */
    public function __construct(public DeskGrouping $by = DeskGrouping::Person, public WaitingFilter $show = WaitingFilter::All, public string $search = '', public ?string $group = null)
    {
    }

    public function of(string $group): self
    {
        return new self($this->by, $this->show, $this->search, $group);
    }

    public function inOrder(): self
    {
        return new self($this->by, WaitingFilter::InOrder, $this->search, $this->group);
    }

    /** Narrows the waiting entries down, with their people, tasks and projects joined. */
    public function narrow(Builder $waiting): Builder
    {
        return $this->shown($waiting, 'entries')
            ->when($this->group !== null, fn (Builder $group): Builder => $group->whereRaw($this->by->key().' = ?', [$this->group]));
    }

    /** Narrows waiting expenses down, which are shown whatever group is open, likewise. */
    public function narrowExpenses(Builder $waiting): Builder
    {
        return $this->shown($waiting, 'expenses');
    }

    /** Narrows waiting corrections down, of which each needs to be looked at, likewise. */
    public function narrowCorrections(Builder $waiting): Builder
    {
        return $this->found($waiting, 'corrections');
    }

    private function shown(Builder $waiting, string $table): Builder
    {
        return $this->found($waiting, $table)
            ->when($this->show !== WaitingFilter::All, fn (Builder $show): Builder => $show->where($table.'.needs_attention', $this->show === WaitingFilter::NeedsAttention ? 1 : 0));
    }

    private function found(Builder $waiting, string $table): Builder
    {
        $waiting->join('people', 'people.id', $table.'.person_id')
            ->join('tasks', 'tasks.id', $table.'.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id');

        return TextSearch::narrow($waiting, $this->search, ['people.name', 'people.code', 'projects.name', 'projects.code', 'tasks.name', 'tasks.code']);
    }
}
