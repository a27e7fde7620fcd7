<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Periods\Queries\PeriodCheck;
use App\Features\Periods\Queries\PeriodSums;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\ReadTransaction;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Settles all approved time up to a day, and the approved expenses with it, exactly as it was seen, or nothing; twice is the same as once.
 *
 * Time that is not approved is left out only on request; it can still be finished and is settled by a later
 * closing. Nothing new can be recorded on the days that are closed.
 */
final readonly class ClosePeriod
{
    public function __construct(private Settlement $settlement, private RememberFigures $remember, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  string  $seen  by which what was to be settled and what was open were recognised
     * @return Minutes how much was settled
     *
     * @throws PeriodRefused
     */
    public function handle(Person $office, Day $until, string $seen, bool $leavesOut): Minutes
    {
        // Listing it all takes longer than anybody should wait who saves meanwhile; the sums tell whether it still holds.
        $listed = ReadTransaction::run(static fn (): PeriodSums => PeriodCheck::sums($until, isClosing: true));

        return DB::transaction(function () use ($office, $until, $seen, $leavesOut, $listed): Minutes {
            $organisation = Organisation::query()->sole();
            if ($until->isAfter($this->today->for($office))) {
                throw PeriodRefused::because('future', ['day' => Wording::day($until)]);
            }
            if ($organisation->closed_until !== null && $until->isBefore($organisation->closed_until)) {
                throw PeriodRefused::because('backwards', ['day' => Wording::day($organisation->closed_until)]);
            }
            if ($listed->recognised() !== $seen || PeriodCheck::seen($until) !== $seen) {
                throw PeriodRefused::because('moved_on');
            }
            if ($listed->openEntries > 0 && ! $leavesOut) {
                throw PeriodRefused::because('open', ['entries' => $listed->openEntries]);
            }

            return $this->close($office, $organisation, $until, $listed);
        });
    }

    private function close(Person $office, Organisation $organisation, Day $until, PeriodSums $sums): Minutes
    {
        [$entries, $minutes, $expenses] = [$sums->entries->count, $sums->entries->minutes, $sums->expenses->count];
        $before = $organisation->closed_until?->toString();
        if ($entries === 0 && $expenses === 0 && $before === $until->toString()) {
            return Minutes::zero();
        }
        $organisation->update(['closed_until' => $until->toString()]);
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Period, $until->toString(), 'close', $office, ['until' => $before], ['until' => $until->toString(), 'entries' => $entries, 'minutes' => $minutes, 'expenses' => $expenses])]);
        $this->remember->handle($office, $until);
        $this->settlement->queue($office->id, $sums->entries, $sums->expenses);

        return Minutes::of($minutes);
    }
}
