<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\Models\Closing;
use App\Models\Person;
use App\Models\ProjectFigures;
use App\Models\ReportedFigures;
use App\Support\Clock\Today;
use App\Support\Database\Sql;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Keeps what every project comes to as a period is closed, so that it can be compared with later. */
final readonly class RememberFigures
{
    public function __construct(private Today $today)
    {
    }

    /** Within the transaction of the closing; one statement for all projects. */
    public function handle(Person $office, Day $until): void
    {
        $closing = Closing::query()->create(['closed_until' => $until, 'closed_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'closed_by_id' => $office->id]);
        DB::table('reported_figures')->insertUsing(['closing_id', 'project_id', ...ReportedFigures::FIGURES], ProjectFigures::query()->toBase()
            ->select(Sql::value($closing->id), 'project_id', ...ReportedFigures::FIGURES));
    }
}
