<?php

declare(strict_types=1);

namespace Tests\App\Week;

use Illuminate\Support\Facades\Artisan;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class PencilCommandTest extends TestCase
{
    public function test_the_plan_is_pencilled_with_its_reason(): void
    {
        $this->import(Lighthouse::files([
            'tasks.csv' => "project,task,name,done_on\nLENS,FIT,Fit the lens,\nLENS,DRAW,Drawings,2026-06-12\nOLD,SCRAP,Scrap it,\n",
            'assignments.csv' => "project,task,person,team,role,planned,starts_on,ends_on\nLENS,FIT,ada,,surveyor,16,2026-06-16,2026-06-17\nLENS,FIT,ada,,,7,2026-06-16,2026-06-19\n"
                ."LENS,DRAW,ada,,,8,2026-06-15,2026-06-19\nOLD,SCRAP,ada,,,8,2026-06-15,2026-06-19\n",
            'entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,2\n",
        ]));

        // Monday is a holiday; on Tuesday 2 h of 8 h are entered; on Friday half of 4 h is expected for the leave.
        self::assertSame(<<<'CSV'
            date,project,task,role,minutes,why
            2026-06-16,LENS,FIT,surveyor,360,"plan: 16 h from Tue 16 to Wed 17 Jun, 8 h a day"
            2026-06-17,LENS,FIT,surveyor,480,"plan: 16 h from Tue 16 to Wed 17 Jun, 8 h a day"
            2026-06-18,LENS,FIT,,105,"plan: 7 h from Tue 16 to Fri 19 Jun, 1.75 h on this day"
            2026-06-19,LENS,FIT,,90,"plan: 7 h from Tue 16 to Fri 19 Jun, 1.5 h on this day"

            CSV, $this->pencil());
    }

    public function test_closed_projects_and_done_tasks_are_left_out(): void
    {
        $this->import(Lighthouse::files(['remaining_estimates.csv' => "person,project,task,on,remaining,done\nada,LENS,FIT,2026-06-12,0,yes\n"]));

        self::assertSame("date,project,task,role,minutes,why\n", $this->pencil());
    }

    public function test_a_wrong_person_or_week_is_refused(): void
    {
        $this->import(Lighthouse::files());
        foreach ([['zoe', '2026-W25', '--person is “zoe”'], ['ada', '2026-W60', '--week cannot be “2026-W60”']] as [$person, $week, $sentence]) {
            self::assertSame(1, Artisan::call('moss:pencil', ['--person' => $person, '--week' => $week]));
            self::assertStringContainsString($sentence, Artisan::output());
        }
    }

    private function pencil(): string
    {
        self::assertSame(0, Artisan::call('moss:pencil', ['--person' => 'ada', '--week' => '2026-W25']));

        return Artisan::output();
    }
}
