<?php

declare(strict_types=1);

namespace App\Features\Operations;

use RuntimeException;
use SQLite3;

/**
 * The files that a database refers to, each by its path below the folder of private files. Beside a backup they stand in a list, a line
 * for each: hash, size and path.
 */
final readonly class FileList
{
    /** Which tables name files: the folder, the column of the name, that of the size. */
    private const TABLES = ['receipts' => ['receipts', 'file', 'bytes'], 'work_request_files' => ['work-requests', 'stored_as', 'size']];

    /** @param  array<string, array{bytes: int, hash: string}>  $files  by path; the hash is SHA-256, empty while it is not known */
    private function __construct(public array $files)
    {
    }

    /** Of a database file that nobody writes to. */
    public static function ofDatabase(string $file): self
    {
        $database = new SQLite3($file, SQLITE3_OPEN_READONLY);
        $files = [];
        foreach (self::TABLES as $table => [$folder, $name, $bytes]) {
            $found = $database->querySingle("SELECT 1 FROM sqlite_schema WHERE type = 'table' AND name = '$table'") === 1 ? $database->query("SELECT $name, $bytes FROM $table") : false;
            while ($found !== false && is_array($row = $found->fetchArray(SQLITE3_NUM))) {
                if (is_string($row[0]) && is_int($row[1])) {
                    $files[$folder.'/'.$row[0]] = ['bytes' => $row[1], 'hash' => ''];
                }
            }
        }
        $database->close();

        return new self($files);
    }

    /** Beside a backup; empty where it has none, as those of earlier versions. */
    public static function beside(string $backup): self
    {
        $files = [];
        foreach (is_file($backup.'.files') ? file($backup.'.files', FILE_IGNORE_NEW_LINES) ?: [] : [] as $line) {
            if (preg_match('~^([0-9a-f]{64}) (\d{1,15}) ((?:receipts|work-requests)/[A-Za-z0-9][A-Za-z0-9._-]*)$~D', $line, $part) !== 1) {
                throw new RuntimeException("$backup.files is not a list of files.");
            }
            $files[$part[3]] = ['bytes' => (int) $part[2], 'hash' => $part[1]];
        }

        return new self($files);
    }

    /** @param  array<string, array{bytes: int, hash: string}>  $files */
    public static function of(array $files): self
    {
        return new self($files);
    }

    public function text(): string
    {
        $files = $this->files;
        ksort($files, SORT_STRING);
        $text = '';
        foreach ($files as $path => ['bytes' => $bytes, 'hash' => $hash]) {
            $text .= "$hash $bytes $path\n";
        }

        return $text;
    }

    /** @return list<string> paths of those that a folder does not hold as they were */
    public function changedIn(string $folder): array
    {
        $changed = [];
        foreach ($this->files as $path => ['bytes' => $bytes, 'hash' => $hash]) {
            if (! is_file("$folder/$path") || filesize("$folder/$path") !== $bytes || hash_file('sha256', "$folder/$path") !== $hash) {
                $changed[] = $path;
            }
        }

        return $changed;
    }
}
