<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Time\Minutes;

/**
 * One act of deciding on submitted entries; nobody acted where time approved itself.
 *
 * @property int $id
 * @property string $at
 * @property int|null $actor_id
 * @property string $decision
 * @property string $comment
 * @property int $entries
 * @property Minutes $minutes
 * @property string|null $undone_at
 * @property-read Person|null $actor
 */
final class Decision extends Model
{
    protected $table = 'decisions';

    public $timestamps = false;

    protected $fillable = [
        'at',
        'actor_id',
        'decision',
        'comment',
        'entries',
        'minutes',
        'undone_at',
    ];

    /** @return BelongsTo<Person, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'minutes' => AsMinutes::class,
        ];
    }
}
