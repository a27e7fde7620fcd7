<?php

declare(strict_types=1);

namespace App\Features\Operations\Actions;

use App\Features\Operations\BackupManifest;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;
use SQLite3;

/**
 * Copies the database as it is at one moment, while people work on: writers do not wait, and nothing is half in the copy.
 * Beside it go a manifest of what has to be found in it, and the files that it refers to.
 */
final readonly class BackUpDatabase
{
    private const MODE = 0o600;

    public function __construct(private Today $today, private BackUpFiles $files)
    {
    }

    /**
     * @param  int  $kept  so many backups stay in the folder, the newest
     * @return array{string, list<string>} the path of the copy, and those of files that it refers to and that are missing
     */
    public function handle(string $folder, int $kept): array
    {
        File::ensureDirectoryExists($folder, 0o700);
        $path = $folder.'/moss-week-'.$this->today->instant()->format('Ymd\THis\Z').'.sqlite';
        $unfinished = $path.'.unfinished';
        $this->copy(DB::connection()->getDatabaseName(), $unfinished);
        $manifest = BackupManifest::describe($unfinished, $this->today->instant());
        File::put($path.'.json', $manifest->json());
        chmod($path.'.json', self::MODE);
        $missing = $this->files->handle($unfinished, $path);
        // A copy counts once it is whole and described, and its files are there.
        File::move($unfinished, $path);
        self::removeOld($folder, $kept);
        BackUpFiles::removeOld($folder);

        return [$path, $missing];
    }

    private function copy(string $from, string $to): void
    {
        File::delete($to);
        touch($to);
        chmod($to, self::MODE);
        $source = new SQLite3($from, SQLITE3_OPEN_READWRITE);
        $copy = new SQLite3($to, SQLITE3_OPEN_READWRITE);
        if (! $source->backup($copy)) {
            throw new RuntimeException('The database could not be copied: '.$source->lastErrorMsg());
        }
        // A copy is one file; it writes ahead again once it is in use.
        $copy->exec('PRAGMA journal_mode = delete');
        $copy->close();
        $source->close();
    }

    private static function removeOld(string $folder, int $kept): void
    {
        $all = glob($folder.'/moss-week-*.sqlite') ?: [];
        rsort($all);
        foreach (array_slice($all, max(1, $kept)) as $old) {
            File::delete([$old, $old.'.json', $old.'.files']);
        }
    }
}
