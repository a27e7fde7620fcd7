<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\ProposalState;
use Illuminate\Database\Eloquent\Builder;

/** Rows that somebody proposes and somebody else decides on. */
trait IsProposed
{
    /**
     * Those on which nobody has decided yet.
     *
     * @param  Builder<static>  $query
     */
    public function scopeWaiting(Builder $query): void
    {
        $query->where($this->qualifyColumn('state'), ProposalState::Waiting);
    }
}
