<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What an entry was before a decision, so that the decision can be undone. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $decision_id
 * @property int $entry_id
 * @property int $version
 * @property int $approvals_before
 * @property int|null $approver_before_id
 * @property int|null $decided_before_id
 * @property-read Decision $decision
 * @property-read Entry $entry
 * @property-read Person|null $approverBefore
 * @property-read Person|null $decidedBefore
 */
final class DecidedEntry extends Model
{
    protected $table = 'decided_entries';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = [
        'decision_id',
        'entry_id',
        'version',
        'approvals_before',
        'approver_before_id',
        'decided_before_id',
    ];

    /** @return BelongsTo<Decision, $this> */
    public function decision(): BelongsTo
    {
        return $this->belongsTo(Decision::class);
    }

    /** @return BelongsTo<Entry, $this> */
    public function entry(): BelongsTo
    {
        return $this->belongsTo(Entry::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function approverBefore(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function decidedBefore(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
