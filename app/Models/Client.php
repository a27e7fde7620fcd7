<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Planning\ChargeCodeScheme;

/**
 * Whom projects are for.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property bool $is_retired
 * @property string|null $charge_code_scheme  how charge codes of its tasks are made up
 * @property string|null $charge_code_separator  what stands between the parts of composed ones
 */
final class Client extends Model
{
    protected $table = 'clients';

    public $timestamps = false;

    protected $fillable = ['code', 'name', 'is_retired', 'charge_code_scheme', 'charge_code_separator'];

    public function chargeCodeScheme(): ?ChargeCodeScheme
    {
        return $this->charge_code_scheme === null ? null : ChargeCodeScheme::of($this->charge_code_scheme);
    }

    /** @return HasMany<ClientContact, $this> */
    public function contacts(): HasMany
    {
        return $this->hasMany(ClientContact::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_retired' => 'boolean'];
    }
}
