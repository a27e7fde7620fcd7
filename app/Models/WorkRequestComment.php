<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A comment on a request for work.
 *
 * @property int $id
 * @property int $work_request_id
 * @property int|null $person_id  null for somebody at the client
 * @property string $text
 * @property string $commented_at
 * @property-read Person|null $person
 */
final class WorkRequestComment extends Model
{
    protected $table = 'work_request_comments';

    public $timestamps = false;

    protected $fillable = ['work_request_id', 'person_id', 'text', 'commented_at'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
