<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Expenses\Currency as CoreCurrency;

/**
 * A currency besides the organisation's own.
 *
 * @property int $id
 * @property string $code  three capital letters
 * @property int $places
 * @property int $step  the smallest coin, in minor units
 * @property-read Collection<int, ExchangeRate> $rates
 */
final class Currency extends Model
{
    protected $table = 'currencies';

    public $timestamps = false;

    protected $fillable = ['code', 'places', 'step'];

    /** @return HasMany<ExchangeRate, $this> */
    public function rates(): HasMany
    {
        return $this->hasMany(ExchangeRate::class);
    }

    public function currency(): CoreCurrency
    {
        return CoreCurrency::of($this->code, $this->places, $this->step);
    }
}
