<?php

declare(strict_types=1);

namespace App\Support\Database;

/**
 * Lets those who write to a database do so one after another, in the order in which they came.
 *
 * Who finds SQLite's write lock taken tries again after a while, and longer after each time, so that of many who save at once
 * some wait for seconds while others go before them. Here the system wakes who has waited longest. What writes without
 * waiting here is still kept apart by SQLite's own lock.
 */
final class WriteQueue
{
    private const SUFFIX = '-queue';

    /** @var resource|false|null of the file beside the database that is locked; false where it cannot be opened, null until it is needed */
    private mixed $file = null;

    public function __construct(private readonly string $database)
    {
    }

    /** Waits until everybody who came before has left. A process that ends has left. */
    public function enter(): void
    {
        // Where no file can be made, SQLite's own lock has to do.
        $this->file ??= @fopen($this->database.self::SUFFIX, 'c');
        if ($this->file !== false) {
            flock($this->file, LOCK_EX);
        }
    }

    public function leave(): void
    {
        if (is_resource($this->file)) {
            flock($this->file, LOCK_UN);
        }
    }
}
