<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\Models\Organisation;
use App\Models\Person;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/**
 * Lets new time be recorded again on days that were closed. What is settled stays settled; only a correction, posted
 * beside it, ever changes what it comes to.
 */
final readonly class ReopenPeriod
{
    public function __construct(private Trail $trail)
    {
    }

    /**
     * @param  Day  $from  the first day that is open again
     *
     * @throws PeriodRefused
     */
    public function handle(Person $office, Day $from, string $reason): void
    {
        if (trim($reason) === '') {
            throw PeriodRefused::because('no_reason');
        }
        DB::transaction(function () use ($office, $from, $reason): void {
            $organisation = Organisation::query()->sole();
            $before = $organisation->closed_until;
            if ($before === null || $from->toString() > $before) {
                throw PeriodRefused::because('not_closed');
            }
            $until = $from->plusDays(-1)->toString();
            $organisation->update(['closed_until' => $until]);
            $this->trail->of([TrailLine::on(TrailSubject::Period, $from->toString(), 'reopen', $office, ['until' => $before], ['until' => $until], null, trim($reason))]);
        });
    }
}
