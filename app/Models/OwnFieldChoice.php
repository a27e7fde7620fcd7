<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One of the choices of an own field.
 *
 * @property int $id
 * @property int $own_field_id
 * @property string $code
 * @property string $name
 * @property int $position
 * @property bool $is_retired
 */
final class OwnFieldChoice extends Model
{
    protected $table = 'own_field_choices';

    public $timestamps = false;

    protected $fillable = ['own_field_id', 'code', 'name', 'position', 'is_retired'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_retired' => 'boolean'];
    }
}
