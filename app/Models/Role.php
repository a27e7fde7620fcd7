<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a person does on a task; picks the rates.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property bool $is_retired
 */
final class Role extends Model
{
    protected $table = 'roles';

    public $timestamps = false;

    protected $fillable = ['code', 'name', 'is_retired'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_retired' => 'boolean'];
    }
}
