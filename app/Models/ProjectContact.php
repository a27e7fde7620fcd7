<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Whom to speak to at the client of a project.
 *
 * @property int $project_id
 * @property int $client_contact_id
 */
final class ProjectContact extends Model
{
    protected $table = 'project_contacts';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'project_id';

    protected $fillable = ['project_id', 'client_contact_id'];
}
