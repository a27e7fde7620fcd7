<?php

declare(strict_types=1);

namespace Tests\App\Review;

use Moss\Core\Calendar\Day;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Several processes on one database file, acting on the same time at the same moment, or killed in the middle of it. */
final class AtOnceTest extends TestCase
{
    private PDO $database;

    /** @var array<string, string> */
    private array $environment = [];

    /** @param  list<array{string, string}>  $acts */
    #[DataProvider('acts')]
    public function test_of_acts_at_the_same_moment_exactly_one_takes_effect(array $acts): void
    {
        $this->load(3);
        $begin = (string) (microtime(true) + 1.2);
        $processes = array_map(fn (array $act): Process => $this->process($act, ['BEGIN_AT' => $begin]), $acts);
        foreach ($processes as $process) {
            $process->start();
        }
        $said = [];
        foreach ($processes as $process) {
            $process->wait();
            self::assertSame('', $process->getErrorOutput());
            $said[] = str_starts_with($process->getOutput(), "begun\ndone") ? 'done' : 'not done';
        }

        self::assertSame(1, count(array_keys($said, 'done', true)), implode(', ', $said));
        $this->mustBeOneThing(3);
    }

    /** @return iterable<string, array{list<array{string, string}>}> */
    public static function acts(): iterable
    {
        yield 'two approvers, one of them a stand-in, say the same' => [[['approve', 'mo'], ['approve', 'bo']]];
        yield 'two approvers say different things' => [[['approve', 'mo'], ['return', 'bo']]];
        yield 'the owner takes back what is being approved' => [[['take back', 'ada'], ['approve', 'mo']]];
        yield 'all of it together' => [[['take back', 'ada'], ['approve', 'mo'], ['return', 'mo'], ['approve', 'bo'], ['return', 'bo']]];
    }

    public function test_killed_in_the_middle_of_approving_a_thousand_nothing_is_half_done(): void
    {
        $this->load(1000);
        $killed = 0;
        foreach ([5, 20, 40, 60, 90, 130] as $milliseconds) {
            $process = $this->process(['approve', 'mo'], []);
            $process->start();
            while ($process->isRunning() && ! str_contains($process->getOutput(), 'begun')) {
                usleep(500);
            }
            usleep($milliseconds * 1000);
            $killed += $process->isRunning() ? 1 : 0;
            $process->stop(0, SIGKILL);

            $this->mustBeOneThing(1000);
        }
        self::assertGreaterThan(0, $killed, 'none was killed in time');
        $this->process(['approve', 'mo'], [])->mustRun();

        $this->mustBeOneThing(1000);
        self::assertSame(['approved'], $this->column('SELECT DISTINCT state FROM entries'));
    }

    /** All entries are in one state, the audit trail is whole and tells of that and nothing else, and everybody was told once. */
    private function mustBeOneThing(int $entries): void
    {
        $states = $this->column('SELECT DISTINCT state FROM entries');
        self::assertCount(1, $states, 'in more than one state: '.implode(', ', $states));
        $decided = in_array($states[0], ['approved', 'returned'], true) ? 1 : 0;
        self::assertSame([(string) ($decided * $entries)], $this->column("SELECT count(*) FROM audit_trail WHERE act IN ('approve', 'return')"));
        self::assertSame([(string) $decided], $this->column('SELECT count(*) FROM decisions'));
        self::assertSame([(string) ($decided * $entries)], $this->column('SELECT count(*) FROM decided_entries'));
        self::assertSame($this->column("SELECT count(DISTINCT date(date, 'weekday 0', '-6 days')) * {$decided} FROM entries"), $this->column("SELECT count(*) FROM messages WHERE kind IN ('returned', 'decided')"));
        self::assertSame(['ok'], $this->column('PRAGMA integrity_check'));
        (new Process([PHP_BINARY, 'artisan', 'moss:audit', 'verify'], base_path(), $this->environment))->mustRun();
    }

    /** @return list<string> */
    private function column(string $query): array
    {
        $statement = $this->database->query($query);

        return $statement === false ? [] : array_map(static fn (mixed $value): string => is_scalar($value) ? (string) $value : '', array_values($statement->fetchAll(PDO::FETCH_COLUMN)));
    }

    /**
     * @param  array{string, string}  $act
     * @param  array<string, string>  $environment
     */
    private function process(array $act, array $environment): Process
    {
        return new Process([PHP_BINARY, __DIR__.'/decide_at_once.php', ...$act], base_path(), $environment + $this->environment);
    }

    private function load(int $entries): void
    {
        $rows = '';
        for ($number = 0; $number < $entries; $number++) {
            $rows .= sprintf("ada,LENS,FIT,%s,%s,1,submitted\n", $number % 2 === 0 ? 'surveyor' : 'senior', Day::of('2026-06-15')->plusDays(-intdiv($number, 2))->toString());
        }
        $folder = $this->folder();
        $files = $this->folder(Lighthouse::files([
            'entries.csv' => "person,project,task,role,date,hours,state\n".($entries > 3 ? $rows : "ada,LENS,FIT,surveyor,2026-06-16,8,submitted\nada,LENS,FIT,surveyor,2026-06-17,4,submitted\nada,LENS,CLEAN,,2026-06-18,1,submitted\n"),
            'stand_ins.csv' => "person,stand_in,starts_on,ends_on\nmo,bo,2026-06-17,2026-06-17\n",
        ]));
        touch($folder.'/moss.sqlite');
        $this->environment = ['DB_DATABASE' => $folder.'/moss.sqlite', 'APP_ENV' => 'testing', 'MOSS_TODAY' => '2026-06-17'];
        foreach ([['migrate', '--force'], ['moss:import', $files]] as $command) {
            (new Process([PHP_BINARY, 'artisan', ...$command], base_path(), $this->environment))->mustRun();
        }
        $this->database = new PDO('sqlite:'.$folder.'/moss.sqlite');
    }
}
