<?php

declare(strict_types=1);

namespace Tests\App\Exchange;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;
use ZipArchive;

final class ImportTest extends TestCase
{
    public function test_a_folder_is_taken_over_and_the_second_time_changes_nothing(): void
    {
        $folder = $this->folder(Lighthouse::files());

        $this->artisan('moss:import', ['source' => $folder]);
        $before = $this->everything();
        self::assertSame(0, Artisan::call('moss:import', ['source' => $folder]));

        self::assertSame($before, $this->everything());
        self::assertStringContainsString('people.csv: 0 new, 0 changed, 6 unchanged', Artisan::output());
        self::assertSame('Harbour Board', DB::table('clients')->value('name'));
    }

    #[DataProvider('badFiles')]
    public function test_a_bad_file_is_reported_precisely_and_changes_nothing(string $file, string $contents, string $sentence): void
    {
        $this->import(Lighthouse::files());
        $before = $this->everything();

        $exit = Artisan::call('moss:import', ['source' => $this->folder([$file => $contents])]);
        $report = Artisan::output();

        self::assertSame(1, $exit);
        self::assertStringContainsString($sentence, $report);
        self::assertStringContainsString('Nothing was imported.', $report);
        self::assertSame($before, $this->everything());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function badFiles(): iterable
    {
        $entries = "person,project,task,date,hours\n";
        yield 'a missing column' => ['people.csv', "person,name\nzoe,Zoe\n", 'people.csv, line 1, column email. Expected this column in the header'];
        yield 'semicolons' => ['roles.csv', "role;name\nx;X\n", 'roles.csv, line 1: “role;name”. Expected commas between columns, and not semicolons'];
        yield 'tabs' => ['roles.csv', "role\tname\nx\tX\n", 'Expected commas between columns, and not tabs'];
        yield 'an unknown column' => ['roles.csv', "role,name,colour\nx,X,red\n", 'roles.csv, line 1: “colour”. Expected only these columns: role, name'];
        yield 'a column twice' => ['roles.csv', "role,name,name\nx,X,X\n", 'roles.csv, line 1, column name. Expected each column only once'];
        yield 'no header at all' => ['roles.csv', '', 'roles.csv, line 1. Expected a header row'];
        yield 'too few cells' => ['roles.csv', "role,name\nx\n", 'roles.csv, line 2. Expected 2 cells, as in the header; found 1'];
        yield 'a required value' => ['roles.csv', "role,name\nx,\n", 'roles.csv, line 2, column name: “”. Expected a value'];
        yield 'a bad code' => ['roles.csv', "role,name\na b,X\n", 'roles.csv, line 2, column role: “a b”. Expected 1 to 32 letters'];
        yield 'a code of 33 characters' => ['roles.csv', "role,name\n".str_repeat('x', 33).",X\n", 'Expected 1 to 32 letters'];
        yield 'a wrong date' => ['entries.csv', $entries."ada,LENS,FIT,2026-02-29,8\n", 'entries.csv, line 2, column date: “2026-02-29”. Expected a date as YYYY-MM-DD'];
        yield 'nonsense for hours' => ['entries.csv', $entries."ada,LENS,FIT,2026-06-16,eight\n", 'entries.csv, line 2, column hours: “eight”. Expected hours'];
        yield 'no hours' => ['entries.csv', $entries."ada,LENS,FIT,2026-06-16,0\n", 'column hours: “0”. Expected hours above 0'];
        yield 'more than a day' => ['entries.csv', $entries."ada,LENS,FIT,2026-06-16,24:01\n", 'column hours: “24:01”'];
        yield 'negative without correcting' => ['entries.csv', $entries."ada,LENS,FIT,2026-06-16,-1\n", 'Expected hours above 0; only an entry that corrects a settled one may be negative'];
        yield 'correcting nothing' => ['entries.csv', "person,project,task,date,hours,corrects\nada,LENS,FIT,2026-06-16,-1,2026-06-10\n", 'column corrects: “2026-06-10”. Expected the day of a settled entry'];
        yield 'an unknown person' => ['entries.csv', $entries."zoe,LENS,FIT,2026-06-16,8\n", 'entries.csv, line 2, column person: “zoe”. Expected the code of a person'];
        yield 'an unknown project' => ['entries.csv', $entries."ada,NONE,FIT,2026-06-16,8\n", 'column project: “NONE”. Expected the code of a project'];
        yield 'an unknown task' => ['entries.csv', $entries."ada,LENS,NONE,2026-06-16,8\n", 'column task: “NONE”. Expected the code of a task of project LENS'];
        yield 'a duplicate key' => ['entries.csv', $entries."ada,LENS,FIT,2026-06-16,8\nada,LENS,FIT,2026-06-16,7\n", 'entries.csv, line 3'];
        yield 'an unknown state' => ['entries.csv', "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-16,8,done\n", 'Expected one of: draft, submitted, approved, returned, settled'];
        yield 'half a megabyte in a cell' => ['entries.csv', "person,project,task,date,hours,note\nada,LENS,FIT,2026-06-16,8,".str_repeat('x', 524_288)."\n", 'Expected text of at most 2000 characters'];
        yield 'a quote that is never closed' => ['entries.csv', "person,project,task,date,hours,note\nada,LENS,FIT,2026-06-15,8,Dry\nada,LENS,FIT,2026-06-16,8,\"Rain\nada,LENS,FIT,2026-06-17,8,Sun\n", 'entries.csv, line 3. Expected a closing quote'];
        yield 'two quotes that are never closed' => ['entries.csv', "person,project,task,date,hours,note\nada,LENS,FIT,2026-06-16,8,\"Rain\nada,LENS,FIT,2026-06-17,8,\"Sun\n", 'entries.csv, line 2. Expected quotes around whole cells'];
        yield 'a quote within a cell' => ['roles.csv', "role,name\nx,5\" pipe \"\n", 'roles.csv, line 2. Expected quotes around whole cells'];
        yield 'a text that reads backwards' => ['roles.csv', "role,name\nx,a\u{202E}b\n", 'without control characters'];
        yield 'another encoding' => ['roles.csv', "role,name\nx,Caf\xE9\n", 'roles.csv, line 2: “x,Café”. Expected text in UTF-8'];
        yield 'a control character' => ['roles.csv', "role,name\nx,\"a\x07b\"\n", 'without control characters'];
        yield 'an email of somebody else' => ['people.csv', "person,name,email\nzoe,Zoe,ADA@lighthouse.example\n", 'Expected an email address that nobody else has'];
        yield 'no email' => ['people.csv', "person,name,email\nzoe,Zoe,zoe\n", 'Expected an email address, such as'];
        yield 'a pattern of six days' => ['people.csv', "person,name,email,pattern\nzoe,Zoe,zoe@x.example,8 8 8 8 8 0\n", 'Expected hours for seven days'];
        yield 'a time zone of fancy' => ['people.csv', "person,name,email,timezone\nzoe,Zoe,zoe@x.example,Mars/Base\n", 'Expected the name of a time zone'];
        yield 'an end before the start' => ['projects.csv', "project,name,manager,starts_on,ends_on\nX,X,mo,2026-06-02,2026-06-01\n", 'Expected a date on or after the first day, 2026-06-02'];
        yield 'person and team' => ['assignments.csv', "project,task,person,team,planned,starts_on,ends_on\nLENS,FIT,ada,field,8,2026-06-01,2026-06-02\n", 'Expected either a person or a team'];
        yield 'neither person nor team' => ['assignments.csv', "project,task,person,planned,starts_on,ends_on\nLENS,FIT,,8,2026-06-01,2026-06-02\n", 'Expected either a person or a team'];
        yield 'a rate for nobody' => ['rates.csv', "person,role,from,cost_rate\n,,2026-01-01,5\n", 'Expected a person, a role, or both'];
        yield 'a rate with a comma' => ['rates.csv', "person,role,from,cost_rate\nada,,2026-01-01,\"5,5\"\n", 'Expected an hourly rate with a decimal point'];
        yield 'a budget of three places' => ['tasks.csv', "project,task,name,budget\nLENS,X,X,1.234\n", 'Expected an amount with a decimal point and at most two decimal places'];
        yield 'maybe' => ['tasks.csv', "project,task,name,billable\nLENS,X,X,maybe\n", 'Expected yes or no'];
        yield 'more than a whole day off' => ['calendars.csv', "calendar,date,name,part\ncoast,2026-06-01,X,1.5\n", 'Expected the part of the day that is off'];
        yield 'an unknown setting' => ['organisation.csv', "key,value\ncolour,red\n", 'Expected one of: name, currency'];
        yield 'a setting of the wrong kind' => ['organisation.csv', "key,value\nself_approve,perhaps\n", 'organisation.csv, line 2, column value: “perhaps”. Expected yes or no'];
        yield 'an unknown calendar' => ['organisation.csv', "key,value\ncalendar,moon\n", 'Expected the code of a calendar'];
        yield 'a remaining estimate by somebody who holds nothing' => ['remaining_estimates.csv', "person,project,task,on,remaining\nbo,LENS,FIT,2026-06-16,8\n", 'remaining_estimates.csv, line 2, column person: “bo”. Expected someone who is assigned to the task'];
        yield 'an unknown file' => ['colours.csv', "a\n", 'colours.csv. Expected only these files: calendars.csv'];
        yield 'standing in for oneself' => ['stand_ins.csv', "person,stand_in,starts_on,ends_on\nmo,mo,2026-06-01,2026-06-02\n", 'Expected someone other than the person they stand in for'];
    }

    public function test_every_problem_is_listed_with_the_line_an_editor_counts(): void
    {
        Artisan::call('moss:import', ['source' => $this->folder([
            'roles.csv' => "role,name\n\n\"x\",\"one\"\n\"y y\",\"b\"\nz z,c\n",
            'clients.csv' => "client,name\nc d,\"spread\nover two lines\"\ne f,X\n",
        ])]);
        $report = Artisan::output();

        self::assertStringContainsString('roles.csv, line 4', $report);
        self::assertStringContainsString('roles.csv, line 5', $report);
        self::assertStringContainsString('clients.csv, line 2', $report);
        self::assertStringContainsString('clients.csv, line 4', $report);
    }

    public function test_a_row_with_a_bad_cell_is_still_known_to_those_that_refer_to_it(): void
    {
        Artisan::call('moss:import', ['source' => $this->folder(Lighthouse::files([
            'projects.csv' => "project,name,manager,starts_on\nLENS,Lens refit,mo,soon\nOLD,Old crane,mo,\nOWN,Our own time,kit,\n",
        ]))]);
        $report = Artisan::output();

        self::assertStringContainsString('projects.csv, line 2, column starts_on: “soon”', $report);
        self::assertStringContainsString('Problems found: 1.', $report);
    }

    public function test_a_file_that_cannot_be_read_at_all_is_the_only_thing_spoken_of(): void
    {
        Artisan::call('moss:import', ['source' => $this->folder(Lighthouse::files(['projects.csv' => "code,name\nLENS,Lens\n"]))]);

        self::assertStringNotContainsString('tasks.csv', Artisan::output());
    }

    public function test_a_byte_order_mark_crlf_and_a_zip_are_accepted(): void
    {
        $folder = $this->folder();
        $zip = new ZipArchive;
        $zip->open($folder.'/all.zip', ZipArchive::CREATE);
        $zip->addFromString('export/roles.csv', "\xEF\xBB\xBFrole,name\r\nsurveyor,Surveyor\r\n");
        $zip->close();

        self::assertSame(0, Artisan::call('moss:import', ['source' => $folder.'/all.zip']));
        self::assertSame('Surveyor', DB::table('roles')->value('name'));
    }

    public function test_a_place_without_files_is_refused(): void
    {
        foreach ([$this->folder(), '/nowhere', $this->folder(['x.zip' => 'no zip']).'/x.zip'] as $source) {
            self::assertSame(1, Artisan::call('moss:import', ['source' => $source]));
        }
    }

    public function test_a_dry_run_reports_and_changes_nothing(): void
    {
        $exit = Artisan::call('moss:import', ['source' => $this->folder(Lighthouse::files()), '--dry-run' => true]);
        $report = Artisan::output();

        self::assertSame(0, $exit);
        self::assertStringContainsString('people.csv: 6 new', $report);
        self::assertSame(0, DB::table('people')->count());
        self::assertSame(0, DB::table('audit_trail')->count());
    }

    public function test_columns_that_a_file_does_not_have_are_left_as_they_are(): void
    {
        $this->import(Lighthouse::files());
        $this->import(['people.csv' => "person,name,email\nada,Ada Moor-Fell,ada@lighthouse.example\n"]);
        $ada = $this->person('ada');

        self::assertSame('Ada Moor-Fell', $ada->name);
        self::assertSame('8 8 8 8 6 0 0', $ada->pattern);
        self::assertSame('field', $ada->team?->code);
    }

    public function test_approved_time_may_be_settled_by_an_import_but_not_changed(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-16,8,approved\n"]));
        $folder = $this->folder(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-16,7,approved\n"]);

        self::assertSame(1, Artisan::call('moss:import', ['source' => $folder]));
        self::assertStringContainsString('Expected approved time as it is in the database, or settled', Artisan::output());
        $this->import(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-16,8,settled\n"]);
        self::assertSame('settled', $this->entry('ada', 'FIT', '2026-06-16')?->state->value);
        self::assertSame(1, Artisan::call('moss:import', ['source' => $folder]));
        self::assertStringContainsString('Expected settled time as it is in the database', Artisan::output());
    }

    public function test_submitted_time_waits_for_the_approver_of_its_route(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => <<<'CSV'
            person,project,task,date,hours,state
            ada,LENS,FIT,2026-06-16,8,submitted
            mo,LENS,FIT,2026-06-16,8,submitted
            bo,OWN,TRAIN,2026-06-16,8,submitted

            CSV]));

        self::assertSame($this->person('mo')->id, $this->entry('ada', 'FIT', '2026-06-16')?->approver_id);
        self::assertSame($this->person('lee')->id, $this->entry('mo', 'FIT', '2026-06-16')?->approver_id);
        self::assertSame($this->person('kit')->id, $this->entry('bo', 'TRAIN', '2026-06-16')?->approver_id);
    }

    public function test_time_that_waits_goes_on_to_whoever_approves_it_after_an_import(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-16,8,submitted\n"]));
        $approver = fn (): ?int => $this->entry('ada', 'FIT', '2026-06-16')?->approver_id;

        $this->import(['projects.csv' => "project,name,manager\nLENS,Lens refit,kit\n"]);
        self::assertSame($this->person('kit')->id, $approver(), 'The project has another manager.');
        $this->import(['organisation.csv' => "key,value\napproval,line\n"]);
        self::assertSame($this->person('ada')->manager_id, $approver(), 'The line manager approves.');
        $this->import(['people.csv' => "person,name,email,manager\nada,Ada Moor,ada@lighthouse.example,mo\n"]);
        self::assertSame($this->person('mo')->id, $approver(), 'The person has another line manager.');
        $this->import(['organisation.csv' => "key,value\npattern,6 6 6 6 6 0 0\n"]);
        self::assertSame($this->person('mo')->id, $approver(), 'Working time says nothing of who approves.');
    }

    public function test_a_plan_refreshed_elsewhere_ends_what_is_gone_and_touches_nothing_recorded(): void
    {
        $this->import(Lighthouse::files([
            'entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,approved\n",
            'remaining_estimates.csv' => "person,project,task,on,remaining\nada,LENS,FIT,2026-06-16,20\n",
        ]));
        $recorded = [DB::table('entries')->get()->toArray(), DB::table('remaining_estimates')->get()->toArray()];
        $folder = $this->folder(['assignments.csv' => <<<'CSV'
            project,task,person,team,role,planned,starts_on,ends_on
            LENS,FIT,bo,,,24,2026-06-20,2026-06-30
            LENS,DRAW,ada,,surveyor,9,2026-06-01,2026-06-30

            CSV]);

        $this->itIs('2026-06-18');
        $before = $this->everything();
        self::assertSame(0, Artisan::call('moss:import', ['source' => $folder, '--replace-plan' => true, '--dry-run' => true]));
        $said = Artisan::output();
        foreach ([
            'new: LENS/FIT, bo: 24 h, 2026-06-20, 2026-06-30',
            'changed: LENS/DRAW, ada, surveyor: 8 h → 9 h',
            'changed: LENS/FIT, ada, surveyor: 32 h → 8 h, 2026-06-26 → 2026-06-16',
            'removed: LENS/CLEAN, field',
        ] as $sentence) {
            self::assertStringContainsString($sentence."\n", $said);
        }
        self::assertSame($before, $this->everything(), 'A dry run changes nothing.');
        self::assertSame(0, Artisan::call('moss:import', ['source' => $folder, '--replace-plan' => true]));
        self::assertStringContainsString('2 assignments are no longer in the plan', Artisan::output());
        self::assertSame(2, DB::table('audit_trail')->where('subject', 'assignment')->where('task_id', $this->task('FIT')->id)->orWhere('task_id', $this->task('CLEAN')->id)->count(), 'What ended is in the audit trail.');
        self::assertEquals($recorded, [DB::table('entries')->get()->toArray(), DB::table('remaining_estimates')->get()->toArray()]);
        // Of ada's 32 h the 8 h entered stay planned, until the last day recorded; the team's untouched 8 h are gone.
        $ended = DB::table('assignments')->where('task_id', $this->task('FIT')->id)->where('person_id', $this->person('ada')->id)->first();
        self::assertEquals([480, '2026-06-16'], [$ended?->planned_minutes, $ended?->ends_on]);
        // What was planned first is stored beside it.
        self::assertSame(['2026-06-17' => 1920, '2026-06-18' => 480], DB::table('plan_steps')->where('task_id', $this->task('FIT')->id)
            ->where('person_id', $this->person('ada')->id)->orderBy('starting_on')->pluck('minutes', 'starting_on')->all());
        self::assertSame(0, DB::table('assignments')->where('task_id', $this->task('CLEAN')->id)->count());
        self::assertSame(540, DB::table('assignments')->where('task_id', $this->task('DRAW')->id)->value('planned_minutes'));
        // A project of which the files do not speak keeps its plan.
        self::assertSame(1, DB::table('assignments')->where('task_id', $this->task('SCRAP')->id)->count());
    }

    /**
     * @param  array<string, string>  $planned  the rows of the old and of the new plan, and what was recorded
     * @param  list<array{string, int, string}>  $left  whose, minutes and last day, by first day
     */
    #[DataProvider('replacedPlans')]
    public function test_what_of_a_replaced_plan_stays(array $planned, array $left): void
    {
        $header = "project,task,person,team,role,planned,starts_on,ends_on\n";
        $this->import(Lighthouse::files(['assignments.csv' => $header.$planned['old'], 'entries.csv' => "person,project,task,role,date,hours,state\n".$planned['entries']]));
        $entries = DB::table('entries')->get()->toArray();

        self::assertSame(0, Artisan::call('moss:import', ['source' => $this->folder(['assignments.csv' => $header.$planned['new']]), '--replace-plan' => true]));

        self::assertEquals($entries, DB::table('entries')->get()->toArray());
        self::assertSame($left, DB::table('assignments')->leftJoin('people', 'people.id', 'assignments.person_id')->leftJoin('teams', 'teams.id', 'assignments.team_id')->where('task_id', $this->task('FIT')->id)
            ->selectRaw('coalesce(people.code, teams.code) AS code, planned_minutes, assignments.ends_on')->orderBy('assignments.starts_on')->orderBy('code')->get()
            ->map(static fn (object $row): array => array_values((array) $row))->all());
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    /** @return iterable<string, array{array<string, string>, list<array{string, int, string}>}> */
    public static function replacedPlans(): iterable
    {
        $draw = "LENS,DRAW,ada,,surveyor,8,2026-06-01,2026-06-30\n";
        yield 'a team goes whose member recorded under an assignment of their own' => [
            ['old' => "LENS,FIT,ada,,surveyor,16,2026-06-15,2026-06-26\nLENS,FIT,,field,,40,2026-06-15,2026-06-26\n", 'new' => "LENS,FIT,ada,,surveyor,16,2026-06-15,2026-06-26\n", 'entries' => "ada,LENS,FIT,surveyor,2026-06-16,8,approved\n"],
            [['ada', 960, '2026-06-26']],
        ];
        yield 'a team stays as far as its members recorded for it' => [
            ['old' => "LENS,FIT,,field,,40,2026-06-15,2026-06-26\n", 'new' => $draw, 'entries' => "ada,LENS,FIT,,2026-06-16,8,approved\n"],
            [['field', 480, '2026-06-16']],
        ];
        yield 'of several stretches no more stays than was entered' => [
            ['old' => "LENS,FIT,ada,,surveyor,6,2026-06-01,2026-06-05\nLENS,FIT,ada,,senior,6,2026-06-08,2026-06-12\nLENS,FIT,ada,,surveyor,16,2026-06-15,2026-06-26\n", 'new' => $draw, 'entries' => "ada,LENS,FIT,surveyor,2026-06-02,8,approved\n"],
            [['ada', 360, '2026-06-02'], ['ada', 120, '2026-06-08']],
        ];
        yield 'the same person begins on another day' => [
            ['old' => "LENS,FIT,ada,,surveyor,32,2026-06-15,2026-06-26\n", 'new' => "LENS,FIT,ada,,surveyor,24,2026-06-17,2026-06-26\n", 'entries' => "ada,LENS,FIT,surveyor,2026-06-16,8,approved\n"],
            [['ada', 1440, '2026-06-26']],
        ];
        yield 'the same person works in another role' => [
            ['old' => "LENS,FIT,ada,,surveyor,32,2026-06-15,2026-06-26\n", 'new' => "LENS,FIT,ada,,senior,24,2026-06-15,2026-06-26\n", 'entries' => "ada,LENS,FIT,surveyor,2026-06-16,8,approved\n"],
            [['ada', 1440, '2026-06-26']],
        ];
        yield 'more was entered than was planned' => [
            ['old' => "LENS,FIT,ada,,surveyor,4,2026-06-15,2026-06-26\n", 'new' => $draw, 'entries' => "ada,LENS,FIT,surveyor,2026-06-16,8,approved\n"],
            [['ada', 240, '2026-06-16']],
        ];
        yield 'nothing was recorded' => [
            ['old' => "LENS,FIT,ada,,surveyor,4,2026-06-15,2026-06-26\n", 'new' => $draw, 'entries' => "bo,OWN,TRAIN,,2026-06-16,8,approved\n"],
            [],
        ];
    }

    public function test_people_may_swap_their_addresses(): void
    {
        $this->import(Lighthouse::files());
        $this->import(['people.csv' => "person,name,email\nada,Ada Moor,bo@lighthouse.example\nbo,Bo Carr,ADA@lighthouse.example\n"]);

        self::assertSame(['bo@lighthouse.example', 'ADA@lighthouse.example'], [$this->person('ada')->email, $this->person('bo')->email]);
    }

    public function test_what_comes_later_in_a_file_may_be_corrected_by_what_comes_before(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state,corrects\nada,LENS,FIT,surveyor,2026-06-16,-1,approved,2026-06-02\nada,LENS,FIT,surveyor,2026-06-02,8,settled,\n"]));

        self::assertSame(2, DB::table('entries')->count());
    }

    public function test_files_are_known_in_capitals_too_and_only_once(): void
    {
        self::assertSame(0, Artisan::call('moss:import', ['source' => $this->folder(['ROLES.CSV' => "role,name\nsurveyor,Surveyor\n"])]));
        self::assertSame(1, DB::table('roles')->count());

        $folder = $this->folder(['roles.csv' => "role,name\na,A\n", 'Roles.csv' => "role,name\nb,B\n"]);
        self::assertSame(1, Artisan::call('moss:import', ['source' => $folder]));
        self::assertStringContainsString('roles.csv once', Artisan::output());
        self::assertSame(1, DB::table('roles')->count());
    }

    public function test_two_files_of_one_name_in_a_zip_are_refused_and_so_is_a_folder(): void
    {
        $folder = $this->folder();
        $zip = new ZipArchive;
        $zip->open($folder.'/all.zip', ZipArchive::CREATE);
        $zip->addFromString('one/roles.csv', "role,name\na,A\n");
        $zip->addFromString('two/roles.csv', "role,name\nb,B\n");
        $zip->close();
        self::assertSame(1, Artisan::call('moss:import', ['source' => $folder.'/all.zip']));
        self::assertStringContainsString('Expected roles.csv once', Artisan::output());

        mkdir($folder.'/roles.csv');
        self::assertSame(1, Artisan::call('moss:import', ['source' => $folder]));
        self::assertStringContainsString('roles.csv. Expected a file', Artisan::output());
        rmdir($folder.'/roles.csv');
        self::assertSame(0, DB::table('roles')->count());
    }

    public function test_of_very_many_problems_the_first_are_listed_and_all_are_counted(): void
    {
        self::assertSame(1, Artisan::call('moss:import', ['source' => $this->folder(['roles.csv' => "role,name\n".str_repeat("a b,X\n", 1200)])]));
        $report = Artisan::output();

        self::assertStringContainsString('roles.csv, line 1001', $report);
        self::assertStringNotContainsString('roles.csv, line 1002', $report);
        self::assertStringContainsString('… and 200 more.', $report);
        self::assertStringContainsString('Problems found: 1200.', $report);
    }

    /** @return array<string, string> */
    private function everything(): array
    {
        $tables = ['organisations', 'calendars', 'holidays', 'teams', 'roles', 'people', 'rates', 'clients', 'projects', 'phases', 'tasks', 'assignments', 'absences', 'entries', 'remaining_estimates'];
        $all = [];
        foreach ($tables as $table) {
            $all[$table] = DB::table($table)->orderBy('id')->get()->toJson();
        }

        return $all;
    }
}
