<?php

declare(strict_types=1);

namespace App\Support\Database\Schema;

use Illuminate\Database\Schema\Blueprint;

/**
 * What migrations can say beyond Laravel's own words; the grammar of the engine decides what becomes of it.
 */
final class SchemaMacros
{
    public static function register(): void
    {
        // A condition that every row of a new table fulfils.
        Blueprint::macro('check', function (string $condition): void {
            $this->addCommand('check', ['condition' => $condition]);
        });
        // A new table that is stored in the order of its primary key, where the engine can do so.
        Blueprint::macro('clustered', function (): void {
            $this->addCommand('clustered');
        });
        // A unique index in which nulls are equal; a column of which that is said with what stands for null.
        Blueprint::macro('key', function (array $columns, string $index, ?string $where = null): void {
            $this->addCommand('key', ['columns' => $columns, 'index' => $index, 'where' => $where]);
        });
        // An index of some rows only.
        Blueprint::macro('partialIndex', function (array $columns, string $index, string $where): void {
            $this->addCommand('partialIndex', ['columns' => $columns, 'index' => $index, 'where' => $where]);
        });
        // Rows with certain values, or all, that can be neither changed nor deleted nor replaced by another of the same key;
        // where only some columns are kept, the others may change.
        Blueprint::macro('keepRows', function (string $rows, string $message, array $which = [], ?array $key = null, array $columns = []): void {
            $this->addCommand('keepRows', ['rows' => $rows, 'message' => $message, 'which' => $which, 'key' => $key, 'columns' => $columns]);
        });
        // Takes back what `keepRows` said.
        Blueprint::macro('releaseRows', function (string $rows): void {
            $this->addCommand('releaseRows', ['rows' => $rows]);
        });
    }
}
