<?php

declare(strict_types=1);

namespace Tests\App\OwnFields;

use App\Exchange\ImportRefused;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

/** Own fields and composed charge codes in files. */
final class ExchangeTest extends TestCase
{
    public function test_they_come_out_as_they_went_in(): void
    {
        $this->import(OwnFieldFiles::files(OwnFieldFiles::HELD));
        $folder = $this->folder();
        self::assertSame(0, Artisan::call('moss:export', ['folder' => $folder]));
        $first = self::read($folder);

        self::assertStringContainsString("ada,LENS,FIT,,2026-06-16,4,settled,,,,,WP1/LAB\n", $first['entries.csv']);
        self::assertStringContainsString("ledger,,LENS,,,,,,'=4711\n", $first['own_field_values.csv']);
        self::assertSame(8, substr_count($first['own_field_values.csv'], "\n") - 1);

        $report = $this->import($first);
        self::assertSame(0, $report->files['own_field_values.csv']['new'], 'the same values a second time change nothing');
        self::assertSame(8, $report->files['own_field_values.csv']['same']);
    }

    public function test_without_any_charge_code_the_file_of_entries_has_no_column_for_it(): void
    {
        $this->import(OwnFieldFiles::files(['entries.csv' => "person,project,task,date,hours\nada,LENS,FIT,2026-06-16,4\n"]));
        $folder = $this->folder();
        Artisan::call('moss:export', ['folder' => $folder]);

        self::assertStringStartsWith("person,project,task,role,date,hours,state,billable,note,client_note,corrects\n", self::read($folder)['entries.csv']);
    }

    #[DataProvider('bad')]
    public function test_what_cannot_be_is_refused_with_its_line(string $file, string $rows, string $problem): void
    {
        $this->import(OwnFieldFiles::files(['entries.csv' => OwnFieldFiles::HELD['entries.csv']]));
        try {
            $this->import([$file => $rows]);
            self::fail('It was imported.');
        } catch (ImportRefused $refused) {
            self::assertStringContainsString($problem, implode("\n", array_map(static fn ($one): string => $one->sentence(), $refused->problems)));
        }
        self::assertSame(0, DB::table('own_field_values')->count());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function bad(): iterable
    {
        $values = "field,person,project,task,role,date,value\n";
        yield 'another kind' => ['own_fields.csv', "field,name,belongs_to,holds\nmiles,Miles,entry,text\n", 'number, as when the field was added'];
        yield 'a project of a team' => ['own_fields.csv', "field,name,belongs_to,holds,team\nnew,New,project,text,field\n", 'people have no client, and tasks and projects no team'];
        yield 'no such choice' => ['own_field_values.csv', $values."place,ada,LENS,FIT,,2026-06-17,abroad\n", 'a choice of “Place of work”'];
        yield 'no number' => ['own_field_values.csv', $values."miles,ada,LENS,FIT,,2026-06-17,far\n", 'a number such as 12 or 1.5'];
        yield 'no such entry' => ['own_field_values.csv', $values."place,ada,LENS,FIT,,2026-06-18,home\n", 'this one needs person, project, task, date'];
        yield 'a field of something else' => ['own_field_values.csv', $values."risk,ada,,,,,high\n", 'this one needs project, task'];
        yield 'no such field' => ['own_field_values.csv', $values."nix,ada,,,,,high\n", 'a field in these files or in the database'];
        yield 'an unknown part' => ['charge_code_combinations.csv', "client,codes\nharbour,WP9 LAB\n", '“WP9 LAB”. Expected'];
        yield 'a part without codes' => ['charge_code_parts.csv', "client,part,name\nharbour,3,Extra\n", 'at least one code of 1 to 16 letters and digits'];
        yield 'a code that is none' => ['charge_code_values.csv', "client,part,code,name\nharbour,1,A-B,Both\n", '“A-B”'];
    }

    /** @return array<string, string> */
    private static function read(string $folder): array
    {
        $files = [];
        foreach (glob($folder.'/*.csv') ?: [] as $path) {
            $files[basename($path)] = (string) file_get_contents($path);
        }

        return $files;
    }
}
