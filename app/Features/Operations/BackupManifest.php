<?php

declare(strict_types=1);

namespace App\Features\Operations;

use DateTimeImmutable;
use JsonException;
use RuntimeException;
use SQLite3;

/** What a backup holds, written when it was made and compared when it is restored. */
final readonly class BackupManifest
{
    /** @param  array<string, int>  $rows  by table */
    private function __construct(
        public string $at,
        public int $bytes,
        public string $hash,
        public string $key,
        public int $auditLines,
        public string $auditHash,
        public string $schema,
        public array $rows,
    ) {
    }

    /** Of a database file that nobody writes to. */
    public static function describe(string $file, DateTimeImmutable $at): self
    {
        $database = new SQLite3($file, SQLITE3_OPEN_READONLY);
        $rows = [];
        foreach (self::column($database, "SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name") as $table) {
            $rows[$table] = (int) $database->querySingle('SELECT count(*) FROM "'.SQLite3::escapeString($table).'"');
        }
        $head = $database->querySingle('SELECT lines, hash FROM audit_trail_heads', true);
        $migrations = self::column($database, 'SELECT migration FROM migrations ORDER BY id');
        $database->close();

        return new self(
            $at->format('Y-m-d\TH:i:s\Z'),
            (int) filesize($file),
            (string) hash_file('sha256', $file),
            self::keyPrint(),
            is_array($head) && is_int($head['lines'] ?? null) ? $head['lines'] : 0,
            is_array($head) && is_string($head['hash'] ?? null) ? $head['hash'] : '',
            $migrations === [] ? '' : $migrations[count($migrations) - 1],
            $rows,
        );
    }

    /** Tells one key of the application from another without giving it away; what is encrypted in a backup can be read with its own key only. */
    public static function keyPrint(): string
    {
        return substr(hash_hmac('sha256', 'which key is it', config()->string('app.key')), 0, 16);
    }

    public static function read(string $file): self
    {
        try {
            $stored = json_decode(is_file($file) ? (string) file_get_contents($file) : '', true, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw new RuntimeException("$file is not a manifest.", 0, $fault);
        }
        $text = static fn (string $name): string => is_array($stored) && is_string($stored[$name] ?? null) ? $stored[$name] : throw new RuntimeException("$file does not say its $name.");
        $number = static fn (string $name): int => is_array($stored) && is_int($stored[$name] ?? null) ? $stored[$name] : throw new RuntimeException("$file does not say its $name.");
        $rows = [];
        foreach (is_array($stored) && is_array($stored['rows'] ?? null) ? $stored['rows'] : [] as $table => $count) {
            $rows[(string) $table] = is_int($count) ? $count : -1;
        }

        return new self($text('at'), $number('bytes'), $text('hash'), $text('key'), $number('auditLines'), $text('auditHash'), $text('schema'), $rows);
    }

    public function json(): string
    {
        return json_encode(get_object_vars($this), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @return list<string> */
    private static function column(SQLite3 $database, string $query): array
    {
        $values = [];
        $found = $database->query($query);
        while ($found !== false && is_array($row = $found->fetchArray(SQLITE3_NUM))) {
            $values[] = is_string($row[0]) ? $row[0] : '';
        }

        return $values;
    }
}
