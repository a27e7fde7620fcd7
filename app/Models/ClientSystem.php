<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Calendar\Day;

/**
 * Where a client has the same hours entered in a system of its own, and how its export is read.
 *
 * @property int $id
 * @property int $client_id
 * @property string $name
 * @property Day $starts_on  from which on both must agree
 * @property string $person_by  `code`, `email` or `name`
 * @property string $person_heading
 * @property string $date_heading
 * @property string $hours_heading
 * @property string $charge_code_heading  empty where it does not tell charge codes apart
 * @property string $pay_kind_heading  empty where it does not tell kinds of pay apart
 * @property array<string, string> $pay_kind_names  what it calls kinds of pay, where not by our names
 * @property string|null $read_at
 * @property-read Client $client
 */
final class ClientSystem extends Model
{
    protected $table = 'client_systems';

    public $timestamps = false;

    protected $attributes = ['pay_kind_heading' => '', 'pay_kind_names' => '{}'];

    protected $fillable = ['client_id', 'name', 'starts_on', 'person_by', 'person_heading', 'date_heading', 'hours_heading', 'charge_code_heading', 'pay_kind_heading', 'pay_kind_names', 'read_at'];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<ClientSystemPerson, $this> */
    public function people(): HasMany
    {
        return $this->hasMany(ClientSystemPerson::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_on' => AsDay::class, 'pay_kind_names' => 'array'];
    }
}
