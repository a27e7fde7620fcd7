<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMoney;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;

/**
 * What people were paid back, or a client was charged, in one go.
 *
 * @property int $id
 * @property ExpenseStatementKind $kind
 * @property int|null $client_id
 * @property Day $starts_on  of the first expense
 * @property Day $ends_on
 * @property int $made_by_id
 * @property string $made_at
 * @property int $expenses
 * @property Money $amount_cents
 * @property-read Client|null $client
 * @property-read Person $madeBy
 */
final class ExpenseStatement extends Model
{
    protected $table = 'expense_statements';

    public $timestamps = false;

    protected $fillable = ['kind', 'client_id', 'starts_on', 'ends_on', 'made_by_id', 'made_at', 'expenses', 'amount_cents'];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function madeBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ExpenseStatementKind::class, 'starts_on' => AsDay::class, 'ends_on' => AsDay::class, 'amount_cents' => AsMoney::class];
    }
}
