<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that a person is told; the wording is made when it is read.
 *
 * @property int $id
 * @property int $person_id
 * @property MessageKind $kind
 * @property string $at
 * @property string $text_values  a JSON object of what the wording needs
 * @property string $link
 * @property string $about
 * @property bool $in_app
 * @property bool $by_mail
 * @property string|null $read_at
 * @property string|null $mailed_at
 * @property-read Person $person
 */
final class Message extends Model
{
    protected $table = 'messages';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'kind',
        'at',
        'text_values',
        'link',
        'about',
        'in_app',
        'by_mail',
        'read_at',
        'mailed_at',
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => MessageKind::class,
            'in_app' => 'boolean',
            'by_mail' => 'boolean',
        ];
    }
}
