<?php

declare(strict_types=1);

namespace App\Models;

use Moss\Core\Pay\PayKind;

/**
 * Minutes of an entry that whoever recorded it asked to be of a kind.
 *
 * @property int $id
 * @property int $entry_id
 * @property PayKind $kind
 * @property int|null $pay_premium_id
 * @property int $minutes  0 for none of the kind; below 0 of a correction
 */
final class EntryPayChoice extends Model
{
    protected $table = 'entry_pay_choices';

    public $timestamps = false;

    protected $fillable = ['entry_id', 'kind', 'pay_premium_id', 'minutes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PayKind::class];
    }
}
