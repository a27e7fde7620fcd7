<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A task that a person has pinned.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property int|null $role_id
 */
final class FavouriteTask extends Model
{
    protected $table = 'favourite_tasks';

    public $timestamps = false;

    protected $fillable = ['person_id', 'task_id', 'role_id'];
}
