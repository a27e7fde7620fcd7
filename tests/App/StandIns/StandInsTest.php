<?php

declare(strict_types=1);

namespace Tests\App\StandIns;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** Who decides in whose place. */
final class StandInsTest extends TestCase
{
    use SignsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,submitted\n"]));
    }

    public function test_an_approver_names_somebody_for_some_days_and_they_decide_at_once(): void
    {
        $this->nameAs('mo', ['standIn' => 'bo', 'from' => '2026-06-17', 'to' => '2026-06-19'])->assertSessionHas('message', 'Bo Carr is the stand-in from Wed 17 Jun to Fri 19 Jun.');

        $this->as('bo')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.sum.entries', 1));
        $this->as('bo')->get('/stand-ins')->assertInertia(fn (AssertableInertia $page) => $page->where('standIns.mine.0.principal', 'Mo Fell')->where('standIns.mine.0.isNow', true)->where('standIns.named', []));
        $this->as('mo')->get('/stand-ins')->assertInertia(fn (AssertableInertia $page) => $page->where('standIns.named.0.standIn', 'Bo Carr'));

        $this->as('mo')->delete('/stand-ins/1')->assertSessionHas('message');
        $this->as('bo')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.sum.entries', 0));
        self::assertSame(['add', 'remove'], DB::table('audit_trail')->where('subject', 'stand-in')->orderBy('id')->pluck('act')->all());
    }

    public function test_it_can_be_for_some_projects_and_said_again_otherwise(): void
    {
        $this->nameAs('mo', ['standIn' => 'bo', 'from' => '2026-06-17', 'to' => '2026-06-19', 'projects' => ['OLD']]);
        $this->as('bo')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.sum.entries', 0));
        $this->nameAs('mo', ['standIn' => 'bo', 'from' => '2026-06-17', 'to' => '2026-06-30', 'projects' => ['LENS', 'OLD']]);
        $this->nameAs('mo', ['standIn' => 'bo', 'from' => '2026-06-17', 'to' => '2026-06-30', 'projects' => ['OLD', 'LENS']]);

        $this->as('bo')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.sum.entries', 1));
        self::assertSame([1, 2], [DB::table('stand_ins')->count(), DB::table('audit_trail')->where('subject', 'stand-in')->count()]);
    }

    public function test_the_head_of_every_page_counts_what_waits_for_a_stand_in_who_has_signed_in(): void
    {
        DB::table('people')->update(['password' => Hash::make(self::$password)]);
        $waiting = function (string $code): int {
            $this->elsewhere()->signIn($code);

            return $this->whoAsks()->given('/account')->int('signedIn.waiting');
        };
        self::assertSame([0, 1], [$waiting('bo'), $waiting('mo')]);

        DB::table('stand_ins')->insert(['person_id' => $this->person('mo')->id, 'stand_in_id' => $this->person('bo')->id, 'starts_on' => '2026-06-17', 'ends_on' => '2026-06-17']);
        self::assertSame([1, 1, 0], [$waiting('bo'), $waiting('mo'), $waiting('lee')]);
        // Where it is nobody's turn, it is the time office's.
        DB::table('entries')->update(['approver_id' => null]);
        self::assertSame([0, 1], [$waiting('mo'), $waiting('kit')]);
    }

    public function test_only_oneself_or_the_office_names(): void
    {
        $this->nameAs('kit', ['principal' => 'mo', 'standIn' => 'bo', 'from' => '2026-06-20', 'to' => '2026-06-21'])->assertSessionHas('message');
        $this->nameAs('bo', ['principal' => 'mo', 'standIn' => 'bo', 'from' => '2026-06-17', 'to' => '2026-06-21'])->assertForbidden();
        $this->as('bo')->delete('/stand-ins/1')->assertForbidden();
        // What has not begun goes altogether.
        $this->as('mo')->delete('/stand-ins/1')->assertSessionHas('message');
        self::assertSame(0, DB::table('stand_ins')->count());
    }

    public function test_what_makes_no_sense_is_refused(): void
    {
        foreach ([[['standIn' => 'mo'], 'Nobody can stand in for themselves. Choose someone else.'], [['standIn' => 'vic'], 'A viewer cannot approve time. Choose someone else.'], [['from' => '2026-06-01', 'to' => '2026-06-16'], 'These days are in the past. Choose days from today on.']] as [$change, $why]) {
            $this->nameAs('mo', $change + ['standIn' => 'bo', 'from' => '2026-06-17', 'to' => '2026-06-19'])->assertSessionHas('refusal', static fn (string $sentence): bool => str_contains($sentence, $why));
        }
        foreach ([['to' => '2026-06-16'], ['standIn' => 'nobody'], ['projects' => ['NONE']]] as $change) {
            $this->nameAs('mo', $change + ['standIn' => 'bo', 'from' => '2026-06-17', 'to' => '2026-06-19'])->assertSessionHasErrors();
        }
        self::assertSame(0, DB::table('stand_ins')->count());
    }

    private function as(string $person): self
    {
        return $this->actingAs($this->person($person));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function nameAs(string $person, array $body): TestResponse
    {
        return $this->as($person)->from('/stand-ins')->post('/stand-ins', $body);
    }
}
