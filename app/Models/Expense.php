<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMoney;
use App\Models\Concerns\LiesOnDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Sheet\EntryState;

/**
 * What a person spent on a task on a day.
 *
 * @property int $id
 * @property string $code  by which files know it
 * @property int $person_id
 * @property int $task_id
 * @property int $expense_category_id
 * @property int|null $trip_id
 * @property Day $date
 * @property int|null $currency_id  null for the organisation's own
 * @property int $gross_minor  in minor units of the currency
 * @property int $tax_minor
 * @property string $exchange_rate  a decimal
 * @property Money $gross_cents  in the organisation's currency
 * @property Money $cost_cents  what the project bears of it
 * @property bool $charged  whether the client is charged
 * @property bool $own_money  whether the person paid
 * @property int|null $distance_tenths  tenths of a kilometre; null unless it is mileage
 * @property string|null $mileage_rate
 * @property string $from_place
 * @property string $to_place
 * @property string $note
 * @property string $client_note
 * @property string $explanation
 * @property EntryState $state
 * @property int|null $approver_id
 * @property int $approvals
 * @property int|null $last_decided_by_id
 * @property string|null $return_comment
 * @property int|null $recorded_by_id
 * @property int $version
 * @property bool $needs_attention
 * @property int|null $corrects_id
 * @property bool $reverses
 * @property bool $reimbursed  whether a statement has paid it back; like the next, it may still change once all else is settled
 * @property bool $billed  whether a statement has charged the client for it
 * @property-read int|null $receipts_count
 * @property-read self|null $corrected
 * @property-read Person $person
 * @property-read Task $task
 * @property-read Person|null $approver
 * @property-read ExpenseCategory $category
 * @property-read Currency|null $currency
 * @property-read Trip|null $trip
 * @property-read Collection<int, Receipt> $receipts
 * @property-read Collection<int, OwnFieldValue> $ownFieldValues
 */
final class Expense extends Model
{
    use LiesOnDay;

    protected $table = 'expenses';

    public $timestamps = false;

    protected $attributes = [
        'code' => null, 'trip_id' => null, 'currency_id' => null, 'tax_minor' => 0, 'exchange_rate' => '1', 'charged' => false, 'own_money' => true, 'distance_tenths' => null, 'mileage_rate' => null,
        'from_place' => '', 'to_place' => '', 'note' => '', 'client_note' => '', 'explanation' => '', 'state' => 'draft', 'approver_id' => null, 'approvals' => 0, 'last_decided_by_id' => null,
        'return_comment' => null, 'recorded_by_id' => null, 'version' => 1, 'needs_attention' => false, 'corrects_id' => null, 'reverses' => false, 'reimbursed' => false, 'billed' => false,
    ];

    protected $fillable = [
        'code', 'person_id', 'task_id', 'expense_category_id', 'trip_id', 'date', 'currency_id', 'gross_minor', 'tax_minor', 'exchange_rate', 'gross_cents', 'cost_cents', 'charged', 'own_money',
        'distance_tenths', 'mileage_rate', 'from_place', 'to_place', 'note', 'client_note', 'explanation', 'state', 'approver_id', 'approvals', 'last_decided_by_id', 'return_comment',
        'recorded_by_id', 'version', 'needs_attention', 'corrects_id', 'reverses', 'reimbursed', 'billed',
    ];

    protected static function booted(): void
    {
        self::creating(static function (self $expense): void {
            $expense->code ??= self::freeCode($expense->person()->firstOrFail()->code, $expense->date);
        });
    }

    /** Whose it is, its first day, and the next number: `ada-2026-06-15-2`. */
    private static function freeCode(string $person, Day $date): string
    {
        $stem = $person.'-'.$date->toString().'-';
        // What ends in digits lies before a colon, so that those of the day are found by their index.
        $last = self::query()->toBase()->whereBetween('code', [$stem.'0', $stem.':'])->count();
        do {
            $last++;
        } while (self::query()->where('code', $stem.$last)->exists());

        return $stem.$last;
    }

    /**
     * Those that count: approved and pending ones, but for pending corrections, of which what they correct counts until they are approved.
     *
     * @param  Builder<self>  $query
     */
    public function scopeCounting(Builder $query, bool $withPending = true): void
    {
        $query->where(static fn (Builder $counts) => $counts->whereIn('expenses.state', [EntryState::Approved, EntryState::Settled])
            ->when($withPending, static fn (Builder $pending) => $pending->orWhereNull('expenses.corrects_id')));
    }

    /** Whether `counting` finds it, with what is pending. */
    public function isCounting(): bool
    {
        return $this->state->isActual() || $this->corrects_id === null;
    }

    /** Another one of the same that nobody has seen yet: neither decided on, nor on a statement. */
    public function asAnother(): self
    {
        return $this->replicate(['code', 'version', 'approver_id', 'approvals', 'last_decided_by_id', 'return_comment', 'needs_attention', 'explanation', 'reimbursed', 'billed'])->fill(['version' => 1]);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function approver(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<self, $this> */
    public function corrected(): BelongsTo
    {
        return $this->belongsTo(self::class, 'corrects_id');
    }

    /** @return BelongsTo<ExpenseCategory, $this> */
    public function category(): BelongsTo
    {
        return $this->belongsTo(ExpenseCategory::class, 'expense_category_id');
    }

    /** @return BelongsTo<Currency, $this> */
    public function currency(): BelongsTo
    {
        return $this->belongsTo(Currency::class);
    }

    /** @return BelongsTo<Trip, $this> */
    public function trip(): BelongsTo
    {
        return $this->belongsTo(Trip::class);
    }

    /** @return HasMany<OwnFieldValue, $this> */
    public function ownFieldValues(): HasMany
    {
        return $this->hasMany(OwnFieldValue::class);
    }

    /** @return HasMany<Receipt, $this> */
    public function receipts(): HasMany
    {
        return $this->hasMany(Receipt::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'date' => AsDay::class, 'gross_cents' => AsMoney::class, 'cost_cents' => AsMoney::class, 'charged' => 'boolean', 'own_money' => 'boolean', 'state' => EntryState::class,
            'needs_attention' => 'boolean', 'reverses' => 'boolean', 'reimbursed' => 'boolean', 'billed' => 'boolean',
        ];
    }
}
