<?php

declare(strict_types=1);

namespace Tests\App\Week;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\Projects\AwkwardData;
use Tests\App\Projects\FiguresAgreeTest;
use Tests\App\Projects\Oracle;
use Tests\App\TestCase;

/** The pencil of the plan beside a slow second computation of it, from the files alone. */
final class PencilAgreesTest extends TestCase
{
    private const WEEKS = ['2026-W18' => '2026-04-27', '2026-W22' => '2026-05-25', '2026-W25' => '2026-06-15', '2026-W26' => '2026-06-22', '2026-W29' => '2026-07-13'];

    /** @param  array<string, string>  $files */
    #[DataProvider('data')]
    public function test_what_is_pencilled_agrees_for_everybody_in_many_weeks(array $files): void
    {
        $this->import($files);
        $oracle = new Oracle($files, '2026-06-17');
        $proposals = 0;
        foreach (DB::table('people')->pluck('code')->all() as $person) {
            assert(is_string($person));
            foreach (self::WEEKS as $week => $monday) {
                $expected = $oracle->pencil($person, $monday);
                self::assertSame($expected, $this->pencil($person, $week), $person.' in '.$week);
                $proposals += count($expected);
            }
        }
        self::assertGreaterThan(0, $proposals);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function data(): iterable
    {
        yield 'the small organisation' => [Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,50m,approved\nada,LENS,FIT,,2026-06-17,80m,draft\n"])];
        yield 'the demonstration' => [FiguresAgreeTest::demonstration()];
        foreach ([4, 5, 6, 7, 8] as $seed) {
            yield 'awkward data '.$seed => [AwkwardData::files($seed)];
        }
    }

    /** @return list<array{string, string, string, string, int}> */
    private function pencil(string $person, string $week): array
    {
        self::assertSame(0, Artisan::call('moss:pencil', ['--person' => $person, '--week' => $week, '--format' => 'json']));
        $rows = json_decode(Artisan::output(), true);
        self::assertIsArray($rows);
        $proposals = [];
        /** @var array{date: string, project: string, task: string, role: string|null, minutes: int} $row */
        foreach ($rows as $row) {
            $proposals[] = [$row['date'], $row['project'], $row['task'], $row['role'] ?? '', $row['minutes']];
        }

        return $proposals;
    }
}
