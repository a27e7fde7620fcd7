<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A file that came with a request for work; it lies outside the web root and is never run.
 *
 * @property int $id
 * @property int $work_request_id
 * @property string $name
 * @property string $media_type  by its content
 * @property int $size
 * @property string $stored_as
 */
final class WorkRequestFile extends Model
{
    protected $table = 'work_request_files';

    public $timestamps = false;

    protected $fillable = ['work_request_id', 'name', 'media_type', 'size', 'stored_as'];

    public static function folder(): string
    {
        return storage_path('app/private/work-requests');
    }
}
