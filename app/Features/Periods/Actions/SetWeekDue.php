<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\Models\Organisation;
use App\Models\Person;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use Illuminate\Support\Facades\DB;

/** Says by when a week is to be handed over, in days after its Sunday; twice is the same as once. */
final readonly class SetWeekDue
{
    public function __construct(private Trail $trail)
    {
    }

    public function handle(Person $office, int $days): void
    {
        DB::transaction(function () use ($office, $days): void {
            $organisation = Organisation::query()->sole();
            $before = $organisation->week_due;
            if ($before !== $days) {
                $organisation->update(['week_due' => $days]);
                $this->trail->of([TrailLine::on(TrailSubject::Setting, 'week due', 'set', $office, ['days' => $before], ['days' => $days])]);
            }
        });
    }
}
