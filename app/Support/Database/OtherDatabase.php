<?php

declare(strict_types=1);

namespace App\Support\Database;

use App\Support\Console\OptionRefused;
use Illuminate\Support\Facades\DB;

/** Points the application at another database file, such as a backup that a command is to check. */
final class OtherDatabase
{
    private const HEADER = "SQLite format 3\0";

    /**
     * @param  string|null  $path  null leaves the application at its own
     *
     * @throws OptionRefused if there is no database file
     */
    public static function open(?string $path): void
    {
        if ($path === null) {
            return;
        }
        if (! is_file($path) || (string) file_get_contents($path, length: strlen(self::HEADER)) !== self::HEADER) {
            throw OptionRefused::because('no_database', ['path' => $path]);
        }
        // A copy stays as it was made: it is not turned into one with a write-ahead log.
        config(['database.connections.sqlite.database' => realpath($path), 'database.connections.sqlite.journal_mode' => null]);
        DB::purge('sqlite');
        if (! DB::getSchemaBuilder()->hasTable('organisations')) {
            throw OptionRefused::because('no_database', ['path' => $path]);
        }
    }
}
