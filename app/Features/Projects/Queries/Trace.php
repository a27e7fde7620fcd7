<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Projects\Props\Figure;
use App\Features\Projects\Props\TraceEntryProps;
use App\Features\Projects\Props\TraceHolderProps;
use App\Features\Projects\Props\TraceProps;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\HolderFigures;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Sheet\EntryState;

/** Opens a figure down to what it is made of. */
final class Trace
{
    /** Entries shown at once; the sum and the count are of all. */
    private const PAGE = 200;

    /**
     * @param  array<int, TaskEffort>  $efforts  by task id
     * @param  array{task: array<int, string>, person: array<string, string>, team: array<string, string>}  $names
     */
    public function of(TraceRequest $asked, array $efforts, Forecasting $forecasting, array $names): TraceProps
    {
        $efforts = array_filter($efforts, static fn (TaskEffort $effort): bool => $asked->task === null || $effort->task->code === $asked->task);
        $words = $this->words(array_keys($efforts));
        $sum = Figures::zero();
        $holders = [];
        $shown = null;
        foreach ($efforts as $id => $effort) {
            foreach ($forecasting->ofHolders($effort) as $part) {
                if ($asked->holder === null || HolderName::inAddress($part->holder) === $asked->holder) {
                    $sum = $sum->plus($part->figures);
                    $shown = HolderName::in($names, $part->holder);
                    $holders[] = $this->holder($names['task'][$id], $shown, $effort, $part, $words[$id] ?? [], $names);
                }
            }
            $sum = $asked->holder === null ? $sum->against($sum->planned->minus($effort->task->overAssigned()), null) : $sum;
        }
        $entries = in_array($asked->figure, [Figure::Planned, Figure::Remaining], true) ? [] : $this->entries($asked, $efforts, $names);

        return new TraceProps(
            $asked->figure,
            self::minutes($asked->figure, $sum),
            $asked->task === null ? null : $names['task'][array_key_first($efforts) ?? 0] ?? $asked->task,
            $asked->holder === null ? null : $shown ?? '',
            $holders,
            array_slice($entries, 0, self::PAGE),
            count($entries),
        );
    }

    private static function minutes(Figure $figure, Figures $sum): int
    {
        return (match ($figure) {
            Figure::Planned => $sum->planned,
            Figure::Actual => $sum->actual,
            Figure::Pending => $sum->pending,
            Figure::Remaining => $sum->remaining,
            Figure::Forecast => $sum->forecast(),
            Figure::Variance => $sum->variance(),
        })->toInt();
    }

    /**
     * @param  array<string, string>  $reasons  by person and day
     * @param  array{task: array<int, string>, person: array<string, string>, team: array<string, string>}  $names
     */
    private function holder(string $task, string $name, TaskEffort $effort, HolderFigures $part, array $reasons, array $names): TraceHolderProps
    {
        $latest = null;
        foreach ($effort->holdings as $holding) {
            if ($holding->holder == $part->holder) {
                $latest = $holding->latestRestatement();
            }
        }

        return new TraceHolderProps(
            $task,
            $name,
            $part->figures->planned->toInt(),
            $part->figures->entered()->toInt(),
            $part->figures->remaining->toInt(),
            $latest?->on->toString(),
            $latest === null ? null : $names['person'][$latest->person] ?? $latest->person,
            $latest?->remaining->toInt(),
            $latest->done ?? false,
            $latest === null ? '' : $reasons[$latest->person.' '.$latest->on->toString()] ?? '',
        );
    }

    /**
     * @param  list<int>  $tasks
     * @return array<int, array<string, string>> reasons of restatements by task id, then by person and day
     */
    private function words(array $tasks): array
    {
        $query = DB::table('restatements')->join('people', 'people.id', 'restatements.person_id')
            ->whereIn('restatements.task_id', $tasks)
            ->select('restatements.task_id', 'people.code', 'restatements.stated_on', 'restatements.reason');
        $words = [];
        foreach (Record::all($query) as $record) {
            $words[$record->int('task_id')][$record->string('code').' '.$record->string('stated_on')] = $record->string('reason');
        }

        return $words;
    }

    /**
     * @param  array<int, TaskEffort>  $efforts
     * @param  array{task: array<int, string>, person: array<string, string>, team: array<string, string>}  $names
     * @return list<TraceEntryProps>
     */
    private function entries(TraceRequest $asked, array $efforts, array $names): array
    {
        $query = DB::table('entries')
            ->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')
            ->whereIn('entries.task_id', array_keys($efforts))
            ->select('entries.task_id', 'people.code', 'people.name', 'teams.code AS team', 'entries.date', 'entries.minutes', 'entries.state', 'entries.note', 'entries.corrects')
            ->orderByDesc('entries.date')->orderBy('people.name')->orderBy('entries.id');
        $entries = [];
        foreach (Record::each($query) as $record) {
            $state = EntryState::from($record->string('state'));
            $task = $efforts[$record->int('task_id')]->task;
            $isHolders = $asked->holder === null
                || HolderName::inAddress($task->holderFor($record->string('code'), $record->stringOrNull('team'))) === $asked->holder;
            if ($isHolders && self::belongs($asked->figure, $state)) {
                $entries[] = new TraceEntryProps(
                    $record->string('date'),
                    $record->string('name'),
                    $names['task'][$record->int('task_id')],
                    $record->int('minutes'),
                    $state,
                    $record->string('note'),
                    $record->stringOrNull('corrects'),
                );
            }
        }

        return $entries;
    }

    private static function belongs(Figure $figure, EntryState $state): bool
    {
        return match ($figure) {
            Figure::Actual => $state->isActual(),
            Figure::Pending => ! $state->isActual(),
            default => true,
        };
    }
}
