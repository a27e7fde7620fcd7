<?php

declare(strict_types=1);

namespace App\Support\Database;

use PDO;

/**
 * A PDO whose transactions take SQLite's write lock at once.
 *
 * PDO begins DEFERRED transactions; one that reads first and writes later fails at once with "database is locked" when
 * another process has written in between, whatever the busy timeout. An IMMEDIATE one waits its turn instead.
 */
final class ImmediatePdo extends PDO
{
    private bool $active = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE TRANSACTION');

        return $this->active = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->active = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->active = false;
        $this->exec('ROLLBACK');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->active;
    }
}
