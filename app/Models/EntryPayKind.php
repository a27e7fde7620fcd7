<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Moss\Core\Pay\PayKind;

/**
 * What an entry was paid as when it was approved.
 *
 * @property int $id
 * @property int $entry_id
 * @property PayKind $kind
 * @property int $minutes
 */
final class EntryPayKind extends Model
{
    public $timestamps = false;

    protected $fillable = ['entry_id', 'kind', 'minutes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PayKind::class];
    }
}
