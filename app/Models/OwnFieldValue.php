<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What an own field holds of one entry, task, project, person or expense.
 *
 * @property int $id
 * @property int $own_field_id
 * @property int|null $entry_id
 * @property int|null $task_id
 * @property int|null $project_id
 * @property int|null $person_id
 * @property int|null $expense_id
 * @property string $value
 * @property-read OwnField $ownField
 */
final class OwnFieldValue extends Model
{
    protected $table = 'own_field_values';

    public $timestamps = false;

    protected $fillable = ['own_field_id', 'entry_id', 'task_id', 'project_id', 'person_id', 'expense_id', 'value'];

    /** @return BelongsTo<OwnField, $this> */
    public function ownField(): BelongsTo
    {
        return $this->belongsTo(OwnField::class);
    }
}
