<?php

declare(strict_types=1);

namespace Tests\App\Review;

use App\Features\Periods\Actions\Settlement;
use App\Features\Periods\Queries\PeriodCheck;
use App\Models\Recorder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/**
 * Every act from every state by every kind of person, from outside: what is allowed works, everything else says why not
 * and changes nothing.
 */
final class EveryActTest extends TestCase
{
    /**
     * ada owns the entry; cal records for her, dot submits too; mo manages the project and sub stands in for mo; lee is
     * ada's line manager; kit keeps the office, vic reads, bo is nobody in it, and guest has not signed in.
     */
    private const PEOPLE = ['ada', 'cal', 'dot', 'mo', 'sub', 'lee', 'kit', 'vic', 'bo', 'guest'];

    private const STATES = ['draft', 'returned', 'submitted', 'approved once', 'approved', 'approved itself', 'settled'];

    /** Who may do what in which state; nobody may do anything else. */
    private const ALLOWED = [
        'edit' => ['draft' => ['ada', 'cal', 'dot', 'lee', 'kit'], 'returned' => ['ada', 'cal', 'dot', 'lee', 'kit']],
        'clear' => ['draft' => ['ada', 'cal', 'dot', 'lee', 'kit'], 'returned' => ['ada', 'cal', 'dot', 'lee', 'kit']],
        'submit' => ['draft' => ['ada', 'dot'], 'returned' => ['ada', 'dot']],
        'take back' => ['submitted' => ['ada', 'dot']],
        'approve' => ['submitted' => ['mo', 'sub'], 'approved once' => ['lee']],
        'return' => ['submitted' => ['mo', 'sub'], 'approved once' => ['lee']],
        'undo' => ['approved' => ['lee'], 'approved once' => ['mo'], 'returned' => ['mo']],
        'reopen' => ['approved itself' => ['mo', 'sub']],
        'propose' => ['approved' => ['ada', 'dot'], 'approved itself' => ['ada', 'dot'], 'settled' => ['ada', 'dot']],
        'accept' => ['approved' => ['lee'], 'approved itself' => ['lee'], 'settled' => ['lee']],
        'decline' => ['approved' => ['lee'], 'approved itself' => ['lee'], 'settled' => ['lee']],
        'withdraw' => ['approved' => ['ada', 'dot'], 'approved itself' => ['ada', 'dot'], 'settled' => ['ada', 'dot']],
        'settle' => ['approved' => ['kit'], 'approved itself' => ['kit']],
    ];

    #[DataProvider('acts')]
    public function test_only_who_may_does_it_and_only_where_it_can_be_done(string $act, string $state): void
    {
        $this->bring($state, in_array($act, ['accept', 'decline', 'withdraw'], true));
        $before = $this->snapshot();
        $changed = [];
        foreach (self::PEOPLE as $person) {
            DB::beginTransaction();
            $response = $this->try($act, $person);
            $after = $this->snapshot();
            DB::rollBack();
            if ($after !== $before) {
                $changed[] = $person;
            } else {
                self::assertNotSame('', $this->sentence($response), "$act by $person on $state says nothing");
            }
        }

        self::assertSame(self::ALLOWED[$act][$state] ?? [], $changed);
    }

    /** @return iterable<string, array{string, string}> */
    public static function acts(): iterable
    {
        foreach (array_keys(self::ALLOWED) as $act) {
            foreach (self::STATES as $state) {
                yield $act.', '.$state => [$act, $state];
            }
        }
    }

    /** Brings the entry into a state by the acts that lead there. */
    private function bring(string $state, bool $withCorrection): void
    {
        $files = Lighthouse::files();
        $this->import(Lighthouse::files([
            'organisation.csv' => "key,value\napproval,project+line\nself_approve,".($state === 'approved itself' ? 'yes' : 'no')."\n",
            'people.csv' => $files['people.csv']."cal,Cal Dune,cal@lighthouse.example,,,member,,\ndot,Dot Reef,dot@lighthouse.example,,,member,,\nsub,Sub Holm,sub@lighthouse.example,,,member,,\n",
            'entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,8\n",
            'stand_ins.csv' => "person,stand_in,starts_on,ends_on\nmo,sub,2026-06-17,2026-06-17\n",
        ]));
        foreach (['cal' => false, 'dot' => true] as $recorder => $maySubmit) {
            Recorder::query()->create(['person_id' => $this->person('ada')->id, 'recorder_id' => $this->person($recorder)->id, 'may_submit' => $maySubmit]);
        }
        $way = [
            'draft' => [],
            'returned' => [['submit', 'ada'], ['return', 'mo']],
            'submitted' => [['submit', 'ada']],
            'approved once' => [['submit', 'ada'], ['approve', 'mo']],
            'approved' => [['submit', 'ada'], ['approve', 'mo'], ['approve', 'lee']],
            'approved itself' => [['submit', 'ada']],
            'settled' => [['submit', 'ada'], ['approve', 'mo'], ['approve', 'lee'], ['settle', 'kit']],
        ];
        foreach ($way[$state] as [$act, $person]) {
            $this->try($act, $person);
        }
        $known = ['approved once' => 'submitted', 'approved itself' => 'approved'][$state] ?? $state;
        self::assertSame([$known], DB::table('entries')->pluck('state')->all());
        if ($withCorrection && $known !== 'draft' && in_array($known, ['approved', 'settled'], true)) {
            $this->try('propose', 'ada');
            self::assertSame(1, DB::table('corrections')->count());
        }
    }

    /** @return TestResponse<Response> */
    private function try(string $act, string $person): TestResponse
    {
        Auth::forgetGuards();
        session()->flush();
        if ($person !== 'guest') {
            $this->actingAs($this->person($person));
        }
        $entry = $this->entry('ada', 'FIT', '2026-06-16');
        $cell = ['task' => $entry?->task_id, 'role' => $entry?->role_id, 'date' => '2026-06-16'];
        $seen = ['entries' => [['id' => $entry?->id, 'version' => $entry?->version]]];
        $week = '/people/ada/week/2026-W25';
        $days = '/people/ada/days/2026-W25';

        return match ($act) {
            'edit' => $this->putJson($week.'/cells', ['cells' => [$cell + ['hours' => '3', 'seen' => $entry?->version]]]),
            'clear' => $this->putJson($week.'/cells', ['cells' => [$cell + ['hours' => '', 'seen' => $entry?->version]]]),
            'submit' => $this->post($days.'/submission'),
            'take back' => $this->delete($days.'/submission'),
            'approve', 'return' => $this->post('/review/decisions', $seen + ['decision' => $act, 'comment' => 'Which lens?']),
            'undo' => $this->delete('/review/decisions/'.self::lastId('decisions')),
            'reopen' => $this->post('/review/reopening', ['entries' => [$entry?->id]]),
            'propose' => $this->post($week.'/corrections', ['cells' => [$cell + ['hours' => '7']], 'reason' => 'Left early']),
            'accept', 'decline' => $this->post('/review/corrections', ['corrections' => [1], 'accept' => $act === 'accept', 'comment' => 'No']),
            'withdraw' => $this->delete($week.'/corrections/1'),
            'settle' => tap($this->post('/office/periods', ['day' => '2026-06-16', 'seen' => PeriodCheck::seen(Day::of('2026-06-16')), 'leavesOut' => true]), fn () => $this->app->make(Settlement::class)->finish()),
            default => self::fail('no such act: '.$act),
        };
    }

    /**
     * What the person is told: a refusal, a message, a page, or to sign in.
     *
     * @param  TestResponse<Response>  $response
     */
    private function sentence(TestResponse $response): string
    {
        $isJson = str_contains((string) $response->headers->get('Content-Type'), 'json') && $response->isOk();
        $said = session('refusal') ?? session('message') ?? ($isJson ? $response->json('cells.0.message') : null);
        if (is_string($said)) {
            return $said;
        }

        return in_array($response->getStatusCode(), [401, 403, 404], true) || $response->isRedirect(url('/sign-in')) ? 'refused' : '';
    }

    /** @return array<string, string> everything that an act could have changed of the time */
    private function snapshot(): array
    {
        $rows = static fn (string $table): string => DB::table($table)->orderBy('id')->get()->toJson();

        return ['entries' => $rows('entries'), 'corrections' => $rows('corrections')];
    }
}
