<?php

declare(strict_types=1);

namespace Tests\App;

use App\Exchange\ImportReport;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * What imports left in an empty database. Most tests begin with the files that many others begin with: a process reads and checks
 * them once, and then writes the rows that came of it.
 */
final class KeptImports
{
    /** @var array<string, ImportReport> by what was imported on which day */
    private static array $reports = [];

    /** @var array<string, string> statements, by what was imported on which day */
    private static array $statements = [];

    /** @var array<string, list<array<array-key, mixed>>>|null rows by table, of a database without anything */
    private static ?array $empty = null;

    /**
     * @param  array<string, string>  $files  contents by file name
     * @param  string  $moment  when it is, as far as the import can tell
     * @param  callable(): ImportReport  $import
     */
    public static function take(array $files, string $moment, callable $import): ImportReport
    {
        $key = hash('xxh128', $moment."\0".serialize($files));
        if (! isset(self::$reports[$key])) {
            self::$empty ??= self::rows();
            $report = $import();
            self::$statements[$key] = self::statements(self::$empty, self::rows());
            self::$reports[$key] = $report;

            return $report;
        }
        DB::statement('PRAGMA defer_foreign_keys = ON');
        DB::unprepared(self::$statements[$key]);

        return self::$reports[$key];
    }

    /** @return array<string, list<array<array-key, mixed>>> by table */
    private static function rows(): array
    {
        $rows = [];
        foreach (DB::table('sqlite_schema')->where('type', 'table')->where('name', '<>', 'migrations')->whereLike('name', 'sqlite_%', not: true)->pluck('name') as $table) {
            if (is_string($table)) {
                $rows[$table] = array_values(DB::table($table)->get()->map(static fn (object $row): array => (array) $row)->all());
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, list<array<array-key, mixed>>>  $before  rows by table
     * @param  array<string, list<array<array-key, mixed>>>  $after  rows by table
     */
    private static function statements(array $before, array $after): string
    {
        $statements = [];
        foreach ($after as $table => $rows) {
            if ($rows === $before[$table]) {
                continue;
            }
            $statements[] = 'delete from "'.$table.'"';
            if ($rows === []) {
                continue;
            }
            $columns = implode(', ', array_map(static fn (int|string $column): string => '"'.$column.'"', array_keys($rows[0])));
            $values = implode(', ', array_map(static fn (array $row): string => '('.implode(', ', array_map(self::literal(...), $row)).')', $rows));
            $statements[] = 'insert into "'.$table.'" ('.$columns.') values '.$values;
        }

        return implode(";\n", $statements);
    }

    private static function literal(mixed $value): string
    {
        return match (true) {
            $value === null => 'null',
            is_int($value) => (string) $value,
            is_string($value) && mb_check_encoding($value, 'UTF-8') && ! str_contains($value, "\0") => "'".str_replace("'", "''", $value)."'",
            default => throw new LogicException('No column of an imported row holds '.get_debug_type($value).' that is no text.'),
        };
    }
}
