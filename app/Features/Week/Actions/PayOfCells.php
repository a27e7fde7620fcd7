<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Features\Week\Queries\RecordableTask;
use App\Models\Entry;
use App\Models\Person;
use App\Pay\ChosenPay;
use App\Pay\PayPremiums;
use App\Support\Language\Wording;
use DomainException;
use Moss\Core\Pay\PayKind;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\Minutes;

/** What cells that are about to be saved are asked to be paid as. No query where the organisation has neither pay rules nor premiums. */
final readonly class PayOfCells
{
    /** @param  array<int, array<string, int>>  $held  minutes by entry, then by kind or premium */
    private function __construct(private Person $owner, private array $held, public PayPremiums $premiums)
    {
    }

    /**
     * @param  list<CellInput>  $inputs
     * @param  array<int, RecordableTask>  $tasks  by id
     * @param  list<Entry>  $entries  that are in these cells
     */
    public static function load(Person $owner, array $inputs, array $tasks, array $entries): self
    {
        $hasPay = array_filter($tasks, static fn (RecordableTask $task): bool => $task->hasKindsOfPay) !== [];
        $asksPay = array_filter($inputs, static fn (CellInput $input): bool => ($input->pay ?? []) !== []) !== [];

        return new self(
            $owner,
            $hasPay ? ChosenPay::of(array_map(static fn (Entry $entry): int => $entry->id, $entries)) : [],
            $asksPay ? PayPremiums::withUsers() : PayPremiums::none(),
        );
    }

    /** @return array<string, int> minutes by kind or premium */
    public function heldBy(?Entry $entry): array
    {
        return $entry === null ? [] : $this->held[$entry->id] ?? [];
    }

    /**
     * What a cell is to hold, as far as its input says; else what it holds.
     *
     * @param  Minutes  $minutes  of the cell, as they will be
     * @return array<string, int>
     *
     * @throws DomainException with a sentence that says what cannot be
     */
    public function of(CellInput $input, ?Entry $entry, Minutes $minutes): array
    {
        $held = $this->heldBy($entry);
        $chosen = $held;
        foreach ($input->pay ?? [] as $key => $typed) {
            unset($chosen[$key]);
            if ($typed !== '') {
                $chosen[$key] = is_int($typed) ? $typed : HoursText::onDay($typed)->toInt();
                $this->mustBeOpenTo($key, $chosen[$key] === ($held[$key] ?? null));
            }
        }
        if ($chosen !== $held && array_sum($chosen) > $minutes->toInt() && ! $minutes->isZero()) {
            throw new DomainException(Wording::of('pay.more_than_entered', ['hours' => Wording::hours($minutes, $this->owner)]));
        }
        ksort($chosen);

        return $chosen;
    }

    private function mustBeOpenTo(string $key, bool $isHeld): void
    {
        $premium = $this->premiums->named($key);
        if (! $isHeld && ($premium === null ? ! PayKind::ofKey($key)->isMovable() : ! $premium->mayBeUsedBy($this->owner))) {
            throw new DomainException(Wording::of('pay.not_open', ['kind' => $premium->name ?? $key]));
        }
    }
}
