<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * What a client's system has of somebody on a day, as it was last read.
 *
 * @property int $id
 * @property int $client_system_person_id
 * @property Day $date
 * @property string $charge_code
 * @property string $pay_kind  empty where it does not tell kinds of pay apart
 * @property int $minutes
 */
final class ClientSystemDay extends Model
{
    protected $table = 'client_system_days';

    public $timestamps = false;

    protected $fillable = ['client_system_person_id', 'date', 'charge_code', 'pay_kind', 'minutes'];

    /** @return BelongsTo<ClientSystemPerson, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(ClientSystemPerson::class, 'client_system_person_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['date' => AsDay::class, 'minutes' => 'integer'];
    }
}
