<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMinutes;
use App\Models\Casts\AsMoney;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * An entry in a billing file, as it was then.
 *
 * @property int $id
 * @property int $billing_file_id
 * @property BillingKind $kind
 * @property int $entry_id
 * @property string $pay_kind  what it is paid as, in payroll
 * @property bool $is_correction  of a day before the period, or beside time that was settled
 * @property Minutes $minutes
 * @property string|null $rate  of an hour; null where it is not known, or nobody is billed
 * @property Money|null $amount_cents
 * @property-read Entry $entry
 */
final class BillingLine extends Model
{
    protected $table = 'billing_lines';

    public $timestamps = false;

    protected $fillable = ['billing_file_id', 'kind', 'entry_id', 'pay_kind', 'is_correction', 'minutes', 'rate', 'amount_cents'];

    /** @return BelongsTo<BillingFile, $this> */
    public function file(): BelongsTo
    {
        return $this->belongsTo(BillingFile::class, 'billing_file_id');
    }

    /** @return BelongsTo<Entry, $this> */
    public function entry(): BelongsTo
    {
        return $this->belongsTo(Entry::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => BillingKind::class, 'is_correction' => 'boolean', 'minutes' => AsMinutes::class, 'amount_cents' => AsMoney::class];
    }
}
