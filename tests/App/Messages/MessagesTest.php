<?php

declare(strict_types=1);

namespace Tests\App\Messages;

use App\Features\Messages\Actions\MailSlot;
use App\Features\Messages\Actions\SendDigest;
use App\Features\Messages\Queries\MessageText;
use App\Models\Entry;
use App\Models\Message;
use App\Support\Database\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What people are told: each thing once, as they want it, and in one mail. */
final class MessagesTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours,state\n"
        ."ada,LENS,FIT,surveyor,2026-06-08,8,submitted\nada,LENS,FIT,surveyor,2026-06-16,8,submitted\nada,LENS,CLEAN,,2026-06-16,0:30,submitted\n";

    public function test_an_owner_is_told_once_for_each_week_that_was_decided(): void
    {
        $this->load();
        $this->decide('return', 'Which lens?');

        self::assertSame(["Mo Fell returned 8\u{00A0}h in week 24: “Which lens?”", "Mo Fell returned 8.5\u{00A0}h in week 25: “Which lens?”"], $this->told('ada', 'returned'));
        self::assertSame([], $this->told('mo'));
        $this->actingAs($this->person('ada'))->get('/messages')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('signedIn.unread', 3)->where('messages.messages.0.link', '/week/2026-W25')->where('messages.messages.0.isNew', true));
    }

    public function test_what_was_undone_is_not_told_unless_it_was_read(): void
    {
        $this->load();
        $this->decide('approve');
        self::assertCount(2, $this->told('ada', 'decided'));
        $this->actingAs($this->person('mo'))->delete('/review/decisions/'.self::lastId('decisions'));
        self::assertSame([], $this->told('ada', 'decided'));

        $this->decide('approve');
        $this->actingAs($this->person('ada'))->putJson('/messages/read', ['upTo' => self::lastId('messages')])->assertOk();
        $this->actingAs($this->person('mo'))->delete('/review/decisions/'.self::lastId('decisions'));
        self::assertCount(2, $this->told('ada', 'decided'));
    }

    public function test_a_decision_that_fails_tells_nobody(): void
    {
        $this->load();
        DB::statement("CREATE TRIGGER no_audit_trail BEFORE INSERT ON audit_trail WHEN NEW.act = 'approve' BEGIN SELECT RAISE(ABORT, 'full'); END");
        $this->withoutExceptionHandling();
        try {
            $this->decide('approve');
            self::fail('it was decided');
        } catch (\PDOException) {
            self::assertSame([[], 0, 3], [$this->told('ada', 'decided'), DB::table('decisions')->count(), DB::table('entries')->where('state', 'submitted')->count()]);
        }
    }

    public function test_approvers_and_owners_are_told_of_corrections_and_stand_ins_of_their_turn(): void
    {
        $this->load();
        $this->decide('approve');
        $entry = $this->entry('ada', 'CLEAN', '2026-06-16');
        $this->actingAs($this->person('ada'))->post('/people/ada/week/2026-W25/corrections', ['reason' => 'It was an hour', 'cells' => [['task' => $entry?->task_id, 'date' => '2026-06-16', 'hours' => '1']]]);
        self::assertSame(["Ada Moor proposes a correction for Tue 16 Jun, from 0.5\u{00A0}h to 1\u{00A0}h: “It was an hour”"], $this->told('mo'));
        $this->actingAs($this->person('mo'))->post('/review/corrections', ['corrections' => [1], 'accept' => false, 'comment' => 'No']);
        self::assertSame(["Mo Fell declined your correction for Tue 16 Jun, from 0.5\u{00A0}h to 1\u{00A0}h: “No”"], $this->told('ada', 'correction decided'));

        $this->actingAs($this->person('mo'))->post('/stand-ins', ['standIn' => 'bo', 'from' => '2026-06-18', 'to' => '2026-06-19']);
        self::assertSame(['You are the stand-in for Mo Fell from Thu 18 Jun to Fri 19 Jun.'], $this->told('bo'));
    }

    public function test_whom_files_assign_is_told_in_one_message_and_twice_is_once(): void
    {
        $this->load();
        self::assertSame(['You have been assigned 3 tasks: Fit the lens, Drawings (Lens refit); Scrap it (Old crane).'], $this->told('ada', 'assigned'));
        $this->import(Lighthouse::files());
        $this->import(['assignments.csv' => "project,task,person,role,planned,starts_on,ends_on\nLENS,CLEAN,bo,,4,2026-06-15,2026-06-18\nLENS,FIT,bo,,4,2026-01-15,2026-02-18\n"]);

        self::assertCount(1, $this->told('ada', 'assigned'));
        self::assertSame(['You have been assigned a task: Clean the lens (Lens refit).'], $this->told('bo'), 'what is over is told nobody');
        $this->messages('2026-06-17T08:00');
        self::assertSame(['Moss Week: 3 tasks have been assigned to you', 'Moss Week: A task has been assigned to you, and one more message'], DB::table('outbox_mails')->whereIn('recipient', ['ada@lighthouse.example', 'bo@lighthouse.example'])->orderBy('subject')->pluck('subject')->all());
    }

    /** @param  list<string>  $late */
    #[DataProvider('mornings')]
    public function test_overdue_weeks_are_reminded_of_on_working_days_until_they_are_submitted(string $at, string $entries, array $late, int $mails): void
    {
        $this->load("person,project,task,role,date,hours,state\n".$entries);
        DB::table('people')->where('code', 'ada')->update(['starts_on' => '2026-06-08']);
        DB::table('messages')->delete();

        $this->messages($at);

        self::assertSame($late, [...$this->told('ada', 'week overdue'), ...$this->told('ada', 'week due')]);
        self::assertSame($mails, DB::table('outbox_mails')->where('recipient', 'ada@lighthouse.example')->count());
    }

    /** @return iterable<string, array{string, string, list<string>, int}> */
    public static function mornings(): iterable
    {
        $nothing = "Week 24 was due on Mon 15 Jun. Nothing is recorded; 38\u{00A0}h expected.";
        yield 'nothing recorded' => ['2026-06-16T08:00', '', [$nothing], 1];
        yield 'before the hour that she wants' => ['2026-06-16T07:59', '', [], 0];
        yield 'some of it not submitted' => ['2026-06-16T08:00', "ada,LENS,FIT,surveyor,2026-06-08,8,submitted\nada,LENS,FIT,surveyor,2026-06-09,2,draft\n", ["Week 24 was due on Mon 15 Jun. 2\u{00A0}h not submitted."], 1];
        yield 'some of it returned' => ['2026-06-16T08:00', "ada,LENS,FIT,surveyor,2026-06-09,2,returned\n", ["Week 24 was due on Mon 15 Jun. 2\u{00A0}h returned to you."], 1];
        yield 'submitted' => ['2026-06-16T08:00', "ada,LENS,FIT,surveyor,2026-06-08,8,submitted\n", [], 0];
        yield 'on the last working day before it is due, for Monday is a holiday' => ['2026-06-12T08:00', "ada,LENS,FIT,surveyor,2026-06-08,8,draft\n", ["Submit week 24 by Mon 15 Jun. It has 8\u{00A0}h of the expected 38\u{00A0}h."], 1];
        yield 'on a holiday nobody is bothered' => ['2026-06-15T08:00', '', [], 0];
        yield 'nor on a Sunday' => ['2026-06-21T08:00', '', [], 0];
    }

    public function test_every_working_day_again_but_never_twice_on_one(): void
    {
        $this->load("person,project,task,role,date,hours,state\n");
        DB::table('people')->where('code', 'ada')->update(['starts_on' => '2026-06-08']);
        DB::table('messages')->delete();
        foreach (['2026-06-16T08:00', '2026-06-16T08:05', '2026-06-16T11:00', '2026-06-17T08:00', '2026-06-17T08:05'] as $at) {
            $this->messages($at);
        }

        self::assertCount(2, $this->told('ada', 'week overdue'));
        self::assertSame(2, DB::table('outbox_mails')->where('recipient', 'ada@lighthouse.example')->count());
    }

    public function test_the_hours_are_those_of_the_persons_own_clock(): void
    {
        $this->load("person,project,task,role,date,hours,state\n");
        DB::table('people')->update(['starts_on' => '2026-06-08']);
        DB::table('people')->where('code', 'ada')->update(['timezone' => 'Pacific/Auckland']);
        DB::table('messages')->delete();

        // 20:00 of Monday in London is Tuesday morning in Auckland.
        $this->messages('2026-06-15T19:59');
        self::assertSame([], $this->told('ada', 'week overdue'));
        $this->messages('2026-06-15T20:00');
        self::assertCount(1, $this->told('ada', 'week overdue'));
        self::assertSame([], $this->told('bo', 'week overdue'));
    }

    public function test_what_was_told_comes_in_one_mail_as_text_and_html(): void
    {
        $this->load();
        $this->decide('return', 'Which <lens>?');
        DB::table('messages')->where('kind', 'assigned')->delete();

        $this->messages('2026-06-17T08:00');

        $mails = Record::all(DB::table('outbox_mails')->where('recipient', 'ada@lighthouse.example'));
        self::assertCount(1, $mails);
        $mail = $mails[0];
        self::assertSame("Moss Week: Mo Fell returned 8\u{00A0}h in week 24, and 2 more messages", $mail->string('subject'));
        self::assertStringContainsString('“Which <lens>?”', $mail->string('text'));
        self::assertStringContainsString('“Which &lt;lens&gt;?”', $mail->string('html'));
        self::assertStringContainsString('/week/2026-W24', $mail->string('text'));
        self::assertSame(0, DB::table('messages')->where('person_id', $this->person('ada')->id)->whereNull('mailed_at')->where('by_mail', 1)->count());
    }

    public function test_a_mail_that_fails_is_sent_later_and_what_it_would_have_said_is_not_lost(): void
    {
        $this->load();
        $this->decide('return', 'Which lens?');
        $turn = new MailSlot(Day::of('2026-06-17'), false);
        DB::statement("CREATE TRIGGER no_mail BEFORE INSERT ON outbox_mails BEGIN SELECT RAISE(ABORT, 'no room'); END");
        try {
            $this->app->make(SendDigest::class)->handle($this->person('ada')->id, $turn);
            self::fail('it was sent');
        } catch (\PDOException) {
            self::assertSame(['', 0], [$this->person('ada')->mailed_in, DB::table('messages')->whereNotNull('mailed_at')->count()]);
        }
        DB::statement('DROP TRIGGER no_mail');
        $this->app->make(SendDigest::class)->handle($this->person('ada')->id, $turn);
        $this->app->make(SendDigest::class)->handle($this->person('ada')->id, $turn);

        self::assertSame(1, DB::table('outbox_mails')->count());
    }

    public function test_people_choose_what_comes_how_and_when(): void
    {
        $this->load();
        $this->actingAs($this->person('ada'))->put('/messages/notifications', ['notInApp' => ['returned'], 'notByMail' => [], 'hour' => 10, 'dayReminderHour' => 20])->assertSessionHasNoErrors();
        $this->decide('return', 'Which lens?');
        $this->get('/messages')->assertInertia(fn (AssertableInertia $page) => $page->where('signedIn.code', 'mo'));
        $this->actingAs($this->person('ada'))->get('/messages')->assertInertia(fn (AssertableInertia $page) => $page
            ->has('messages.messages', 1)->where('messages.hour', 10)->where('messages.settings.1', ['kind' => 'returned', 'inApp' => false, 'byMail' => true]));

        $this->messages('2026-06-17T09:59');
        self::assertSame(0, DB::table('outbox_mails')->where('recipient', 'ada@lighthouse.example')->count());
        $this->messages('2026-06-17T10:00');
        self::assertSame(1, DB::table('outbox_mails')->where('recipient', 'ada@lighthouse.example')->count());
        foreach ([['hour' => 24], ['dayReminderHour' => -1], ['notByMail' => ['gossip']]] as $wrong) {
            $this->from('/messages')->put('/messages/notifications', $wrong + ['notInApp' => [], 'notByMail' => [], 'hour' => 8, 'dayReminderHour' => 17])->assertSessionHasErrors();
        }
    }

    public function test_the_outbox_shows_everybody_their_own_mail_and_the_office_all(): void
    {
        $this->load();
        $this->decide('return', 'Which lens?');
        $this->messages('2026-06-17T08:00');
        $id = Record::all(DB::table('outbox_mails')->where('recipient', 'ada@lighthouse.example'))[0]->int('id');

        $this->actingAs($this->person('ada'))->get('/outbox?mail='.$id)->assertInertia(fn (AssertableInertia $page) => $page->where('outbox.open.id', $id)->where('outbox.isOfAll', false));
        $this->get('/outbox/'.$id)->assertOk()->assertHeader('Content-Security-Policy', "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'self'; sandbox allow-top-navigation-by-user-activation allow-popups");
        $this->actingAs($this->person('bo'))->get('/outbox?mail='.$id)->assertInertia(fn (AssertableInertia $page) => $page->where('outbox.open', null));
        $this->get('/outbox/'.$id)->assertNotFound();
        $this->actingAs($this->person('kit'))->get('/outbox/'.$id)->assertOk();
    }

    public function test_an_instant_that_is_none_is_refused(): void
    {
        self::assertSame(1, Artisan::call('moss:messages', ['--at' => 'soon']));
        self::assertStringContainsString('”. Enter a UTC time such as 2026-06-17T16:05.', Artisan::output());
    }

    private function load(string $entries = self::ENTRIES): void
    {
        $this->import(Lighthouse::files(['entries.csv' => $entries]));
    }

    private function decide(string $decision, string $comment = ''): void
    {
        $entries = Entry::query()->where('state', 'submitted')->orderBy('id')->get();
        $this->actingAs($this->person('mo'))->post('/review/decisions', [
            'decision' => $decision, 'comment' => $comment, 'entries' => $entries->map(static fn (Entry $entry): array => ['id' => $entry->id, 'version' => $entry->version])->all(),
        ])->assertSessionHas('message');
    }

    private function messages(string $at): void
    {
        self::assertSame(0, Artisan::call('moss:messages', ['--at' => $at]));
    }

    /** @return list<string> what somebody was told, the oldest first */
    private function told(string $person, ?string $kind = null): array
    {
        $reader = $this->person($person);

        return array_values(Message::query()->where('person_id', $reader->id)->when($kind !== null, static fn (Builder $some): Builder => $some->where('kind', $kind))->orderBy('id')
            ->get()->map(static fn (Message $message): string => MessageText::of($message, $reader))->all());
    }
}
