<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A file that comes in pieces. Its id is random and known only to who sends it.
 *
 * @property string $id
 * @property int|null $person_id  null where somebody sends it who is not signed in
 * @property string $name
 * @property int $size  bytes in all
 * @property int $received  bytes that are there
 * @property string $begun_at
 */
final class Upload extends Model
{
    protected $table = 'uploads';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['person_id', 'name', 'size', 'received', 'begun_at'];

    /** Where its bytes lie. */
    public function path(): string
    {
        return storage_path('app/private/uploads/'.$this->id);
    }

    public function isComplete(): bool
    {
        return $this->received === $this->size;
    }
}
