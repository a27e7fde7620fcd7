<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What somebody proposes in the place of approved or settled time.
 *
 * @property int $id
 * @property int|null $entry_id
 * @property int $person_id
 * @property int $task_id
 * @property int|null $role_id
 * @property string $date
 * @property int $proposed_by_id
 * @property string $proposed_at
 * @property int $minutes_before
 * @property int $minutes
 * @property string $reason
 * @property CorrectionState $state
 * @property int|null $approver_id
 * @property int|null $decided_by_id
 * @property string|null $decided_at
 * @property string $comment
 */
final class Correction extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => CorrectionState::class];
    }
}
