<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\Waiting;
use App\Effort\RatesInForce;
use App\Features\Review\Props\WaitingCorrectionProps;
use App\Models\Person;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Pricing;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** The corrections that wait for an approver, oldest first. */
final readonly class WaitingCorrections
{
    private const MOST = 200;

    public function __construct(private Waiting $waiting)
    {
    }

    public function of(Person $approver, Day $today, DeskFilter $filter): DeskCorrections
    {
        $corrections = Rows::of(WaitingCorrection::class, $filter->narrowCorrections($this->waiting->corrections($approver, $today))
            ->join('entries', 'entries.id', 'corrections.entry_id')
            ->leftJoin('roles', 'roles.id', 'corrections.role_id')
            ->leftJoin('people AS approvers', 'approvers.id', 'corrections.approver_id')
            ->select('corrections.id', 'corrections.date', 'corrections.minutes_before', 'corrections.minutes', 'corrections.reason', 'corrections.approver_id', 'entries.state')
            ->addSelect('people.code AS person', 'people.name AS person_name', 'tasks.name AS task_name', 'projects.code AS project', 'projects.name AS project_name')
            ->addSelect('projects.manager_id', 'roles.code AS role', 'roles.name AS role_name', 'approvers.name AS approver', Sql::countOfAll('count'))
            ->orderBy('corrections.id')->limit(self::MOST));
        $pricing = $corrections === [] ? null : RatesInForce::load();

        return new DeskCorrections(array_map(static fn (WaitingCorrection $correction): WaitingCorrectionProps => new WaitingCorrectionProps(
            $correction->id,
            $correction->personName,
            $correction->taskName,
            $correction->project,
            $correction->projectName,
            $correction->roleName,
            $correction->date->toString(),
            $correction->minutesBefore->toInt(),
            $correction->minutes->toInt(),
            $correction->reason,
            $correction->state === EntryState::Settled,
            $pricing !== null && $approver->seesCostOfProjectsOf($correction->managerId) ? self::cost($correction, $pricing) : null,
            $correction->approverId === $approver->id ? null : $correction->approver,
        ), $corrections), $corrections[0]->count ?? 0);
    }

    /** Approved time is priced anew as a whole; a difference to settled time is priced by itself. */
    private static function cost(WaitingCorrection $correction, Pricing $pricing): ?int
    {
        $cost = static fn (int $minutes): ?int => self::known($correction, $pricing, Minutes::of($minutes));
        [$before, $after] = [$correction->minutesBefore->toInt(), $correction->minutes->toInt()];
        if ($correction->state === EntryState::Settled) {
            return $cost($after - $before);
        }
        [$old, $new] = [$cost($before), $cost($after)];

        return $old === null || $new === null ? null : $new - $old;
    }

    private static function known(WaitingCorrection $correction, Pricing $pricing, Minutes $minutes): ?int
    {
        $cost = $pricing->cost($correction->person, $correction->role, $correction->date, $minutes);

        return $cost->unrated->isZero() ? $cost->known->cents() : null;
    }
}
