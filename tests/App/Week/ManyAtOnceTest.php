<?php

declare(strict_types=1);

namespace Tests\App\Week;

use PDO;
use Symfony\Component\Process\Process;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Eight processes on one database file. */
final class ManyAtOnceTest extends TestCase
{
    private const PROCESSES = 8;

    public function test_eight_processes_saving_cells_at_once_lose_nothing_and_meet_no_lock(): void
    {
        $folder = $this->folder();
        $files = $this->folder(Lighthouse::files());
        touch($folder.'/moss.sqlite');
        $environment = ['DB_DATABASE' => $folder.'/moss.sqlite', 'APP_ENV' => 'testing', 'MOSS_TODAY' => '2026-06-17'];
        foreach ([['migrate', '--force'], ['moss:import', $files]] as $command) {
            (new Process([PHP_BINARY, 'artisan', ...$command], base_path(), $environment))->mustRun();
        }
        $savings = [];
        for ($number = 0; $number < self::PROCESSES; $number++) {
            $savings[] = new Process([PHP_BINARY, __DIR__.'/save_cells.php'], base_path(), ['SAVER' => (string) $number] + $environment);
        }
        foreach ($savings as $saving) {
            $saving->start();
        }
        foreach ($savings as $saving) {
            $saving->wait();
            self::assertSame(['', 0], [$saving->getErrorOutput(), $saving->getExitCode()]);
        }
        $database = new PDO('sqlite:'.$folder.'/moss.sqlite');
        $count = static fn (string $query): int => (int) ($database->query($query) ?: throw new \LogicException)->fetchColumn();

        // Each inks its own 20 days; all together change one shared cell, one after the other.
        self::assertSame(self::PROCESSES * 20, $count("SELECT count(*) FROM entries WHERE date < '2026-06-01'"));
        self::assertSame(self::PROCESSES * 10, $count("SELECT version FROM entries WHERE date = '2026-06-17'"));
        self::assertSame(self::PROCESSES * 30, $count("SELECT count(*) FROM audit_trail WHERE act IN ('ink', 'change')"));
    }
}
