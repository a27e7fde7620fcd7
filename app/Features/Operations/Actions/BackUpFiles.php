<?php

declare(strict_types=1);

namespace App\Features\Operations\Actions;

use App\Features\Operations\FileList;
use Illuminate\Support\Facades\File;

/**
 * Copies the files that a backup of the database refers to. Files never change, so those of all backups lie in one folder beside them,
 * each once; what no backup refers to any more goes.
 */
final class BackUpFiles
{
    private const MODE = 0o600;

    /**
     * @param  string  $database  the copy that is being made
     * @param  string  $backup  what it will be called
     * @return list<string> paths of files that are missing, or not as the database says
     */
    public function handle(string $database, string $backup): array
    {
        $folder = self::beside($backup);
        $known = [];
        foreach (glob(dirname($backup).'/moss-week-*.sqlite') ?: [] as $earlier) {
            $known += FileList::beside($earlier)->files;
        }
        $copied = [];
        $missing = [];
        foreach (FileList::ofDatabase($database)->files as $path => ['bytes' => $bytes]) {
            $hash = ($known[$path]['bytes'] ?? -1) === $bytes && is_file("$folder/$path") ? $known[$path]['hash'] : self::copy(storage_path("app/private/$path"), "$folder/$path", $bytes);
            if ($hash === null) {
                $missing[] = $path;
            } else {
                $copied[$path] = ['bytes' => $bytes, 'hash' => $hash];
            }
        }
        File::put($backup.'.files', FileList::of($copied)->text());
        chmod($backup.'.files', self::MODE);

        return $missing;
    }

    public static function beside(string $backup): string
    {
        return dirname($backup).'/files';
    }

    /** Removes what none of the backups in a folder refers to. */
    public static function removeOld(string $folder): void
    {
        $kept = [];
        foreach (glob($folder.'/moss-week-*.sqlite') ?: [] as $backup) {
            $kept += FileList::beside($backup)->files;
        }
        foreach (is_dir("$folder/files") ? File::allFiles("$folder/files") : [] as $file) {
            if (! isset($kept[$file->getRelativePathname()])) {
                File::delete($file->getPathname());
            }
        }
    }

    /** @return string|null the hash of what was copied */
    private static function copy(string $from, string $to, int $bytes): ?string
    {
        if (! is_file($from) || filesize($from) !== $bytes) {
            return null;
        }
        File::ensureDirectoryExists(dirname($to), 0o700);
        // What is half copied does not count.
        File::copy($from, $to.'.unfinished');
        chmod($to.'.unfinished', self::MODE);
        File::move($to.'.unfinished', $to);

        return hash_file('sha256', $to) ?: null;
    }
}
