<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Moss\Core\Calendar\Day;

/**
 * What the office asks with every week that begins in a stretch of days.
 *
 * @property int $id
 * @property string $wording
 * @property QuestionKind $kind
 * @property list<string> $choices
 * @property bool $required
 * @property Day $starts_on
 * @property Day|null $ends_on
 */
final class Question extends Model
{
    protected $table = 'questions';

    public $timestamps = false;

    protected $fillable = [
        'wording',
        'kind',
        'choices',
        'required',
        'starts_on',
        'ends_on',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => QuestionKind::class,
            'choices' => 'array',
            'required' => 'boolean',
            'starts_on' => AsDay::class,
            'ends_on' => AsDay::class,
        ];
    }
}
