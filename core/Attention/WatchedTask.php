<?php

declare(strict_types=1);

namespace Moss\Core\Attention;

use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\Holding;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Time\Minutes;

/** A task with its figures and the last day recorded on it. */
final readonly class WatchedTask
{
    /** Days without a record after which work has gone quiet. */
    private const QUIET = 14;

    public function __construct(public int $id, public TaskEffort $effort, public Figures $figures, public ?Day $lastRecorded)
    {
    }

    /** What is entered beyond the plan of holders who have not said what is left; 0 once it is done. */
    public function overWithoutWord(): Minutes
    {
        $over = array_map(
            static fn (Holding $holding): Minutes => $holding->latestRestatement() === null ? $holding->over() : Minutes::zero(),
            $this->effort->isDone() ? [] : $this->effort->holdings,
        );

        return Minutes::sum($over);
    }

    /** Whether something remains, the work is under way by the plan, and nothing was recorded for two weeks. */
    public function isQuiet(Day $today): bool
    {
        $since = $today->plusDays(-self::QUIET);
        if ($this->figures->remaining->isZero() || ($this->lastRecorded !== null && $this->lastRecorded->isAfter($since))) {
            return false;
        }
        foreach ($this->effort->holdings as $holding) {
            if (! $holding->isDone() && ! $holding->firstPlannedDay()->isAfter($since)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The latest words by which more is left than before them, that still count.
     *
     * @return list<Remark>
     */
    public function restatedUp(): array
    {
        $remarks = [];
        foreach ($this->effort->isDone() ? [] : $this->effort->holdings as $holding) {
            $latest = $holding->latestRestatement();
            if ($latest === null || $latest->done) {
                continue;
            }
            $then = $holding->asOf($latest->on);
            $without = new Holding($then->holder, $then->assignments, $then->entries, array_values(array_filter($then->restatements, static fn ($one): bool => $one !== $latest)));
            $grew = $then->remaining()->minus($without->remaining());
            if ($grew->toInt() > 0) {
                $remarks[] = new Remark(AttentionKind::RestatedUp, [$this->id], [$latest->person], $grew, null, $latest->on);
            }
        }

        return $remarks;
    }
}
