<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * What one unit of a currency is worth in the organisation's, from a day on.
 *
 * @property int $id
 * @property int $currency_id
 * @property Day $starts_on
 * @property string $rate  a decimal
 * @property-read Currency $currency
 */
final class ExchangeRate extends Model
{
    protected $table = 'exchange_rates';

    public $timestamps = false;

    protected $fillable = ['currency_id', 'starts_on', 'rate'];

    /** @return BelongsTo<Currency, $this> */
    public function currency(): BelongsTo
    {
        return $this->belongsTo(Currency::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_on' => AsDay::class];
    }
}
