<?php

declare(strict_types=1);

namespace App\Support\Database;

use PDO;
use PDOException;

/**
 * A PDO whose transactions take SQLite's write lock at once, each in its turn.
 *
 * PDO begins DEFERRED transactions; one that reads first and writes later fails at once with "database is locked" when
 * another process has written in between, whatever the busy timeout. An IMMEDIATE one waits its turn instead.
 */
final class ImmediatePdo extends PDO
{
    private const OF_FILE = 'sqlite:/';

    private bool $active = false;

    private readonly ?WriteQueue $queue;

    /** @param  array<int, mixed>|null  $options */
    public function __construct(string $dsn, ?string $username = null, ?string $password = null, ?array $options = null)
    {
        parent::__construct($dsn, $username, $password, $options);
        $this->queue = str_starts_with($dsn, self::OF_FILE) ? new WriteQueue(substr($dsn, strlen(self::OF_FILE) - 1)) : null;
    }

    public function beginTransaction(): bool
    {
        $this->queue?->enter();
        try {
            $this->exec('BEGIN IMMEDIATE TRANSACTION');
        } catch (PDOException $refused) {
            $this->queue?->leave();
            throw $refused;
        }

        return $this->active = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->active = false;
        $this->queue?->leave();

        return true;
    }

    public function rollBack(): bool
    {
        $this->active = false;
        try {
            $this->exec('ROLLBACK');
        } finally {
            $this->queue?->leave();
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->active;
    }
}
