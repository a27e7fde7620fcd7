<?php

declare(strict_types=1);

namespace Tests\App\ScheduleFiles;

use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Task;
use App\Models\TaskDependency;
use App\Models\TaskSchedule;
use App\Support\Files\Spreadsheet\SheetCell;
use App\Support\Files\Spreadsheet\XlsxFile;
use App\Support\Files\Spreadsheet\XlsxRows;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;
use ZipArchive;

/** Mo manages LENS, with the tasks FIT (ada, 32 h from 15 to 26 June), CLEAN (the team field) and DRAW. */
final class ScheduleFilesTest extends TestCase
{
    private const FILE = <<<'CSV'
        wbs,task,name,phase,milestone,after,starts_on,ends_on,who,role,day,planned
        1.1,FIT,Fit the new lens,Refit,,,2026-06-15,2026-06-26,,,,40
        ,FIT,,,,,,,ada,surveyor,2026-06-15,4
        ,FIT,,,,,,,ada,surveyor,2026-06-16,7:20
        ,FIT,,,,,2026-06-22,2026-06-24,bo,,,6
        1.2,PAINT,Paint the gallery,Refit,,FIT; CLEAN FS+2d,2026-06-22,2026-06-23,,,,
        ,PAINT,,,,,,,field,,2026-06-22,8
        2,LIT,Light is lit,,yes,PAINT,2026-06-24,2026-06-24,,,,
        ,CLEAN,,,,,,,field,,,8

        CSV;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('mo'));
    }

    public function test_a_file_is_compared_and_taken_over_as_a_whole(): void
    {
        $this->sendFile('plan.csv', str_replace(',CLEAN,,,,,,,field', ',CLEAN,,,,,2026-06-15,2026-06-18,field', self::FILE))->assertSessionHas('message', __('schedule.compared'));
        $page = $this->given('/projects/LENS/schedule');
        self::assertSame([
            'task FIT' => 'changed', 'work FIT person:ada surveyor' => 'changed', 'work FIT person:bo' => 'new', 'task PAINT' => 'new', 'work PAINT team:field' => 'new', 'task LIT' => 'new',
            'work DRAW person:ada surveyor' => 'gone', 'task DRAW' => 'gone',
        ], $this->differences('outcome'));
        // FIT ends on 26 June: painting can only begin on the 27th, and the light be lit the day after it.
        self::assertSame([['Paint the gallery', 5], ['Light is lit', 5]], array_map(null, self::each($page->value('schedule.sent.pushes'), 'taskName'), self::each($page->value('schedule.sent.pushes'), 'days')));
        self::assertSame([], $page->value('schedule.pushes'));

        $this->post('/projects/LENS/schedule/taken', ['keys' => self::each($page->value('schedule.sent.differences'), 'key')])->assertSessionHas('message', '8 rows were taken over.');
        $fit = $this->task('FIT');
        self::assertSame(['Fit the new lens', 2400, '1.1'], [$fit->name, $fit->planned_minutes?->toInt(), TaskSchedule::query()->where('task_id', $fit->id)->sole()->wbs]);
        self::assertSame([['2026-06-15', '2026-06-15', 240], ['2026-06-16', '2026-06-16', 440]], $this->stretches('FIT', 'ada'));
        self::assertSame([['2026-06-22', '2026-06-24', 360]], $this->stretches('FIT', 'bo'));
        self::assertTrue(TaskSchedule::query()->where('task_id', $this->task('LIT')->id)->sole()->is_milestone);
        self::assertSame([['FS', 0], ['FS', 2]], TaskDependency::query()->where('task_id', $this->task('PAINT')->id)->orderBy('id')->get()->map(static fn (TaskDependency $one): array => [$one->kind->value, $one->lag])->all());
        self::assertFalse(Task::query()->where('code', 'DRAW')->exists());
        $page = $this->given('/projects/LENS/schedule');
        self::assertSame([], $page->value('schedule.sent.differences'));
        // Now it is the plan that says what is pushed.
        self::assertSame(['Paint the gallery', 'Light is lit'], self::each($page->value('schedule.pushes'), 'taskName'));
        Artisan::call('moss:verify');
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    public function test_a_file_says_what_is_no_milestone_any_more_and_waits_for_nothing(): void
    {
        $this->sendFile('plan.csv', "task,name,milestone,after\nLIT,Light is lit,yes,FIT\n");
        $this->takeAll();
        self::assertSame([true, 1], [TaskSchedule::query()->sole()->is_milestone, TaskDependency::query()->count()]);
        // What is left blank stays.
        $this->sendFile('plan.csv', "task,name,milestone,after\nLIT,Light is lit,,\n");
        self::assertNotContains('task LIT', array_keys($this->differences('outcome')));
        $this->sendFile('plan.csv', "task,name,milestone,after\nLIT,Light is lit,no,None\n");
        self::assertSame('changed', $this->differences('outcome')['task LIT'] ?? null);
        $this->post('/projects/LENS/schedule/taken', ['keys' => ['task LIT']])->assertSessionHas('message', 'One row was taken over.');
        self::assertSame([false, 0], [TaskSchedule::query()->sole()->is_milestone, TaskDependency::query()->count()]);
        $this->sendFile('plan.csv', "task,name,milestone\nLIT,Light is lit,perhaps\n");
        self::assertSame([__('schedule.milestone', ['text' => 'perhaps'])], self::each($this->given('/projects/LENS/schedule')->value('schedule.sent.faults'), 'sentence'));
    }

    public function test_tasks_of_the_same_name_are_told_apart_by_their_codes(): void
    {
        $this->sendFile('plan.csv', "task,name,who,day,planned\nONE,Fit the lens,,,\nTWO,Fit the lens,,,\nTWO,,Ada Moor,2026-06-15,2\nONE,,ADA MOOR,2026-06-16,1\n");
        $this->takeAll();
        self::assertSame(['FIT', 'ONE', 'TWO'], Task::query()->where('name', 'Fit the lens')->orderBy('code')->pluck('code')->all());
        self::assertSame([[['2026-06-16', '2026-06-16', 60]], [['2026-06-15', '2026-06-15', 120]]], [$this->stretches('ONE', 'ada', null), $this->stretches('TWO', 'ada', null)]);
        // However names are written, days are laid as the plan lays them: nothing differs afterwards.
        self::assertSame([], array_filter($this->differences('outcome'), static fn (mixed $outcome): bool => $outcome !== 'gone'));
    }

    public function test_a_file_of_many_rows_takes_few_more_queries(): void
    {
        $queries = [];
        foreach (['A' => 10, 'B' => 60] as $code => $count) {
            $rows = '';
            foreach (range(1, $count) as $number) {
                $rows .= sprintf("%1\$s%2\$d,Task %1\$s%2\$d,%3\$s,,,\n%1\$s%2\$d,,,ada,2026-06-16,1\n", $code, $number, $number > 1 ? $code.($number - 1) : '');
            }
            $this->sendFile('plan.csv', "task,name,after,who,day,planned\n".$rows);
            $keys = array_keys(array_filter($this->differences('outcome'), static fn (mixed $outcome): bool => $outcome === 'new'));
            $queries[] = $this->queriesOf(fn () => $this->post('/projects/LENS/schedule/taken', ['keys' => $keys])->assertSessionHas('message', 2 * $count.' rows were taken over.'));
        }
        // A new task is an insert of its own, and its totals where there are few; whoever works on it and what it waits for are not.
        self::assertLessThan($queries[0] + 50 * 4, $queries[1]);
    }

    public function test_rows_are_taken_one_by_one_and_what_was_recorded_stays(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,13\nada,LENS,DRAW,surveyor,2026-06-10,2\n"]);
        $this->sendFile('plan.csv', self::FILE);
        $page = $this->given('/projects/LENS/schedule');
        $conflicts = array_filter($this->differences('conflict'));
        self::assertSame(['work FIT person:ada surveyor' => 'below recorded', 'work DRAW person:ada surveyor' => 'recorded', 'task DRAW' => 'recorded'], array_intersect_key($conflicts, array_flip(['work FIT person:ada surveyor', 'work DRAW person:ada surveyor', 'task DRAW'])));
        // The last line names neither a day nor days.
        self::assertSame([[9], [__('schedule.no_days')]], [self::each($page->value('schedule.sent.faults'), 'line'), self::each($page->value('schedule.sent.faults'), 'sentence')]);

        $this->post('/projects/LENS/schedule/taken', ['keys' => []])->assertSessionHasErrors('keys');
        // A milestone waits for what is not there yet: nothing is taken.
        $this->post('/projects/LENS/schedule/taken', ['keys' => ['task LIT']])->assertSessionHasErrors('keys');
        self::assertFalse(Task::query()->where('code', 'LIT')->exists());
        $this->post('/projects/LENS/schedule/taken', ['keys' => ['work FIT person:bo', 'task DRAW', 'work DRAW person:ada surveyor']])->assertSessionHas('message', 'One row was taken over.');
        self::assertSame([['2026-06-22', '2026-06-24', 360]], $this->stretches('FIT', 'bo'));
        self::assertTrue(Task::query()->where('code', 'DRAW')->exists());
        self::assertSame('Fit the lens', $this->task('FIT')->name);
        $this->delete('/projects/LENS/schedule')->assertSessionHas('message', __('schedule.discarded'));
        self::assertNull($this->given('/projects/LENS/schedule')->value('schedule.sent'));
    }

    #[TestWith(['csv', ''])]
    #[TestWith(['xlsx', ''])]
    #[TestWith(['csv', '?by=week'])]
    public function test_what_goes_out_is_read_back_to_the_minute_and_is_the_same(string $format, string $query): void
    {
        $this->sendFile('plan.csv', str_replace(',CLEAN,,,,,,,field', ',CLEAN,,,,,2026-06-15,2026-06-18,field', self::FILE));
        $this->post('/projects/LENS/schedule/taken', ['keys' => self::each($this->given('/projects/LENS/schedule')->value('schedule.sent.differences'), 'key')]);
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,7:20,approved\nada,LENS,FIT,surveyor,2026-06-17,0:05,submitted\nbo,LENS,FIT,,2026-06-22,1:01,approved\n"]);
        $rows = $this->exported($format, $query);
        $time = $query === '' ? 'day' : 'week';
        $place = array_flip($rows[0]);
        $sums = ['planned' => [], 'actual' => [], 'pending' => []];
        foreach (array_slice($rows, 1) as $row) {
            foreach (array_keys($sums) as $column) {
                $minutes = self::toMinutes($row[$place[$column]] ?? '');
                if (($row[$place['who']] ?? '') !== '' && $minutes > 0) {
                    $key = $row[$place['task']].' '.$row[$place['who']].' '.$row[$place[$time]];
                    $sums[$column][$key] = ($sums[$column][$key] ?? 0) + $minutes;
                }
            }
        }
        // An independent sum of what was recorded, by task, person and day or week.
        $recorded = ['actual' => [], 'pending' => []];
        foreach (Entry::query()->with(['person', 'task'])->get() as $entry) {
            $key = $entry->task->code.' person:'.$entry->person->code.' '.($time === 'day' ? $entry->date->toString() : date('o-\WW', (int) strtotime($entry->date->toString())));
            $state = $entry->state->value === 'approved' ? 'actual' : 'pending';
            $recorded[$state][$key] = ($recorded[$state][$key] ?? 0) + $entry->minutes->toInt();
        }
        foreach ($recorded as $state => $expected) {
            ksort($expected);
            ksort($sums[$state]);
            self::assertSame($expected, $sums[$state]);
        }
        self::assertSame(Assignment::query()->whereRelation('task.project', 'code', 'LENS')->get()->sum(static fn (Assignment $one): int => $one->planned_minutes->toInt()), array_sum($sums['planned']));
        if ($time === 'day') {
            self::assertSame([240, 440], [$sums['planned']['FIT person:ada 2026-06-15'], $sums['planned']['FIT person:ada 2026-06-16']]);
            // Read back unchanged, nothing would change.
            $this->sendRows($format, $rows);
            self::assertSame([[], []], [$this->given('/projects/LENS/schedule')->value('schedule.sent.differences'), $this->given('/projects/LENS/schedule')->value('schedule.sent.faults')]);
        }
    }

    public function test_a_file_may_have_a_column_for_each_day(): void
    {
        $this->sendFile('plan.csv', "name,person,2026-06-15,2026-06-16,notes\nFit the lens,Ada Moor,1.5,30m,x\n");
        $page = $this->given('/projects/LENS/schedule');
        self::assertSame(['notes'], $page->value('schedule.sent.unknown'));
        $this->post('/projects/LENS/schedule/taken', ['keys' => ['work FIT person:ada']]);
        self::assertSame([['2026-06-15', '2026-06-15', 90], ['2026-06-16', '2026-06-16', 30]], $this->stretches('FIT', 'ada', null));
    }

    #[TestWith(['plan.xlsx', 'no zip'])]
    #[TestWith(['plan.csv', "task,who\n"])]
    #[TestWith(['plan.csv', "colour,size\nred,1\n"])]
    #[TestWith(['plan.csv', "task,\"who\nFIT,ada\n"])]
    #[TestWith(['plan.pdf', '%PDF-1.4'])]
    public function test_what_is_no_schedule_is_refused(string $name, string $content): void
    {
        $this->sendFile($name, $content)->assertSessionHasErrors('upload');
        self::assertNull($this->given('/projects/LENS/schedule')->value('schedule.sent'));
    }

    public function test_hostile_workbooks_are_refused(): void
    {
        $path = $this->folder().'/hostile.xlsx';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        $zip->addFromString('xl/workbook.xml', '<!DOCTYPE x [<!ENTITY a "b">]><workbook><sheets><sheet name="a" r:id="rId1"/></sheets></workbook>');
        $zip->addFromString('xl/_rels/workbook.xml.rels', '<Relationships><Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>');
        $zip->addFromString('xl/worksheets/sheet1.xml', '<worksheet/>');
        $zip->close();
        $this->sendFile('plan.xlsx', (string) file_get_contents($path))->assertSessionHasErrors('upload');
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('xl/workbook.xml', '<workbook><sheets><sheet name="a" r:id="rId1"/></sheets></workbook>');
        $zip->addFromString('xl/_rels/workbook.xml.rels', '<Relationships><Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>');
        $zip->addFromString('xl/worksheets/sheet1.xml', str_repeat(' ', 61_000_000));
        $zip->close();
        $this->sendFile('plan.xlsx', (string) file_get_contents($path))->assertSessionHasErrors(['upload' => __('schedule.too_large', ['most' => 20_000])]);
    }

    public function test_days_numbers_and_texts_of_other_programs_are_read(): void
    {
        $path = $this->folder().'/other.xlsx';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        $zip->addFromString('xl/workbook.xml', '<workbook xmlns:r="r"><sheets><sheet name="Plan" sheetId="1" r:id="rId3"/></sheets></workbook>');
        $zip->addFromString('xl/_rels/workbook.xml.rels', '<Relationships><Relationship Id="rId3" Type="x" Target="worksheets/sheet7.xml"/></Relationships>');
        $zip->addFromString('xl/styles.xml', '<styleSheet><numFmts count="1"><numFmt numFmtId="164" formatCode="dd\-mmm\-yyyy"/></numFmts><cellXfs count="3"><xf numFmtId="0"/><xf numFmtId="14"/><xf numFmtId="164"/></cellXfs></styleSheet>');
        $zip->addFromString('xl/sharedStrings.xml', '<sst><si><t>task</t></si><si><r><t>start</t></r><r><t xml:space="preserve">s_on</t></r><rPh><t>aloud</t></rPh></si></sst>');
        $zip->addFromString('xl/worksheets/sheet7.xml', '<worksheet><sheetData><row r="1"><c r="A1" t="s"><v>0</v></c><c r="C1" t="s"><v>1</v></c></row><row r="2"/><row r="3"><c r="A3" t="inlineStr"><is><t>FIT</t></is></c><c r="B3" s="1"><v>46188</v></c><c r="C3" s="2"><v>46189</v></c><c r="D3"><f>1+1</f><v>7.3333333333</v></c><c r="E3" t="b"><v>1</v></c></row></sheetData></worksheet>');
        $zip->close();
        self::assertSame([['task', '', 'starts_on'], ['FIT', '2026-06-15', '2026-06-16', '7.3333333333', 'yes']], XlsxRows::of($path, 100));
    }

    /** @return TestResponse<Response> */
    private function sendFile(string $name, string $content): TestResponse
    {
        $receive = $this->app->make(ReceiveUpload::class);
        $upload = $receive->begin($this->person('mo'), $name, max(1, strlen($content)));
        $from = 0;
        foreach (str_split($content, ReceiveUpload::PIECE) as $piece) {
            $receive->append($upload->refresh(), $from, $piece);
            $from += strlen($piece);
        }

        return $this->post('/projects/LENS/schedule', ['upload' => $upload->id]);
    }

    private function takeAll(): void
    {
        $keys = array_keys(array_filter($this->differences('outcome'), static fn (mixed $outcome): bool => $outcome !== 'gone'));
        $this->post('/projects/LENS/schedule/taken', ['keys' => $keys])->assertSessionHasNoErrors();
    }

    /** @param  list<list<string>>  $rows */
    private function sendRows(string $format, array $rows): void
    {
        if ($format === 'csv') {
            $this->sendFile('back.csv', implode("\n", array_map(static fn (array $row): string => implode(',', array_map(static fn (string $cell): string => '"'.$cell.'"', $row)), $rows)));

            return;
        }
        $file = new XlsxFile;
        $file->add(array_map(static fn (array $row): array => array_map(SheetCell::text(...), $row), $rows));
        $path = $file->finish();
        $this->sendFile('back.xlsx', (string) file_get_contents($path));
        unlink($path);
    }

    /** @return list<list<string>> */
    private function exported(string $format, string $query): array
    {
        $answer = $this->get("/projects/LENS/schedule/file.$format$query")->assertOk();
        if ($format === 'csv') {
            return array_values(array_map(static fn (string $line): array => array_map(strval(...), str_getcsv($line, ',', '"', '')), array_filter(preg_split('/\r?\n/', trim($answer->streamedContent())) ?: [])));
        }
        $file = $answer->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $file);

        return XlsxRows::of($file->getFile()->getPathname(), 1000);
    }

    private static function toMinutes(string $hours): int
    {
        return preg_match('/^(\d+):(\d\d)$/', $hours, $parts) === 1 ? 60 * (int) $parts[1] + (int) $parts[2] : (int) round(60 * (float) $hours);
    }

    /** @return list<array{string, string, int}> */
    private function stretches(string $task, string $person, ?string $role = ''): array
    {
        $query = Assignment::query()->where('task_id', $this->task($task)->id)->where('person_id', Person::query()->where('code', $person)->sole()->id)->orderBy('starts_on');

        return array_values(($role === null ? $query->whereNull('role_id') : $query)->get()->map(static fn (Assignment $one): array => [$one->starts_on->toString(), $one->ends_on->toString(), $one->planned_minutes->toInt()])->all());
    }

    /** @return array<string, mixed> a field of each difference, by its key */
    private function differences(string $field): array
    {
        $found = [];
        foreach ((array) $this->given('/projects/LENS/schedule')->value('schedule.sent.differences') as $one) {
            self::assertIsArray($one);
            self::assertIsString($one['key']);
            $found[$one['key']] = $one[$field] ?? null;
        }

        return $found;
    }
}
