<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\ChargeCodes\ChargeCodeText;
use App\ChargeCodes\Compositions;
use App\Features\Week\Queries\RecordableTask;
use App\Features\Week\Queries\RecordableTasks;
use App\Models\Entry;
use App\Models\LineChargeCode;
use App\Models\Person;
use App\Support\Language\Wording;
use DomainException;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** Gives a line a charge code: open entries of the week have it from now on, and so has what is recorded there later. */
final readonly class ChooseChargeCode
{
    public function __construct(private RecordableTasks $tasks, private SaveCells $save)
    {
    }

    /**
     * @param  string  $chargeCode  whole; empty for that of the task
     * @return string|null the charge code that holds now
     *
     * @throws LineRefused if it is none of the client's, or an entry cannot have it
     */
    public function handle(Person $actor, Person $owner, Week $week, int $task, ?int $role, string $chargeCode): ?string
    {
        $of = $this->tasks->byId($owner, [$task])[$task] ?? throw LineRefused::because(Wording::refusal('cell.no_task'));
        $chosen = $chargeCode === '' ? null : self::checked($of, $chargeCode);
        DB::transaction(function () use ($actor, $owner, $week, $of, $role, $chosen): void {
            $line = ['person_id' => $owner->id, 'task_id' => $of->id, 'role_id' => $role];
            if ($chosen === null || $chosen === $of->chargeCode) {
                LineChargeCode::query()->where($line)->delete();
            } else {
                LineChargeCode::query()->updateOrCreate($line, ['charge_code' => $chosen]);
            }
            $entries = Entry::query()->inWeek($week)->where($line)->whereNull('corrects')->whereIn('state', [EntryState::Draft, EntryState::Returned])->get();
            $inputs = array_map(static fn (Entry $entry): CellInput => new CellInput($of->id, $role, $entry->date, null, $entry->version, chargeCode: $chosen ?? ''), $entries->all());
            foreach ($inputs === [] ? [] : $this->save->handle($actor, $owner, array_values($inputs)) as $result) {
                if ($result->message !== null) {
                    throw LineRefused::because($result->message);
                }
            }
        });

        return $chosen ?? $of->chargeCode;
    }

    /** @throws LineRefused */
    private static function checked(RecordableTask $task, string $chargeCode): string
    {
        $composition = Compositions::of([$task->clientId ?? 0])->ofClient($task->clientId);
        if ($composition === null || $task->clientName === null) {
            throw LineRefused::because($task->clientName === null ? Wording::of('own_fields.charge_code.no_client') : Wording::of('own_fields.charge_code.none', ['client' => $task->clientName]));
        }
        try {
            return ChargeCodeText::checked($composition, $task->clientName, $chargeCode);
        } catch (DomainException $refused) {
            throw LineRefused::because($refused->getMessage());
        }
    }
}
