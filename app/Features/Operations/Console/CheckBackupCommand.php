<?php

declare(strict_types=1);

namespace App\Features\Operations\Console;

use App\Features\Operations\Actions\BackUpFiles;
use App\Features\Operations\BackupManifest;
use App\Features\Operations\FileList;
use App\Features\Operations\Queries\CheckedBackup;
use App\Support\Console\ReadsOptions;
use App\Support\Language\Wording;
use Illuminate\Console\Command;
use RuntimeException;

final class CheckBackupCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:check-backup
        {file : path of a backup; its manifest lies beside it}
        {--files= : folder with the files that it refers to; `files` beside it by default}';

    protected $description = 'Check a backup: nothing changed since, integrity, number of rows, files, audit trail, totals; exit code 1 if anything is wrong';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:check-backup /var/backups/moss-week/moss-week-20260617T021500Z.sqlite
        HELP;

    public function handle(): int
    {
        $file = $this->argumentText('file');
        try {
            $manifest = is_file($file) ? BackupManifest::read($file.'.json') : throw new RuntimeException("There is no $file.");
        } catch (RuntimeException $fault) {
            $this->complain($fault->getMessage());

            return self::FAILURE;
        }
        $faults = CheckedBackup::faults($file, $manifest);
        foreach ($faults as $fault) {
            $this->complain(Wording::of("commands.$fault"));
        }
        $files = $this->text('files') ?? BackUpFiles::beside($file);
        $changed = FileList::beside($file)->changedIn($files);
        if ($changed !== []) {
            $this->complain(Wording::of('commands.backup_files', ['count' => count($changed), 'first' => $changed[0]]));
        }
        if ($faults !== [] || $changed !== []) {
            return self::FAILURE;
        }
        $this->line(Wording::of('commands.backup_whole', ['at' => $manifest->at, 'rows' => array_sum($manifest->rows), 'tables' => count($manifest->rows)]));

        return $this->call('moss:verify', ['database' => $file]);
    }
}
