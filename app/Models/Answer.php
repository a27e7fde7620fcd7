<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsWeek;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Week;

/**
 * What a person answers, with a week, to what the office asks.
 *
 * @property int $id
 * @property int $question_id
 * @property int $person_id
 * @property Week $week
 * @property string $answer
 * @property-read Question $question
 * @property-read Person $person
 */
final class Answer extends Model
{
    protected $table = 'answers';

    public $timestamps = false;

    protected $fillable = ['question_id', 'person_id', 'week', 'answer'];

    /** @return BelongsTo<Question, $this> */
    public function question(): BelongsTo
    {
        return $this->belongsTo(Question::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'week' => AsWeek::class,
        ];
    }
}
