<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Approval\RouteNames;
use App\Features\Week\Props\AdjustmentProps;
use App\Features\Week\Props\CellProps;
use App\Features\Week\Props\CorrectionProps;
use App\Models\Entry;
use App\Models\Person;
use App\OwnFields\OwnFieldValues;
use App\Pay\ChosenPay;
use App\Support\Language\Wording;
use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteKind;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Sheet\EntryState;

/** What a cell shows of the entries on its day and line. */
final class CellView
{
    /**
     * @param  list<InkedEntry>  $entries  of the day and line
     * @param  RouteKind  $route  the organisation's
     */
    public static function of(Person $owner, string $date, SheetTask $task, array $entries, RouteKind $route): CellProps
    {
        $inked = null;
        $adjustments = [];
        foreach ($entries as $entry) {
            if ($entry->corrects === null) {
                $inked = $entry;
            } else {
                $adjustments[] = new AdjustmentProps($entry->minutes->toInt(), $entry->corrects->toString(), $entry->note);
            }
        }
        if ($inked === null) {
            return self::empty($date, $task->billable, $task->isOpen(), $adjustments);
        }
        $state = $inked->state;
        $billable = $inked->billable ?? $task->billable;

        return new CellProps(
            $date,
            $inked->minutes->toInt(),
            $inked->version,
            $state,
            $state->isOpen() && $task->isOpen(),
            $state->isActual(),
            $billable,
            $inked->note,
            $inked->clientNote,
            self::proposedClientNote($task->projectName, $task->name, $inked->note, $inked->clientNote, $billable && $state->isOpen()),
            $inked->recordedById === $owner->id ? null : $inked->recorder,
            $inked->recordedAt,
            $state === EntryState::Returned ? $inked->returnComment : null,
            $state === EntryState::Submitted ? $inked->approver ?? Wording::refusal('the_office') : null,
            $state === EntryState::Submitted ? $inked->approvals : 0,
            $state === EntryState::Submitted ? self::after($task, $inked, $route) : [],
            self::correction($inked),
            $inked->declined,
            OwnFieldValues::read($inked->fields),
            $inked->chargeCode,
            ChosenPay::read($inked->chosenPay),
            $adjustments,
        );
    }

    /**
     * A cell as it was just saved or found; what posted corrections stand beside it does not change by that.
     *
     * @param  array<string, string>  $fields  what own fields hold
     * @param  array<string, int>  $pay  minutes that are chosen to be of a kind of pay or premium
     * @param  string|null  $recordedBy  null where the owner did
     */
    public static function saved(string $date, RecordableTask $task, Entry $entry, array $fields, array $pay, ?string $recordedBy, string $at): CellProps
    {
        $billable = $entry->billable ?? $task->billable;

        return new CellProps(
            $date, $entry->minutes->toInt(), $entry->version, $entry->state,
            $entry->state->isOpen() && $task->isOpen(), $entry->state->isActual(), $billable, $entry->note, $entry->client_note,
            self::proposedClientNote($task->projectName, $task->name, $entry->note, $entry->client_note, $billable && $entry->state->isOpen()),
            $recordedBy, $at, $entry->return_comment, null, 0, [], null, null, $fields, $entry->charge_code, $pay, [],
        );
    }

    /** @return list<string> who decides on an entry after the step that it waits for */
    private static function after(SheetTask $task, InkedEntry $inked, RouteKind $default): array
    {
        $route = ApprovalRoute::of(
            $task->approval ?? $default, (string) $inked->personId, (string) $task->projectManagerId, $inked->lineManagerId === null ? null : (string) $inked->lineManagerId,
        );

        return RouteNames::after($route, $inked->approvals + 1, $task->projectManagerId, $task->projectManager, $inked->lineManager);
    }

    private static function correction(InkedEntry $inked): ?CorrectionProps
    {
        return $inked->correction === null || $inked->corrected === null ? null : new CorrectionProps(
            $inked->correction, $inked->corrected->toInt(), $inked->reason ?? '', $inked->corrector ?? Wording::refusal('the_office'),
        );
    }

    /** @param  list<AdjustmentProps>  $adjustments */
    public static function empty(string $date, bool $billable, bool $isOpen, array $adjustments = []): CellProps
    {
        return new CellProps($date, null, null, null, $isOpen, false, $billable, '', '', null, null, null, null, null, 0, [], null, null, [], null, [], $adjustments);
    }

    /** @param  bool  $isWanted  it is billed, and can still be written */
    private static function proposedClientNote(string $project, string $task, string $note, string $clientNote, bool $isWanted): ?string
    {
        return $isWanted && $clientNote === '' ? ClientNote::proposed($project, $task, $note) : null;
    }
}
