<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use App\Models\Casts\AsMoney;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * What was billed, or handed to payroll, in one go.
 *
 * @property int $id
 * @property BillingKind $kind
 * @property int|null $client_id  null for all
 * @property Day $starts_on
 * @property Day $ends_on
 * @property BillingState $state
 * @property int $made_by_id
 * @property string $made_at
 * @property Minutes $minutes
 * @property Money $amount_cents
 * @property Minutes $unrated_minutes  billed without a rate
 * @property-read Client|null $client
 * @property-read Person $madeBy
 */
final class BillingFile extends Model
{
    protected $table = 'billing_files';

    public $timestamps = false;

    protected $fillable = ['kind', 'client_id', 'starts_on', 'ends_on', 'state', 'made_by_id', 'made_at', 'minutes', 'amount_cents', 'unrated_minutes'];

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
        return ['kind' => BillingKind::class, 'state' => BillingState::class, 'starts_on' => AsDay::class, 'ends_on' => AsDay::class, 'minutes' => AsMinutes::class, 'unrated_minutes' => AsMinutes::class, 'amount_cents' => AsMoney::class];
    }
}
