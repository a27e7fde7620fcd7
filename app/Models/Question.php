<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the office asks with every week that begins in a stretch of days.
 *
 * @property int $id
 * @property string $wording
 * @property QuestionKind $kind
 * @property list<string> $choices
 * @property bool $required
 * @property string $starts_on
 * @property string|null $ends_on
 */
final class Question extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => QuestionKind::class,
            'choices' => 'array',
            'required' => 'boolean',
        ];
    }
}
