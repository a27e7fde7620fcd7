<?php

declare(strict_types=1);

namespace App\Features\Operations\Console;

use App\Features\Operations\Actions\BackUpFiles;
use App\Features\Operations\FileList;
use App\Support\Console\ReadsOptions;
use App\Support\Language\Wording;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

final class RestoreFilesCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:restore-files
        {file : path of a backup; its list of files lies beside it}';

    protected $description = 'Put back the files of a backup that are missing here';

    protected $help = <<<'HELP'
        Files that are here already stay, since they never change. bin/restore does this after the database.
        Example:
          php artisan moss:restore-files /var/backups/moss-week/moss-week-20260617T021500Z.sqlite
        HELP;

    public function handle(): int
    {
        $backup = $this->argumentText('file');
        $restored = 0;
        foreach (FileList::beside($backup)->files as $path => $file) {
            $place = storage_path("app/private/$path");
            if (! is_file($place)) {
                File::ensureDirectoryExists(dirname($place), 0o700);
                File::copy(BackUpFiles::beside($backup)."/$path", $place);
                chmod($place, 0o600);
                $restored++;
            }
        }
        $this->line(Wording::of('commands.files_restored', ['count' => $restored]));

        return self::SUCCESS;
    }
}
