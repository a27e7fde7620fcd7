<?php

declare(strict_types=1);

namespace Tests\App\Compare;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Smalot\PdfParser\Parser;
use Tests\App\Lighthouse;
use Tests\App\TestCase;
use ZipArchive;

/** Today is Wednesday 17 June 2026. */
final class ComparisonFilesTest extends TestCase
{
    private const JUNE = 'from=2026-06-01&to=2026-06-30&sort=name';

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'projects.csv' => "project,name,client,manager,starts_on,ends_on,internal,state\nLENS,=Lens & <refit>,harbour,mo,2026-06-01,2026-07-31,no,open\nOLD,Old,harbour,mo,,,no,open\nOWN,Own,,kit,,,yes,open\n",
            'entries.csv' => "person,project,task,role,date,hours,state,note\nada,LENS,FIT,surveyor,2026-06-16,1:20,approved,\nada,LENS,DRAW,,2026-06-03,9,approved,\n",
            'rates.csv' => "person,role,from,cost_rate,bill_rate\nada,,2026-01-01,87.65,120\n",
        ]));
    }

    #[DataProvider('spreadsheets')]
    public function test_a_spreadsheet_has_numbers_to_the_minute_and_cent_and_texts_that_are_no_formulas(string $format, string $sheet, string $hours, string $money, string $text): void
    {
        $this->actingAs($this->person('kit'));
        $response = $this->get("/compare.$format?".self::JUNE.'&by=task&show=actual,cost,billable-share')->assertOk();
        $path = $this->folder().'/file';
        file_put_contents($path, $response->streamedContent());
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        $xml = (string) $zip->getFromName($sheet);

        foreach ([$hours, $money, $text, 'Comparison by task', 'Fit the lens (LENS)', '1 Jun 2026 to 30 Jun 2026', 'Made by Kit'] as $part) {
            self::assertStringContainsString($part, $xml);
        }
        self::assertStringNotContainsString('<f>', $xml);
        self::assertNotFalse(simplexml_load_string($xml), 'The sheet is well formed.');
        self::assertSame('attachment; filename=comparison-task-2026-06-01-to-2026-06-30.'.$format, $response->headers->get('Content-Disposition'));
    }

    /** @return iterable<string, array{string, string, string, string, string}> */
    public static function spreadsheets(): iterable
    {
        yield 'xlsx' => ['xlsx', 'xl/worksheets/sheet1.xml', '<v>1.3333333333</v>', '<v>116.87</v>', 't="inlineStr"'];
        yield 'ods' => ['ods', 'content.xml', 'office:value="1.3333333333"', 'office:value="116.87"', 'office:value-type="string"'];
    }

    public function test_the_audit_trail_says_who_took_which_figures_out(): void
    {
        $this->actingAs($this->person('mo'))->get('/compare.csv?'.self::JUNE.'&by=task')->assertOk();

        $told = DB::table('audit_trail')->where('subject', 'comparison')->sole();
        self::assertSame(['export', $this->person('mo')->id, 'comparison-task-2026-06-01-to-2026-06-30.csv'], [$told->act, $told->actor_id, $told->name]);
        self::assertIsString($told->after);
        self::assertStringContainsString('from=2026-06-01', $told->after);
    }

    public function test_names_that_look_like_formulas_or_markup_stay_texts(): void
    {
        $this->actingAs($this->person('kit'));
        $path = $this->folder().'/file';
        file_put_contents($path, $this->get('/compare.xlsx?'.self::JUNE)->streamedContent());
        $zip = new ZipArchive;
        $zip->open($path);

        self::assertStringContainsString('<t xml:space="preserve">=Lens &amp; &lt;refit&gt;</t>', (string) $zip->getFromName('xl/worksheets/sheet1.xml'));
    }

    public function test_json_has_the_figures_of_the_page(): void
    {
        $json = $this->actingAs($this->person('kit'))->get('/compare.json?'.self::JUNE.'&then=person&across=month&show=actual,cost,utilisation')->assertOk()->streamedContent();
        $found = json_decode($json, true, 32, JSON_THROW_ON_ERROR);

        self::assertSame(['actual', 'cost'], data_get($found, 'measures'), 'What days ask of people does not fit projects.');
        self::assertSame(['group' => 'LENS', 'name' => '=Lens & <refit>', 'actual' => 620, 'cost' => '905.72', 'cost_without_minutes' => 0, 'periods' => ['2026-06' => ['planned' => 3195, 'actual' => 620]]], data_get($found, 'rows.0'));
        self::assertSame('ada', data_get($found, 'rows.2.part'));
        self::assertSame('905.72', data_get($found, 'total.cost'));
    }

    public function test_a_pdf_is_one(): void
    {
        $response = $this->actingAs($this->person('kit'))->get('/compare.pdf?'.self::JUNE.'&by=task&then=person&across=week&team=field&billable=yes')->assertOk();

        self::assertSame('application/pdf', $response->headers->get('Content-Type'));
        self::assertStringStartsWith('%PDF-1.', $response->streamedContent());
    }

    public function test_a_pdf_says_what_is_compared_and_whose_tasks_they_are(): void
    {
        $this->actingAs($this->person('kit'));
        $pdf = fn (string $question): string => (string) preg_replace('/\s+/', ' ', (new Parser)->parseContent($this->get('/compare.pdf?'.self::JUNE.$question)->streamedContent())->getText());

        $people = $pdf('&by=person&then=task&across=month');
        self::assertStringContainsString('Comparison by person and task, with months across', $people);
        self::assertStringContainsString('Fit the lens (LENS)', $people);
        self::assertStringContainsString('June 2026, actual, h', $people);
        $projects = $pdf('&by=project&then=task');
        self::assertStringContainsString('Comparison by project and task', $projects);
        self::assertStringContainsString('Fit the lens 37.25', $projects, 'Whose it is goes without saying below its project.');
    }

    public function test_the_command_answers_the_question_of_an_address_with_the_same_file(): void
    {
        $question = self::JUNE.'&by=task&then=person&across=month&show=actual,cost,remaining';
        $this->actingAs($this->person('kit'));
        foreach (['csv', 'json'] as $format) {
            Artisan::call('moss:compare', ['--question' => $question, '--format' => $format, '--today' => '2026-06-17']);
            self::assertSame($this->get("/compare.$format?".$question)->streamedContent(), Artisan::output(), $format);
        }
    }

    public function test_who_may_not_compare_gets_no_file_and_other_formats_are_not_there(): void
    {
        $this->actingAs($this->person('ada'))->get('/compare.json')->assertForbidden();
        $this->actingAs($this->person('kit'))->get('/compare.exe')->assertNotFound();
    }

    public function test_money_is_in_a_file_only_for_who_may_see_it(): void
    {
        $json = $this->actingAs($this->person('mo'))->get('/compare.json?'.self::JUNE.'&show=actual,cost,margin')->streamedContent();

        self::assertStringNotContainsString('cost', $json);
        self::assertStringNotContainsString('margin', $json);
    }
}
