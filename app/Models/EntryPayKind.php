<?php

declare(strict_types=1);

namespace App\Models;

use Moss\Core\Pay\PayKind;

/**
 * What an entry was paid as when it was approved.
 *
 * @property int $id
 * @property int $entry_id
 * @property PayKind $kind
 * @property int|null $pay_premium_id
 * @property int $minutes
 * @property int $cost_percent  what a minute costs, of what a regular one costs
 */
final class EntryPayKind extends Model
{
    protected $table = 'entry_pay_kinds';

    public $timestamps = false;

    protected $fillable = ['entry_id', 'kind', 'pay_premium_id', 'minutes', 'cost_percent'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PayKind::class];
    }
}
