<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\ChargeCodes\ChargeCodeText;
use App\ChargeCodes\Compositions;
use App\Features\Week\Queries\ChosenChargeCodes;
use App\Features\Week\Queries\RecordableTask;
use App\Models\Entry;
use App\Models\Person;
use App\OwnFields\OwnFieldList;
use App\OwnFields\OwnFieldValues;
use App\OwnFields\SaveOwnFields;
use App\Pay\PayPremiums;
use App\Support\Language\Wording;
use DomainException;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnFieldRefused;
use Moss\Core\Time\Minutes;

/** Own fields, charge codes and choices of pay of cells that are about to be saved. No query where the organisation has none of them. */
final readonly class FieldsOfCells
{
    /**
     * @param  array<int, array<string, string>>  $held  by entry, then by field
     * @param  array<string, string>  $chosen  charge codes that the owner chose, by line
     */
    private function __construct(private ?OwnFieldList $fields, private array $held, private Compositions $compositions, private array $chosen, private PayOfCells $pay)
    {
    }

    /**
     * @param  list<CellInput>  $inputs
     * @param  array<int, RecordableTask>  $tasks  by id
     * @param  list<Entry>  $entries  that are in these cells
     */
    public static function load(Person $owner, array $inputs, array $tasks, array $entries): self
    {
        $hasFields = array_filter($tasks, static fn (RecordableTask $task): bool => $task->hasOwnFields) !== [];
        $asksFields = $hasFields && array_filter($inputs, static fn (CellInput $input): bool => $input->fields !== null) !== [];
        $composing = array_filter($tasks, static fn (RecordableTask $task): bool => $task->composesChargeCodes);
        $clients = array_values(array_unique(array_map(static fn (RecordableTask $task): int => $task->clientId ?? 0, $composing)));

        return new self(
            $asksFields ? OwnFieldList::of(FieldSubject::Entry) : null,
            $hasFields ? OwnFieldValues::of(FieldSubject::Entry, array_map(static fn (Entry $entry): int => $entry->id, $entries)) : [],
            Compositions::of(array_filter($inputs, static fn (CellInput $input): bool => $input->chargeCode !== null) === [] ? [] : $clients),
            ChosenChargeCodes::of($owner, array_keys($composing)),
            PayOfCells::load($owner, $inputs, $tasks, $entries),
        );
    }

    /**
     * What a cell is to have, as far as its input says; else what it has, or what was chosen for its line.
     *
     * @throws DomainException with a sentence that says what cannot be
     */
    public function of(CellInput $input, ?RecordableTask $task, ?Entry $entry, Minutes $minutes): CellFields
    {
        $held = $this->heldBy($entry);
        [$values, $byCode] = [[], []];
        $asked = $this->fields?->asked($input->day, $task?->ownerTeam, $task?->client);
        foreach ($input->fields ?? [] as $code => $text) {
            $field = $asked?->named($code);
            $id = $asked?->idOf($code);
            if ($field === null || $id === null) {
                if (trim($text) !== '' && $text !== ($held[$code] ?? '')) {
                    throw new DomainException(Wording::of('own_fields.unknown', ['field' => $code]));
                }

                continue;
            }
            try {
                $value = $field->read($text, $held[$code] ?? '');
            } catch (OwnFieldRefused $refused) {
                throw new DomainException(SaveOwnFields::expected($refused));
            }
            if ($value !== ($held[$code] ?? '')) {
                [$values[$id], $byCode[$code]] = [$value, $value];
            }
        }

        return new CellFields($held, $values, $byCode, $this->chargeCode($input, $task, $entry), $this->pay->heldBy($entry), $this->pay->of($input, $entry, $minutes));
    }

    /** @return array<string, string> by the field's code */
    public function heldBy(?Entry $entry): array
    {
        return $entry === null ? [] : $this->held[$entry->id] ?? [];
    }

    /** What a cell holds that is not to change. */
    public function heldFields(?Entry $entry): CellFields
    {
        $pay = $this->pay->heldBy($entry);

        return new CellFields($this->heldBy($entry), [], [], $entry?->charge_code, $pay, $pay);
    }

    public function premiums(): PayPremiums
    {
        return $this->pay->premiums;
    }

    /** @throws DomainException */
    private function chargeCode(CellInput $input, ?RecordableTask $task, ?Entry $entry): ?string
    {
        if ($input->chargeCode === null) {
            return $entry === null ? $this->chosen[$input->line()] ?? null : $entry->charge_code;
        }
        $chargeCode = trim($input->chargeCode);
        if ($chargeCode === '' || $chargeCode === $entry?->charge_code) {
            return $chargeCode === '' ? null : $chargeCode;
        }
        $composition = $this->compositions->ofClient($task?->clientId);
        if ($composition === null || $task?->clientName === null) {
            throw new DomainException($task?->clientName === null ? Wording::of('own_fields.charge_code.no_client') : Wording::of('own_fields.charge_code.none', ['client' => $task->clientName]));
        }
        $checked = ChargeCodeText::checked($composition, $task->clientName, $chargeCode);

        return $checked === $task->chargeCode ? null : $checked;
    }
}
