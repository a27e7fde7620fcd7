<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use App\Models\PlanStep;
use App\Models\RecordedProjectMonth;
use App\Models\StoredRecalculation;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Recalculates all stored totals, in the same short steps as anything else that is much. */
final readonly class RecalculateAll
{
    public function __construct(private RecalculationQueue $queue, private Recalculation $recalculation, private Today $today)
    {
    }

    public function handle(): void
    {
        DB::transaction(function (): void {
            StoredRecalculation::query()->delete();
            PlanStep::query()->where('starting_on', '>', $this->today->in('UTC')->plusDays(1)->toString())->delete();
            // What is left of projects whose months have gone is found by nothing else.
            RecordedProjectMonth::query()->delete();
            // Each rests on those before it.
            $this->queue->add([RecalculationScope::allRecorded(), RecalculationScope::allTasks(), RecalculationScope::allProjects()]);
        });
        $this->recalculation->finish();
    }
}
