<?php

declare(strict_types=1);

return [
    // Where backups go; without one there are none, and /up does not look for any.
    'backup_folder' => env('MOSS_BACKUP_FOLDER') ?: null,

    // So many stay there, the newest.
    'backups_kept' => (int) env('MOSS_BACKUPS_KEPT', 14),

    // With less space left the disk is not well.
    'least_free_megabytes' => (int) env('MOSS_LEAST_FREE_MEGABYTES', 512),
];
