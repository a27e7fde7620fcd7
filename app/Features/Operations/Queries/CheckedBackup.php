<?php

declare(strict_types=1);

namespace App\Features\Operations\Queries;

use App\Features\Operations\BackupManifest;
use DateTimeImmutable;
use Illuminate\Support\Facades\File;
use SQLite3;

/** Compares a backup with its manifest. Stored totals and the chain of the audit trail are checked by `moss:verify`. */
final class CheckedBackup
{
    /** @return list<string> what is wrong, as names of sentences with what they need; empty where nothing is */
    public static function faults(string $file, BackupManifest $manifest): array
    {
        if (filesize($file) !== $manifest->bytes || hash_file('sha256', $file) !== $manifest->hash) {
            return ['backup_changed'];
        }
        $found = BackupManifest::describe($file, new DateTimeImmutable($manifest->at));

        return array_values(array_filter([
            $manifest->key === BackupManifest::keyPrint() ? null : 'backup_key',
            self::isSound($file) ? null : 'backup_broken',
            $found->rows === $manifest->rows ? null : 'backup_rows',
            [$found->auditLines, $found->auditHash] === [$manifest->auditLines, $manifest->auditHash] ? null : 'backup_audit_trail',
            self::isKnown($manifest->schema) ? null : 'backup_newer',
        ]));
    }

    private static function isSound(string $file): bool
    {
        $database = new SQLite3($file, SQLITE3_OPEN_READONLY);
        $isSound = $database->querySingle('PRAGMA integrity_check') === 'ok' && $database->querySingle('PRAGMA foreign_key_check') === null;
        $database->close();

        return $isSound;
    }

    /** Whether this version of the application knows the schema; it brings older ones up to date. */
    private static function isKnown(string $migration): bool
    {
        return File::exists(database_path("migrations/$migration.php"));
    }
}
