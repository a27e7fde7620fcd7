<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Approval\RouteNames;
use App\Features\Week\Props\AdjustmentProps;
use App\Features\Week\Props\CellProps;
use App\Features\Week\Props\CorrectionProps;
use App\Models\Entry;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Language\Wording;
use Moss\Core\Review\RouteKind;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Sheet\EntryState;

/** What a cell shows of the entries on its day and line. */
final class CellView
{
    /**
     * @param  Record  $task  with its names, and whether it is billed
     * @param  list<Record>  $entries  of the day and line
     * @param  RouteKind  $route  the organisation's
     */
    public static function of(Person $owner, string $date, Record $task, array $entries, RouteKind $route): CellProps
    {
        $inked = null;
        $adjustments = [];
        foreach ($entries as $entry) {
            if ($entry->stringOrNull('corrects') === null) {
                $inked = $entry;
            } else {
                $adjustments[] = new AdjustmentProps($entry->int('minutes'), $entry->string('corrects'), $entry->string('note'));
            }
        }
        if ($inked === null) {
            return self::empty($date, $task->bool('billable'), $adjustments);
        }
        $state = EntryState::from($inked->string('state'));
        $billable = ($inked->intOrNull('billable') ?? $task->int('billable')) !== 0;

        return new CellProps(
            $date,
            $inked->int('minutes'),
            $inked->int('version'),
            $state,
            $billable,
            $inked->string('note'),
            $inked->string('client_note'),
            self::proposedClientNote($task, $inked->string('note'), $inked->string('client_note'), $billable && $state->isOpen()),
            $inked->intOrNull('recorded_by_id') === $owner->id ? null : $inked->stringOrNull('recorder'),
            $inked->stringOrNull('recorded_at'),
            $state === EntryState::Returned ? $inked->stringOrNull('return_comment') : null,
            $state === EntryState::Submitted ? $inked->stringOrNull('approver') ?? Wording::refusal('the_office') : null,
            $state === EntryState::Submitted ? $inked->int('approvals') : 0,
            $state === EntryState::Submitted ? RouteNames::after($inked->with($task->only('approval', 'project_manager_id', 'project_manager')), $route, $inked->int('approvals') + 1) : [],
            self::correction($inked),
            $inked->stringOrNull('declined'),
            $adjustments,
        );
    }

    /**
     * A cell as it was just saved or found; what posted corrections stand beside it does not change by that.
     *
     * @param  Record  $task  with its names, and whether it is billed
     * @param  string|null  $recordedBy  null where the owner did
     */
    public static function saved(string $date, Record $task, Entry $entry, ?string $recordedBy, string $at): CellProps
    {
        $billable = $entry->billable ?? $task->bool('billable');

        return new CellProps(
            $date, $entry->minutes->toInt(), $entry->version, $entry->state, $billable, $entry->note, $entry->client_note,
            self::proposedClientNote($task, $entry->note, $entry->client_note, $billable && $entry->state->isOpen()),
            $recordedBy, $at, $entry->return_comment, null, 0, [], null, null, [],
        );
    }

    private static function correction(Record $inked): ?CorrectionProps
    {
        $id = $inked->intOrNull('correction');

        return $id === null ? null : new CorrectionProps($id, $inked->int('corrected'), $inked->string('reason'), $inked->stringOrNull('corrector') ?? Wording::refusal('the_office'));
    }

    /** @param  list<AdjustmentProps>  $adjustments */
    public static function empty(string $date, bool $billable, array $adjustments = []): CellProps
    {
        return new CellProps($date, null, null, null, $billable, '', '', null, null, null, null, null, 0, [], null, null, $adjustments);
    }

    /** @param  bool  $isWanted  it is billed, and can still be written */
    private static function proposedClientNote(Record $task, string $note, string $clientNote, bool $isWanted): ?string
    {
        return $isWanted && $clientNote === '' ? ClientNote::proposed($task->string('project_name'), $task->string('name'), $note) : null;
    }
}
