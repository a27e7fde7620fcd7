<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

/** What an entry has beside hours and notes: own fields, a charge code, and what it is asked to be paid as. */
final readonly class CellFields
{
    /**
     * @param  array<string, string>  $held  what its own fields hold, by their codes
     * @param  array<int, string>  $values  what fields are to hold, by their ids; only those that change, empty to clear
     * @param  array<string, string>  $byCode  the same by their codes
     * @param  string|null  $chargeCode  that it is to have; null for that of its task
     * @param  array<string, int>  $heldPay  minutes that were chosen, by kind of pay or premium
     * @param  array<string, int>  $pay  minutes that are to be
     */
    public function __construct(public array $held, public array $values, private array $byCode, public ?string $chargeCode, public array $heldPay, public array $pay)
    {
    }

    /** Whether an own field is to hold something else. */
    public function change(): bool
    {
        return $this->values !== [];
    }

    /** Whether it is to be paid as something else. */
    public function changePay(): bool
    {
        return $this->pay != $this->heldPay;
    }

    /** @return array<string, string> what its own fields will hold, by their codes */
    public function after(): array
    {
        return array_filter([...$this->held, ...$this->byCode], static fn (string $value): bool => $value !== '');
    }
}
