<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;
use PDOException;
use SensitiveParameter;

/**
 * Connects to SQLite with immediate transactions. A server's process opens the database once and keeps it open: to open it takes
 * longer than all else that an empty page does. No transaction outlives its request.
 */
final class ImmediateSqliteConnector extends SQLiteConnector
{
    private const SERVERS = ['fpm-fcgi', 'cli-server'];

    /**
     * @param  string  $dsn
     * @param  string|null  $username
     * @param  string|null  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): PDO
    {
        if (! in_array(PHP_SAPI, self::SERVERS, true)) {
            return new ImmediatePdo($dsn, $username, $password, $options);
        }
        $pdo = new ImmediatePdo($dsn, $username, $password, [PDO::ATTR_PERSISTENT => true] + $options);
        self::rollBack($pdo);
        // Also where a request is stopped half way.
        register_shutdown_function(static fn () => $pdo->inTransaction() ? self::rollBack($pdo) : null);

        return $pdo;
    }

    private static function rollBack(ImmediatePdo $pdo): void
    {
        try {
            $pdo->rollBack();
        } catch (PDOException) {
            // As it should be, there was none.
        }
    }
}
