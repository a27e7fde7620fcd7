<?php

declare(strict_types=1);

namespace App\Features\Operations\Console;

use App\Features\Operations\Actions\BackUpDatabase;
use App\Support\Console\ReadsOptions;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

final class BackupCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:backup
        {folder? : folder to write to; MOSS_BACKUP_FOLDER by default}';

    protected $description = 'Copy the database while people work on, and the files that it refers to, with a manifest of what is in the copy';

    protected $help = <<<'HELP'
        Prints the path of the copy. The folder keeps the newest MOSS_BACKUPS_KEPT.
        Examples:
          php artisan moss:backup
          php artisan moss:backup /mnt/backups
        HELP;

    public function handle(BackUpDatabase $backUp): int
    {
        $folder = $this->argumentText('folder');
        $configured = config('operations.backup_folder');
        $folder = $folder === '' && is_string($configured) ? $configured : $folder;
        if ($folder === '') {
            $this->complain(Wording::of('commands.no_backup_folder'));

            return self::FAILURE;
        }
        [$path, $missing] = $backUp->handle($folder, config()->integer('operations.backups_kept'));
        if ($missing !== []) {
            $this->complain(Wording::of('commands.files_missing', ['count' => count($missing), 'first' => $missing[0]]));
        }
        $this->line($path);

        return self::SUCCESS;
    }
}
