<?php

declare(strict_types=1);

namespace Tests\App\Exchange;

use App\Exchange\ImportRefused;
use App\Models\Organisation;
use Demo\Scenario;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\OwnFields\OwnFieldFiles;
use Tests\App\TestCase;

final class ExportTest extends TestCase
{
    public function test_an_export_of_the_demonstration_imports_into_an_empty_database_to_the_same_bytes(): void
    {
        $this->import((new Scenario(Day::of('2026-06-17')))->files());
        $first = $this->exported();
        $this->empty();
        $this->import($first);

        self::assertSame($first, $this->exported());
        self::assertCount(15, $first);
    }

    public function test_awkward_values_survive_the_round_trip(): void
    {
        $this->import(Lighthouse::files([
            'roles.csv' => "role,name\nsurveyor,Surveyor\nsenior,Senior\n-,\"A, \"\"quoted\"\" name\"\n007,'=not a formula\n",
            'entries.csv' => "person,project,task,role,date,hours,state,note\n"
                ."ada,LENS,FIT,,2026-06-16,80m,settled,\"=1+1\ntwo lines\"\nada,LENS,FIT,007,2026-06-16,0:01,draft,@x\nada,LENS,FIT,-,2026-06-17,1.33,draft,''@x\n",
            'remaining_estimates.csv' => "person,project,task,on,remaining,done\nada,LENS,FIT,2026-06-17,0,yes\nada,LENS,FIT,2026-06-16,12.5,no\n",
        ]));
        $this->import(['entries.csv' => "person,project,task,date,hours,state,corrects\nada,LENS,FIT,2026-06-17,-0:20,approved,2026-06-16\n"]);
        $first = $this->exported();
        $this->empty();
        $this->import($first);

        self::assertSame($first, $this->exported());
        self::assertSame("=1+1\ntwo lines", DB::table('entries')->where('minutes', 80)->where('state', 'settled')->value('note'));
        self::assertSame("'@x", DB::table('entries')->where('date', '2026-06-17')->where('minutes', 80)->value('note'));
    }

    public function test_own_fields_and_composed_charge_codes_survive_the_round_trip(): void
    {
        $this->import(OwnFieldFiles::files(OwnFieldFiles::HELD));
        $first = $this->exported();
        $this->empty();
        $this->import($first);

        self::assertSame($first, $this->exported());
        self::assertSame([8, 3, 2, 2], [DB::table('own_field_values')->count(), DB::table('own_field_values')->whereNotNull('entry_id')->where('own_field_id', DB::table('own_fields')->where('code', 'place')->value('id'))->count(), DB::table('charge_code_parts')->count(), DB::table('charge_code_combinations')->count()]);
        self::assertSame('WP1/LAB', DB::table('entries')->where('state', 'settled')->value('charge_code'));
    }

    public function test_expenses_and_what_they_are_made_of_survive_the_round_trip(): void
    {
        $files = [
            'currencies.csv' => "currency,places,step\nCHF,2,5\nJPY,0,1\n",
            'exchange_rates.csv' => "currency,from,rate\nCHF,2026-06-01,1.0823\n",
            'expense_categories.csv' => "category,name,tax,limit,limit_per,mileage,reclaims_tax,charged,active\ncar,Car,0:100,,expense,yes,yes,no,yes\nhotel,Hotel,\"7:70 19.5:30\",140.00,day,no,yes,yes,yes\n",
            'expense_category_teams.csv' => "category,team\nhotel,field\n",
            'mileage_rates.csv' => "category,from,rate\ncar,2026-01-01,0.30\n",
            'expenses.csv' => "expense,person,project,task,date,category,currency,amount,tax,exchange_rate,own_amount,cost,charged,own_money,distance,mileage_rate,from_place,to_place,note,client_note,explanation,state,corrects,reverses\n"
                ."ada-1,ada,LENS,FIT,2026-06-15,hotel,CHF,10000,911,1.0823,108.23,98.37,yes,yes,,,,,Nights,,,approved,,no\n"
                ."ada-2,ada,LENS,FIT,2026-06-15,hotel,CHF,-10000,-911,1.0823,-108.23,-98.37,yes,yes,,,,,,,,approved,ada-1,yes\n"
                ."ada-3,ada,LENS,FIT,2026-06-16,car,,3705,0,1,37.05,37.05,no,yes,1235,0.30,Harbour,Skerry,,,,draft,,no\n",
            'own_fields.csv' => "field,name,belongs_to,holds,required,starts_on,team,client,position,retired\npurpose,Purpose,expense,text,no,,,,0,no\n",
            'own_field_values.csv' => "field,person,project,task,role,date,corrects,expense,value\npurpose,,,,,,,ada-3,Survey\n",
        ];
        $this->import(Lighthouse::files($files));
        $out = $this->exported();
        foreach ($files as $name => $file) {
            self::assertSame($file, str_replace("\r", '', $out[$name]), $name);
            $report = $this->import([$name => $file])->files[$name];
            self::assertSame([0, 0], [$report['new'], $report['changed']], $name);
        }
        $wrong = "expense,person,project,task,date,category,amount,own_amount,cost,distance,corrects\nada-4,ada,LENS,NONE,2026-06-15,hotel,1,0.01,0.01,5,ada-9\nada-1,ada,LENS,FIT,2026-06-15,hotel,1,0.01,0.01,,\n";
        $this->expectException(ImportRefused::class);
        $this->import(['expenses.csv' => $wrong]);
    }

    public function test_pay_rules_survive_the_round_trip(): void
    {
        $rules = <<<'CSV'
            team,person,from,weekly_over,daily_over,daily_double_over,seventh_double_over,seventh_day,sundays,holidays,night_starts_at,night_ends_at,falls_on,seventh_across_weeks,overtime_cost_percent,double_cost_percent,night_cost_percent,sunday_cost_percent,holiday_cost_percent
            ,,,40,,,,no,yes,yes,,,day,no,125,100,100,150,200
            ,ada,2026-06-01,38.5,8,12,8,yes,no,no,23:00,6:30,week,yes,150,200,110,100,100
            field,,,,10,,,no,no,no,,,last,no,100,100,100,100,100

            CSV;
        $this->import(Lighthouse::files(['pay_rules.csv' => $rules]));
        $first = $this->exported();
        self::assertSame($rules, str_replace("\r", '', $first['pay_rules.csv']));
        self::assertSame(['new' => 0, 'changed' => 0, 'same' => 3], $this->import(['pay_rules.csv' => $rules])->files['pay_rules.csv']);
        self::assertSame([2310, 480, 720, 480, 1, 1380, 390], array_values((array) DB::table('pay_rules')->where('starts_on', '2026-06-01')->first(['weekly_over', 'daily_over', 'daily_double_over', 'seventh_double_over', 'seventh_day', 'night_starts_at', 'night_ends_at'])));
    }

    public function test_premiums_and_who_chose_them_survive_the_round_trip(): void
    {
        $files = [
            'entries.csv' => "person,project,task,date,hours,state,billable,note,client_note,corrects\nada,LENS,FIT,2026-06-16,9,approved,,,,\nada,LENS,CLEAN,2026-06-17,4,draft,,,,\n",
            'pay_premiums.csv' => "premium,name,counts_as_work,cost_percent,active\nlate-shift,Late,yes,110,yes\nstand-by,Stand-by,no,25,no\n",
            'pay_premium_teams.csv' => "premium,team\nlate-shift,field\n",
            'pay_premium_people.csv' => "premium,person\nlate-shift,mo\n",
            'entry_pay_kinds.csv' => "person,project,task,role,date,corrects,kind,hours,premium,cost_percent\nada,LENS,FIT,,2026-06-16,,premium,1,late-shift,110\nada,LENS,FIT,,2026-06-16,,premium,2,stand-by,25\nada,LENS,FIT,,2026-06-16,,regular,6,,100\n",
            'entry_pay_choices.csv' => "person,project,task,role,date,corrects,kind,hours,premium\nada,LENS,CLEAN,,2026-06-17,,overtime,0,\nada,LENS,CLEAN,,2026-06-17,,premium,3,late-shift\n",
        ];
        $this->import(Lighthouse::files($files));
        $out = $this->exported();
        foreach (array_diff_key($files, ['entries.csv' => true]) as $name => $file) {
            self::assertSame($file, str_replace("\r", '', $out[$name]), $name);
            $report = $this->import([$name => $file])->files[$name];
            self::assertSame([0, 0], [$report['new'], $report['changed']], $name);
        }
        // Costs follow what is imported: 6 hours, 1.1 and half an hour.
        $fit = DB::table('recorded_weeks')->where('task_id', $this->task('FIT')->id);
        self::assertSame(4 * 8765, (int) DB::table('recorded_weeks')->where('task_id', $this->task('CLEAN')->id)->sum('pending_cents'));
        self::assertSame([540, 66614], [(int) (clone $fit)->sum('actual_minutes'), (int) $fit->sum('actual_cents')]);
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());

        $this->expectException(ImportRefused::class);
        $this->import(['entry_pay_choices.csv' => "person,project,task,date,kind,hours,premium\nada,LENS,CLEAN,2026-06-17,premium,1,nix\n"]);
    }

    public function test_what_entries_are_paid_as_survives_the_round_trip_and_holds(): void
    {
        $entries = "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,9,approved\nada,LENS,CLEAN,,2026-06-16,1,approved\n";
        $kinds = "person,project,task,role,date,corrects,kind,hours,premium,cost_percent\nada,LENS,FIT,surveyor,2026-06-16,,overtime,1.5,,150\nada,LENS,FIT,surveyor,2026-06-16,,regular,7.5,,100\n";
        $this->import(Lighthouse::files(['entries.csv' => $entries, 'entry_pay_kinds.csv' => $kinds, 'pay_rules.csv' => "weekly_over\n40\n"]));
        self::assertSame($kinds, str_replace("\r", '', $this->exported()['entry_pay_kinds.csv']));
        $this->actingAs($this->person('ada'));
        self::assertSame([510, 90], self::each($this->given('/week/2026-W25')->value('sheet.pay.kinds'), 'minutes'));

        // What does not add up is regular.
        self::assertSame(['new' => 0, 'changed' => 1, 'same' => 0], $this->import(['entry_pay_kinds.csv' => "person,project,task,role,date,kind,hours\nada,LENS,FIT,surveyor,2026-06-16,overtime,3\n"])->files['entry_pay_kinds.csv']);
        self::assertSame([600], self::each($this->given('/week/2026-W25')->value('sheet.pay.kinds'), 'minutes'));
        $this->actingAs($this->person('kit'))->get('/office/audit-trail')->assertOk();
        $this->expectException(ImportRefused::class);
        $this->import(['entry_pay_kinds.csv' => "person,project,task,role,date,kind,hours\nada,LENS,FIT,surveyor,2026-06-17,overtime,3\n"]);
    }

    #[TestWith([',,,0,,,,no,no,no,,,day'])]
    #[TestWith([',,,169,,,,no,no,no,,,day'])]
    #[TestWith(['field,ada,,40,,,,no,no,no,,,day'])]
    #[TestWith([',,,,8,8,,no,no,no,,,day'])]
    #[TestWith([',,,40,,,,no,no,no,23:00,,day'])]
    #[TestWith([',,,40,,,,no,no,no,24:00,6:00,day'])]
    #[TestWith([',,,40,,,,no,no,no,,,first'])]
    public function test_what_is_no_pay_rule_is_refused_with_its_place(string $row): void
    {
        $this->import(Lighthouse::files());
        $this->expectException(ImportRefused::class);
        $this->import(['pay_rules.csv' => "team,person,from,weekly_over,daily_over,daily_double_over,seventh_double_over,seventh_day,sundays,holidays,night_starts_at,night_ends_at,falls_on\n$row\n"]);
    }

    public function test_an_export_is_safe_to_open_in_a_spreadsheet(): void
    {
        $this->import(Lighthouse::files(['clients.csv' => "client,name\nharbour,\"=cmd()\"\nb,+1\nc,-x\nd,@y\n"]));

        $clients = $this->exported()['clients.csv'];

        self::assertSame("client,name\nb,'+1\nc,'-x\nd,'@y\nharbour,'=cmd()\n", $clients);
    }

    public function test_the_audit_trail_says_what_was_taken_out(): void
    {
        $this->import(Lighthouse::files());
        $this->exported();

        $told = DB::table('audit_trail')->where('subject', 'exchange')->where('act', 'export')->sole();
        $files = json_decode(is_string($told->after) ? $told->after : '', true);
        self::assertIsArray($files);
        self::assertSame([6, 3], [$files['people.csv'], $files['projects.csv']]);
    }

    public function test_a_folder_that_cannot_be_written_is_refused_with_a_sentence(): void
    {
        self::assertSame(1, Artisan::call('moss:export', ['folder' => $this->folder(['file' => '']).'/file']));
        self::assertStringContainsString('Cannot write to', Artisan::output());
    }

    /** @return array<string, string> contents by file name */
    private function exported(): array
    {
        $folder = $this->folder();
        self::assertSame(0, Artisan::call('moss:export', ['folder' => $folder]));
        $files = [];
        foreach (glob($folder.'/*.csv') ?: [] as $path) {
            $files[basename($path)] = (string) file_get_contents($path);
        }

        return $files;
    }

    private function empty(): void
    {
        DB::statement('PRAGMA defer_foreign_keys = ON');
        DB::statement('DROP TRIGGER settled_entries_are_not_deleted');
        DB::statement('DROP TRIGGER audit_trail_lines_are_not_deleted');
        foreach (['audit_trail', 'own_field_values', 'own_fields', 'remaining_estimates', 'entries', 'assignments', 'tasks', 'phases', 'projects', 'clients', 'leave_requests', 'leave_allowances', 'stand_ins', 'absences', 'absence_kinds', 'rates', 'people', 'teams', 'roles', 'organisations', 'holidays', 'calendars'] as $table) {
            DB::table($table)->delete();
        }
        DB::table('organisations')->insert(['id' => 1]);
    }

    public function test_after_people_alone_were_imported_the_export_can_still_be_imported(): void
    {
        $this->import(Lighthouse::files(['remaining_estimates.csv' => "person,project,task,on,remaining,reason\nada,LENS,CLEAN,2026-06-16,4,Slow\nada,LENS,FIT,2026-06-16,20,\n"]));
        $this->import(['people.csv' => "person,name,email,team\nada,Ada Moor,ada@lighthouse.example,\n"]);
        $first = $this->exported();
        $this->empty();
        $this->import($first);

        self::assertSame($first, $this->exported());
        self::assertStringNotContainsString('CLEAN', $first['remaining_estimates.csv']);
    }

    public function test_settings_rules_questions_and_permissions_come_back_the_same(): void
    {
        $this->import(Lighthouse::files());
        Organisation::query()->sole()->update(['week_due' => 3, 'shows_bill_value' => true, 'anonymised_after' => 24]);
        $files = [
            'house_rules.csv' => "rule,severity,limit,from,team,project\nday_above,explanation,570,2026-01-01,,LENS\nday_above,blocking,600,,field,\n",
            'questions.csv' => "wording,kind,choices,required,starts_on,ends_on\n\"Which boat?\",choice,\"Gull|Tern boat\",yes,2026-06-15,\n",
            'recorders.csv' => "person,recorder,may_submit\nada,bo,yes\n",
        ];
        $this->import($files);
        $folder = $this->folder();
        self::assertSame(0, Artisan::call('moss:export', ['folder' => $folder]));
        foreach ($files + ['settings.csv' => "key,value\nweek_due,3\nshows_bill_value,yes\nanonymised_after,24\n"] as $name => $content) {
            self::assertSame($content, file_get_contents("$folder/$name"), $name);
        }
        Organisation::query()->sole()->update(['week_due' => 1, 'shows_bill_value' => false, 'anonymised_after' => null]);
        self::assertSame(0, Artisan::call('moss:import', ['source' => $folder]));
        self::assertSame([3, true, 24], [Organisation::query()->sole()->week_due, Organisation::query()->sole()->shows_bill_value, Organisation::query()->sole()->anonymised_after]);
        foreach ([['house_rules.csv', "rule,severity,team,project\nday_above,off,field,LENS\n"], ['settings.csv', "key,value\nweek_due,20\n"], ['settings.csv', "key,value\ncolour,red\n"], ['questions.csv', "wording,kind,choices,starts_on\nWhich?,choice,a||b,2026-06-15\n"], ['recorders.csv', "person,recorder\nada,ada\n"]] as [$name, $content]) {
            self::assertSame(1, Artisan::call('moss:import', ['source' => $this->folder([$name => $content])]), $content);
        }
    }
}
