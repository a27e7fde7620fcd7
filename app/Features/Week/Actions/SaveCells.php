<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\Week\Queries\RecordableTask;
use App\Features\Week\Queries\RecordableTasks;
use App\Models\Entry;
use App\Models\Person;
use App\OwnFields\OwnFieldValues;
use App\Pay\ChosenPay;
use App\Pay\PayPremiums;
use App\Sheet\LineKey;
use App\Sheet\StretchesOfCells;
use App\Support\Language\Wording;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/**
 * Inks, changes and clears cells of a person's sheet, any number of them in one transaction and a fixed number of queries.
 *
 * What can be saved is saved; what cannot is refused by itself and says why.
 */
final readonly class SaveCells
{
    public function __construct(private RecordableTasks $tasks, private AuditTrail $auditTrail, private UpdateTotals $totals)
    {
    }

    /**
     * @param  list<CellInput>  $inputs  no two of one cell
     * @param  string  $why  for the audit trail, where it did not come by the sheet
     * @return list<CellResult> in the order of the inputs
     */
    public function handle(Person $actor, Person $owner, array $inputs, string $why = ''): array
    {
        return DB::transaction(function () use ($actor, $owner, $inputs, $why): array {
            $days = array_unique(array_map(static fn (CellInput $input): string => $input->day->toString(), $inputs));
            $entries = Entry::query()->where('person_id', $owner->id)->whereIn('date', $days)->get();
            $byCell = $entries->whereNull('corrects')->keyBy(static fn (Entry $entry): string => LineKey::of($entry->task_id, $entry->role_id).' '.$entry->date->toString());
            $tasks = $this->tasks->byId($owner, array_values(array_unique(array_map(static fn (CellInput $input): int => $input->task, $inputs))));
            $stretches = StretchesOfCells::load($owner->id, array_values($days));
            $fields = FieldsOfCells::load($owner, $inputs, $tasks, array_values($byCell->intersectByKeys(array_flip(array_map(static fn (CellInput $input): string => $input->cell(), $inputs)))->all()));
            $results = [];
            $changes = [];
            foreach ($inputs as $index => $input) {
                $isNew = ! $byCell->has($input->cell());
                $decided = $this->decide($actor, $owner, $isNew && $input->note === null ? $input->noting($stretches->noteOf($input->cell())) : $input, $tasks[$input->task] ?? null, $byCell->get($input->cell()), $fields);
                if ($decided instanceof CellChange) {
                    $changes[$index] = $decided;
                } else {
                    $results[$index] = $decided;
                }
            }
            $results += $this->refuseFullDays($changes, $entries, $actor);
            $results += $this->write(array_diff_key($changes, $results), $actor, $owner, $why, $stretches, $fields->premiums());
            ksort($results);

            return array_values($results);
        });
    }

    /** What an input comes to by itself, before it is seen whether the day has room for it. */
    private function decide(Person $actor, Person $owner, CellInput $input, ?RecordableTask $task, ?Entry $entry, FieldsOfCells $fields): CellChange|CellResult
    {
        $held = $fields->heldFields($entry);
        try {
            $minutes = $input->minutes ?? ($input->hours === null ? $entry->minutes ?? Minutes::zero() : HoursText::onDay($input->hours));
            $change = new CellChange($input, $task, $entry, $minutes, $fields->of($input, $task, $entry, $minutes));
            if ($change->isNothing()) {
                return CellResult::saved($input, $task, $entry, $held->held, $held->heldPay);
            }
            EntryStatus::of($entry->state ?? EntryState::Draft)->edited(new Actor(isOwner: $actor->id === $owner->id, mayRecord: true));
        } catch (HoursTextRefused $refused) {
            return CellResult::refused($input, $task, $entry, $held, Wording::hoursRefused($refused));
        } catch (ActRefused $refused) {
            return CellResult::refused($input, $task, $entry, $held, Wording::actRefused($refused->refusal));
        } catch (DomainException $refused) {
            return CellResult::refused($input, $task, $entry, $held, $refused->getMessage());
        }
        if ($entry?->version !== $input->seen) {
            return CellResult::movedOn($input, $task, $entry, $held, self::movedOn($entry, $actor));
        }
        $refusal = match (true) {
            $entry === null && $change->isClearing() => Wording::refusal('cell.note_without_hours'),
            $change->isClearing() => null,
            default => $this->tasks->refusal($owner, $task, $input->day, $entry === null),
        };

        return $refusal === null ? $change : CellResult::refused($input, $task, $entry, $held, $refusal);
    }

    /**
     * A day holds no more than 24 hours. What makes room comes first, so that hours can move from one line to another.
     *
     * @param  array<int, CellChange>  $changes
     * @param  Collection<int, Entry>  $entries  of the days
     * @return array<int, CellResult> those that do not fit
     */
    private function refuseFullDays(array $changes, Collection $entries, Person $reader): array
    {
        $sums = [];
        foreach ($entries as $entry) {
            $date = $entry->date->toString();
            $sums[$date] = ($sums[$date] ?? 0) + $entry->minutes->toInt();
        }
        uasort($changes, static fn (CellChange $one, CellChange $other): int => $one->growth() <=> $other->growth());
        $refused = [];
        foreach ($changes as $index => $change) {
            $date = $change->input->day->toString();
            $sum = ($sums[$date] ?? 0) + $change->growth();
            if ($sum > Minutes::PER_DAY && $change->growth() > 0) {
                $sentence = Wording::refusal('cell.full_day', ['hours' => Wording::hours(Minutes::of($sum), $reader)]);
                $refused[$index] = CellResult::refused($change->input, $change->task, $change->before, $change->fields, $sentence);
            } else {
                $sums[$date] = $sum;
            }
        }

        return $refused;
    }

    /**
     * @param  array<int, CellChange>  $changes
     * @return array<int, CellResult>
     */
    private function write(array $changes, Person $actor, Person $owner, string $why, StretchesOfCells $stretches, PayPremiums $premiums): array
    {
        $results = [];
        $cleared = [];
        $rows = ['new' => [], 'changed' => []];
        foreach ($changes as $index => $change) {
            $after = $change->isClearing() ? null : $change->after($actor, $owner);
            if ($after !== null) {
                $rows[$change->before === null ? 'new' : 'changed'][] = $after->getAttributes();
            } elseif ($change->before !== null) {
                $cleared[] = $change->before->id;
            }
            $results[$index] = CellResult::saved($change->input, $change->task, $after, $change->fields->after(), $change->fields->pay);
        }
        if ($cleared !== []) {
            Entry::query()->whereIntegerInRaw('id', $cleared)->delete();
        }
        if ($rows['new'] !== []) {
            Entry::query()->insert($rows['new']);
        }
        if ($rows['changed'] !== []) {
            Entry::query()->upsert($rows['changed'], ['id'], ['minutes', 'note', 'client_note', 'billable', 'charge_code', 'recorded_by_id', 'version']);
        }
        self::writeFields($changes, $owner, $premiums);
        $this->followByTheClock($changes, $stretches);
        $effort = new EffortChanges;
        foreach ($changes as $change) {
            $effort->recorded($change->input->task, $owner->id, $change->input->role, $change->input->day->toString());
        }
        $this->totals->handle($effort);
        $this->auditTrail->of(array_values(array_map(static fn (CellChange $change): AuditTrailLine => $change->traced($actor, $owner, $why), $changes)));

        return $results;
    }

    /** @param  array<int, CellChange>  $changes */
    private static function writeFields(array $changes, Person $owner, PayPremiums $premiums): void
    {
        $changes = array_filter($changes, static fn (CellChange $change): bool => ! $change->isClearing() && ($change->fields->change() || $change->fields->changePay()));
        if ($changes === []) {
            return;
        }
        $days = array_values(array_unique(array_map(static fn (CellChange $change): string => $change->input->day->toString(), $changes)));
        $ids = [];
        foreach (Entry::query()->where('person_id', $owner->id)->whereIn('date', $days)->whereNull('corrects')->get(['id', 'task_id', 'role_id', 'date']) as $entry) {
            $ids[LineKey::cell($entry->task_id, $entry->role_id, $entry->date->toString())] = $entry->id;
        }
        [$values, $pay] = [[], []];
        foreach ($changes as $change) {
            $id = $ids[$change->input->cell()];
            $values[$id] = $change->fields->values;
            if ($change->fields->changePay()) {
                $pay[$id] = $change->fields->pay;
            }
        }
        OwnFieldValues::write(FieldSubject::Entry, $values);
        ChosenPay::write($pay, $premiums);
    }

    /** @param  array<int, CellChange>  $changes */
    private function followByTheClock(array $changes, StretchesOfCells $stretches): void
    {
        $cells = static fn (bool $cleared): array => array_values(array_map(
            static fn (CellChange $change): string => $change->input->cell(),
            array_filter($changes, static fn (CellChange $change): bool => $cleared ? $change->isClearing() : $change->before === null),
        ));
        $stretches->follow($cells(false), $cells(true));
    }

    private static function movedOn(?Entry $entry, Person $reader): string
    {
        return $entry === null
            ? Wording::refusal('cell.moved_on_empty')
            : Wording::refusal('cell.moved_on', ['hours' => Wording::hours($entry->minutes, $reader)]);
    }
}
