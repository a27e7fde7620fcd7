<?php

declare(strict_types=1);

namespace Tests\App\Support;

use App\Support\Database\ImmediatePdo;
use PDO;
use PDOException;
use PHPUnit\Framework\TestCase;

final class WriteQueueTest extends TestCase
{
    private string $folder;

    private string $database;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/moss-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->database = $this->folder.'/moss.sqlite';
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        rmdir($this->folder);
    }

    public function test_who_writes_keeps_others_waiting_until_all_is_saved_or_taken_back(): void
    {
        $pdo = $this->opened();
        self::assertTrue($this->isFree());

        $pdo->beginTransaction();
        self::assertFalse($this->isFree());
        $pdo->commit();
        self::assertTrue($this->isFree());

        $pdo->beginTransaction();
        self::assertFalse($this->isFree());
        $pdo->rollBack();
        self::assertTrue($this->isFree());
    }

    public function test_who_is_refused_the_lock_keeps_nobody_waiting(): void
    {
        $pdo = $this->opened();
        $other = new PDO('sqlite:'.$this->database);
        $other->exec('BEGIN IMMEDIATE');
        try {
            $pdo->beginTransaction();
            self::fail('Another process holds the lock.');
        } catch (PDOException $refused) {
            self::assertStringContainsString('locked', $refused->getMessage());
        }
        self::assertFalse($pdo->inTransaction());
        self::assertTrue($this->isFree());
    }

    public function test_who_reads_waits_for_nobody_and_leaves_nothing_beside_the_database(): void
    {
        $read = $this->opened()->query('SELECT 7');
        self::assertNotFalse($read);
        self::assertSame(7, $read->fetchColumn());
        self::assertSame([$this->database], glob($this->folder.'/*'));
    }

    private function opened(): ImmediatePdo
    {
        return new ImmediatePdo('sqlite:'.$this->database, null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0]);
    }

    /** Whether somebody else could write now. */
    private function isFree(): bool
    {
        $file = fopen($this->database.'-queue', 'c');
        self::assertIsResource($file);

        return flock($file, LOCK_EX | LOCK_NB);
    }
}
