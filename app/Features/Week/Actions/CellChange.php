<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\AuditTrail\AuditTrailLine;
use App\Features\Week\Queries\RecordableTask;
use App\Models\Entry;
use App\Models\Person;
use App\OwnFields\FieldsChange;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What is to become of one cell, once nothing speaks against it. */
final readonly class CellChange
{
    /** @param  Entry|null  $before  null where the cell is empty */
    public function __construct(public CellInput $input, public ?RecordableTask $task, public ?Entry $before, public Minutes $minutes, public CellFields $fields)
    {
    }

    /** Whether the cell holds already what is wanted, so that twice is the same as once. */
    public function isNothing(): bool
    {
        $wanted = $this->wanted();
        if ($this->isClearing()) {
            return $this->before === null && $wanted['note'] === '' && $wanted['client_note'] === '' && ! $this->fields->change();
        }

        return $this->before !== null && $this->before->minutes->equals($this->minutes)
            && ! $this->fields->change() && ! $this->fields->changePay()
            && $this->before->only('note', 'client_note', 'billable', 'charge_code') === array_diff_key($wanted, ['minutes' => true]);
    }

    public function isClearing(): bool
    {
        return $this->minutes->isZero();
    }

    /** By how many minutes the day grows. */
    public function growth(): int
    {
        return $this->minutes->toInt() - ($this->before?->minutes->toInt() ?? 0);
    }

    /** The entry as it will be; not saved. */
    public function after(Person $actor, Person $owner): Entry
    {
        $entry = $this->before === null ? new Entry([
            'person_id' => $owner->id,
            'task_id' => $this->input->task,
            'role_id' => $this->input->role,
            'date' => $this->input->day->toString(),
            'state' => EntryState::Draft,
            'version' => 0,
        ]) : clone $this->before;

        return $entry->fill([...$this->wanted(), 'recorded_by_id' => $actor->id, 'version' => $entry->version + 1]);
    }

    public function traced(Person $actor, Person $owner, string $why): AuditTrailLine
    {
        $act = match (true) {
            $this->isClearing() => 'clear',
            $this->before === null => 'ink',
            default => 'change',
        };
        $after = $this->isClearing() ? null : self::told($this->after($actor, $owner), $this->fields->after(), $this->fields->pay);
        $before = $this->before === null ? null : self::told($this->before, $this->fields->held, $this->fields->heldPay);

        return new AuditTrailLine($act, $actor->id, null, $owner->id, $this->input->task, $this->input->day->toString(), $before, $after, $why);
    }

    /** @return array{minutes: int, note: string, client_note: string, billable: bool|null, charge_code: string|null} */
    private function wanted(): array
    {
        return [
            'minutes' => $this->minutes->toInt(),
            'note' => trim($this->input->note ?? $this->before->note ?? ''),
            'client_note' => trim($this->input->clientNote ?? $this->before->client_note ?? ''),
            'billable' => $this->input->billable ?? $this->before?->billable,
            'charge_code' => $this->fields->chargeCode,
        ];
    }

    /**
     * @param  array<string, string>  $fields  what own fields hold, by their codes
     * @param  array<string, int>  $pay  minutes that are chosen to be of a kind of pay
     * @return array<string, string|int|null> notes, own fields and kinds of pay only where there are any
     */
    private static function told(Entry $entry, array $fields, array $pay): array
    {
        $told = ['role' => $entry->role_id, 'minutes' => $entry->minutes->toInt(), 'state' => $entry->state->value];
        foreach (['note', 'client_note', 'charge_code'] as $text) {
            if ($entry->getAttribute($text) !== '' && $entry->getAttribute($text) !== null) {
                $told[$text] = $entry->{$text};
            }
        }
        foreach ($fields as $code => $value) {
            $told[FieldsChange::TOLD.$code] = $value;
        }

        foreach ($pay as $kind => $minutes) {
            $told[$kind.'_minutes'] = $minutes;
        }

        return $entry->billable === null ? $told : [...$told, 'billable' => $entry->billable ? 1 : 0];
    }
}
