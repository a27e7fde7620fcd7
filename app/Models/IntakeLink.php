<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * An address at which a client requests work without signing in.
 *
 * @property int $id
 * @property int $client_id
 * @property int $created_by_id
 * @property Day $ends_on  the last day on which it works
 * @property string|null $revoked_at
 * @property-read Client $client
 */
final class IntakeLink extends Model
{
    protected $table = 'intake_links';

    public $timestamps = false;

    protected $fillable = ['client_id', 'created_by_id', 'ends_on', 'revoked_at'];

    public function works(Day $today): bool
    {
        return $this->revoked_at === null && ! $today->isAfter($this->ends_on);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ends_on' => AsDay::class];
    }
}
