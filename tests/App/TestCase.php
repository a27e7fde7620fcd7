<?php

declare(strict_types=1);

namespace Tests\App;

use App\Exchange\ExchangeSource;
use App\Exchange\ImportExchange;
use App\Exchange\ImportReport;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Task;
use App\Support\Clock\Today;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Foundation\Testing\WithCachedConfig;
use Illuminate\Foundation\Testing\WithCachedRoutes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Inertia\Testing\AssertableInertia;

/**
 * With the real application and database. Today is Wednesday 17 June 2026.
 */
abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;
    use WithCachedConfig;
    use WithCachedRoutes;

    /** @var list<string> */
    private array $folders = [];

    /** How many rows the connection had written when the test began. */
    private int $written = 0;

    public function createApplication(): Application
    {
        $application = require __DIR__.'/../../bootstrap/app.php';
        self::assertInstanceOf(Application::class, $application);
        $application->make(Kernel::class)->bootstrap();
        // Numbers begin anew with each test, and so do names of files: none finds those of another, before it or beside it.
        $token = getenv('TEST_TOKEN');
        $storage = base_path('build/storage-'.($token === false ? '1' : $token));
        File::deleteDirectory($storage.'/app');
        File::ensureDirectoryExists($storage);
        $application->useStoragePath($storage);

        return $application;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        $this->withHeader('Accept-Language', 'en-GB');
        $this->written = self::rowsWritten();
    }

    protected function tearDown(): void
    {
        foreach ($this->folders as $folder) {
            File::deleteDirectory($folder);
        }
        parent::tearDown();
    }

    /**
     * @param  array<string, string>  $files  contents by file name
     * @return string the folder, which goes with the test
     */
    protected function folder(array $files = []): string
    {
        $folder = sys_get_temp_dir().'/moss-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $this->folders[] = $folder;
        foreach ($files as $name => $contents) {
            file_put_contents($folder.'/'.$name, $contents);
        }

        return $folder;
    }

    /** @param  array<string, string>  $files  contents by file name */
    protected function import(array $files): ImportReport
    {
        $import = fn (): ImportReport => $this->app->make(ImportExchange::class)->handle(ExchangeSource::at($this->folder($files)), false, false);
        $moment = $this->app->make(Today::class)->in('UTC')->toString().' '.(Carbon::hasTestNow() ? now()->toIso8601ZuluString() : '');
        $report = self::rowsWritten() === $this->written ? KeptImports::take($files, $moment, $import) : $import();
        // As after the transaction of an import: a row that refers to nothing is found at once.
        DB::statement('PRAGMA defer_foreign_keys = OFF');

        return $report;
    }

    private static function rowsWritten(): int
    {
        $written = DB::scalar('select total_changes()');

        return is_int($written) ? $written : 0;
    }

    /** Another day becomes today. */
    protected function itIs(string $day): void
    {
        $this->app->instance(Today::class, new Today($day));
    }

    protected function person(string $code): Person
    {
        return Person::query()->where('code', $code)->sole();
    }

    /** The office lets somebody see what hours cost on the projects that they manage. */
    protected function letSeeCost(string $code): void
    {
        $this->person($code)->update(['sees_cost' => true]);
    }

    protected function task(string $code): Task
    {
        return Task::query()->where('code', $code)->sole();
    }

    protected function entry(string $person, string $task, string $date): ?Entry
    {
        return Entry::query()->where('person_id', $this->person($person)->id)->where('task_id', $this->task($task)->id)
            ->where('date', $date)->whereNull('corrects')->first();
    }

    /** The number of the row that came last in a table. */
    protected static function lastId(string $table): int
    {
        $id = DB::table($table)->max('id');

        return is_int($id) ? $id : 0;
    }

    /** What the page at an address is given; with what comes after it, where that is asked for. */
    protected function given(string $address, bool $withLater = false): PageProps
    {
        $props = null;
        $take = static function (AssertableInertia $page) use (&$props): void {
            $props = $page->toArray()['props'];
        };
        $this->get($address)->assertOk()->assertInertia(static function (AssertableInertia $page) use ($take, $withLater, &$props): void {
            $take($page);
            $first = $props;
            if ($withLater) {
                $page->loadDeferredProps($take);
                $props = (array) $props + (array) $first;
            }
        });

        $given = PageProps::of($props);
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\d$/', $given->text('today'), 'The frame of every page asks for today: no page may be given something else by that name.');

        return $given;
    }

    /** @return list<mixed> one field of each of the rows that a page was given */
    protected static function each(mixed $rows, string $field): array
    {
        self::assertTrue($rows instanceof Collection || is_array($rows));
        $values = [];
        foreach ($rows as $row) {
            self::assertIsArray($row);
            $values[] = $row[$field];
        }

        return $values;
    }

    /** How many queries the act takes, those that begin and end transactions left out. */
    protected function queriesOf(callable $act): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $act();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }
}
