<?php

declare(strict_types=1);

namespace Tests\App\Operations;

use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use SQLite3;
use Symfony\Component\Process\Process;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Copies of the database, from a file and by commands as in real use. */
final class BackupTest extends TestCase
{
    /** With the organisation in it; made once, copied for each test. */
    private static string $prepared = '';

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = $this->folder();
        if (self::$prepared === '') {
            $prepared = sys_get_temp_dir().'/moss-prepared-'.bin2hex(random_bytes(6)).'.sqlite';
            touch($prepared);
            $files = $this->folder(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state,note\nada,LENS,FIT,surveyor,2026-06-16,8,approved,\n"]));
            foreach ([['migrate', '--force'], ['moss:import', $files]] as $command) {
                self::assertSame(0, $this->ran(['DB_DATABASE' => $prepared], ...$command)->getExitCode());
            }
            self::$prepared = $prepared;
        }
        copy(self::$prepared, $this->database());
    }

    public static function tearDownAfterClass(): void
    {
        parent::tearDownAfterClass();
        foreach (glob(self::$prepared.'*') ?: [] as $file) {
            unlink($file);
        }
        self::$prepared = '';
    }

    public function test_a_backup_is_whole_while_others_write_and_says_what_is_in_it(): void
    {
        $other = new PDO('sqlite:'.$this->database());
        $other->exec('BEGIN IMMEDIATE');
        $other->exec("UPDATE people SET name = 'Somebody else' WHERE code = 'ada'");
        // Somebody is in the middle of saving: what they have not finished is not in the copy, and nobody waits for it.
        $process = $this->process([], 'moss:backup');
        $process->start();
        while ($process->isRunning() && glob($this->folder.'/backups/*.sqlite') === []) {
            usleep(10_000);
        }
        $other->exec('ROLLBACK');
        self::assertSame(0, $process->wait(), $process->getErrorOutput());
        $file = trim($process->getOutput());

        self::assertSame('Ada Moor', (new SQLite3($file))->querySingle("SELECT name FROM people WHERE code = 'ada'"));
        self::assertSame([0600, 0600], [fileperms($file) & 0777, fileperms($file.'.json') & 0777]);
        $manifest = json_decode((string) file_get_contents($file.'.json'), true);
        self::assertSame([6, 1], [data_get($manifest, 'rows.people'), data_get($manifest, 'rows.entries')]);
        self::assertSame((new SQLite3($file))->querySingle('SELECT hash FROM audit_trail_heads'), data_get($manifest, 'auditHash'));

        $checked = $this->ran([], 'moss:check-backup', $file);
        self::assertSame(0, $checked->getExitCode(), $checked->getErrorOutput());
        self::assertStringContainsString('is as it was made', $checked->getOutput());
        self::assertStringContainsString('All stored totals match the entries.', $checked->getOutput());
    }

    /**
     * @param  callable(string): mixed  $harm
     * @param  array<string, string>  $environment
     */
    #[DataProvider('harms')]
    public function test_what_is_wrong_with_a_backup_is_said(callable $harm, string $fault, array $environment = []): void
    {
        $file = $this->backUp();
        $harm($file);
        $checked = $this->ran($environment, 'moss:check-backup', $file);

        self::assertSame(1, $checked->getExitCode(), $checked->getOutput());
        self::assertStringContainsString($fault, $checked->getErrorOutput());
    }

    /** @return iterable<string, array{0: callable(string): mixed, 1: string, 2?: array<string, string>}> */
    public static function harms(): iterable
    {
        yield 'a byte that changed' => [static function (string $file): void {
            $stream = fopen($file, 'r+');
            self::assertNotFalse($stream);
            fseek($stream, 5000);
            fwrite($stream, '!');
            fclose($stream);
        }, 'its size or hash differs'];
        yield 'rows that went' => [static fn (string $file) => self::alter($file, 'DELETE FROM absences'), 'do not hold as many rows'];
        yield 'references to what is missing' => [static fn (string $file) => self::alter($file, 'PRAGMA foreign_keys = off; UPDATE people SET team_id = 999'), 'refers to rows that are missing'];
        yield 'an audit trail that was cut' => [static fn (string $file) => self::alter($file, 'UPDATE audit_trail_heads SET lines = lines - 1'), 'does not end as the manifest says'];
        yield 'another key' => [static fn (string $file): true => true, 'made with another APP_KEY', ['APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32))]];
        yield 'a newer version' => [static fn (string $file) => self::describe($file, ['schema' => '2099_01_01_000001_tomorrow']), 'of a newer version'];
        yield 'totals that were changed' => [static fn (string $file) => self::alter($file, 'UPDATE project_figures SET planned_minutes = planned_minutes + 1'), 'do not match'];
        yield 'no manifest' => [static fn (string $file): bool => unlink($file.'.json'), 'is not a manifest'];
        yield 'no file' => [static fn (string $file): bool => unlink($file), 'There is no'];
    }

    public function test_the_newest_stay_and_all_can_be_restored(): void
    {
        mkdir($this->folder.'/backups');
        foreach (['20260614T021500Z', '20260615T021500Z'] as $night) {
            touch("$this->folder/backups/moss-week-$night.sqlite");
            touch("$this->folder/backups/moss-week-$night.sqlite.json");
        }
        $newest = $this->backUp(['MOSS_BACKUPS_KEPT' => '2']);

        self::assertSame(['moss-week-20260615T021500Z.sqlite', basename($newest)], array_map(basename(...), glob($this->folder.'/backups/*.sqlite') ?: []));
        self::assertCount(5, glob($this->folder.'/backups/*') ?: []);
    }

    public function test_files_come_with_the_backups_that_refer_to_them_and_are_put_back(): void
    {
        $first = $this->receipt('a.pdf', 'first');
        $this->receipt('b.pdf', 'second');
        $older = $this->backUp();
        self::assertSame(['a.pdf', 'b.pdf'], $this->filesOf('backups/files'));
        self::assertStringContainsString(hash('sha256', 'first').' 5 receipts/a.pdf', (string) file_get_contents($older.'.files'));

        // One is gone from the database, another comes; each file is copied once.
        $database = new SQLite3($this->database());
        $database->exec("DELETE FROM receipts WHERE file = 'b.pdf'");
        $database->close();
        touch($this->folder.'/backups/files/receipts/a.pdf', 1);
        $this->receipt('c.pdf', 'third');
        rename($older, $earlier = $this->folder.'/backups/moss-week-20260101T000000Z.sqlite');
        rename($older.'.json', $earlier.'.json');
        rename($older.'.files', $earlier.'.files');
        $newer = $this->backUp();
        self::assertSame([['a.pdf', 'b.pdf', 'c.pdf'], 1], [$this->filesOf('backups/files'), filemtime($this->folder.'/backups/files/receipts/a.pdf')]);
        foreach ([$earlier, $newer] as $backup) {
            self::assertSame(0, $this->ran([], 'moss:check-backup', $backup)->getExitCode());
        }

        // What is here stays, what is missing comes back.
        unlink($first);
        $restored = $this->ran([], 'moss:restore-files', $newer);
        self::assertSame(["Files put back: 1.\n", 'first'], [$restored->getOutput(), file_get_contents($first)]);
        // With the earlier backup goes what only that one refers to.
        unlink($earlier);
        $this->backUp(['MOSS_BACKUPS_KEPT' => '1']);
        self::assertSame(['a.pdf', 'c.pdf'], $this->filesOf('backups/files'));
    }

    public function test_files_that_are_missing_or_changed_are_said(): void
    {
        $this->receipt('a.pdf', 'first');
        unlink($this->receipt('b.pdf', 'second'));
        $made = $this->ran([], 'moss:backup');
        $backup = trim($made->getOutput());
        self::assertStringContainsString('so they are not in the backup: 1, the first of them receipts/b.pdf', $made->getErrorOutput());
        self::assertSame([0, ['a.pdf']], [$this->ran([], 'moss:check-backup', $backup)->getExitCode(), $this->filesOf('backups/files')]);

        file_put_contents($this->folder.'/backups/files/receipts/a.pdf', 'other');
        $checked = $this->ran([], 'moss:check-backup', $backup);
        self::assertSame([1, true], [$checked->getExitCode(), str_contains($checked->getErrorOutput(), 'the first of them receipts/a.pdf')]);
        file_put_contents($backup.'.files', str_repeat('0', 64)." 5 receipts/../../../a.pdf\n");
        self::assertNotSame(0, $this->ran([], 'moss:restore-files', $backup)->getExitCode());
        self::assertFileDoesNotExist($this->folder.'/a.pdf');
    }

    /** @return string where its file lies */
    private function receipt(string $name, string $content): string
    {
        $path = $this->folder.'/storage/app/private/receipts/'.$name;
        is_dir(dirname($path)) || mkdir(dirname($path), 0700, true);
        file_put_contents($path, $content);
        $database = new SQLite3($this->database());
        self::assertTrue($database->exec("INSERT INTO receipts (person_id, file, name, media_type, bytes, digest, state, reading, mailed, received_at) VALUES (1, '$name', '$name', 'application/pdf', ".strlen($content).", '".hash('sha256', $content)."', 'read', '{}', 0, '2026-06-17T08:00:00Z')"));
        $database->close();

        return $path;
    }

    /** @return list<string> */
    private function filesOf(string $folder): array
    {
        return array_map(basename(...), glob("$this->folder/$folder/receipts/*") ?: []);
    }

    public function test_without_a_folder_it_asks_for_one(): void
    {
        $refused = $this->ran(['MOSS_BACKUP_FOLDER' => ''], 'moss:backup');
        self::assertSame(1, $refused->getExitCode());
        self::assertStringContainsString('MOSS_BACKUP_FOLDER', $refused->getErrorOutput());
    }

    private function database(): string
    {
        return $this->folder.'/moss.sqlite';
    }

    /** @param  array<string, string>  $environment */
    private function backUp(array $environment = []): string
    {
        $done = $this->ran($environment, 'moss:backup');
        self::assertSame(0, $done->getExitCode(), $done->getErrorOutput());

        return trim($done->getOutput());
    }

    /** @param  array<string, string>  $environment */
    private function ran(array $environment, string ...$command): Process
    {
        return tap($this->process($environment, ...$command))->run();
    }

    /** @param  array<string, string>  $environment */
    private function process(array $environment, string ...$command): Process
    {
        return new Process([PHP_BINARY, 'artisan', ...$command], base_path(), $environment + [
            'DB_DATABASE' => $this->database(), 'APP_CONFIG_CACHE' => base_path('build/none.php'), 'MOSS_TODAY' => '2026-06-17', 'MOSS_BACKUP_FOLDER' => $this->folder.'/backups', 'LARAVEL_STORAGE_PATH' => $this->folder.'/storage',
        ]);
    }

    /** Changes a backup from outside, and makes its manifest fit the file again. */
    private static function alter(string $file, string $sql): void
    {
        $database = new SQLite3($file);
        self::assertTrue($database->exec($sql));
        $database->close();
        self::describe($file, ['hash' => hash_file('sha256', $file), 'bytes' => filesize($file)]);
    }

    /** @param  array<string, mixed>  $values */
    private static function describe(string $file, array $values): void
    {
        $stored = json_decode((string) file_get_contents($file.'.json'), true);
        self::assertIsArray($stored);
        file_put_contents($file.'.json', json_encode($values + $stored, JSON_THROW_ON_ERROR));
    }
}
