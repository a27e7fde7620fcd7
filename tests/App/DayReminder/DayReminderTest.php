<?php

declare(strict_types=1);

namespace Tests\App\DayReminder;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** The day reminder at the end of the day, and what its link opens. */
final class DayReminderTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,OWN,TRAIN,,2026-06-17,2\n"]));
    }

    public function test_it_carries_the_days_pencil_and_a_link_that_inks_it_without_signing_in(): void
    {
        $link = $this->dayReminder();
        $this->get($link)->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
            ->where('dayReminder.name', 'Ada Moor')->where('dayReminder.days.0.expected', 480)->where('dayReminder.days.0.entered', 120)->has('dayReminder.days.0.lines', 1)
            ->where('dayReminder.days.0.lines.0.task', 'Fit the lens')->where('signedIn', null));

        $minutes = $this->pencilled($link);
        $this->post($link)->assertSessionHas('message', static fn (string $message): bool => str_starts_with($message, 'Inked'));

        self::assertSame(120 + $minutes, (int) DB::table('entries')->where('date', '2026-06-17')->sum('minutes'));
        self::assertSame($this->person('ada')->id, DB::table('audit_trail')->where('act', 'ink')->value('actor_id'));
        $this->post($link)->assertSessionHas('message');
        self::assertSame(120 + $minutes, (int) DB::table('entries')->where('date', '2026-06-17')->sum('minutes'), 'twice is once');
        self::assertSame('By the link of a reminder', DB::table('audit_trail')->where('act', 'ink')->value('why'));
    }

    public function test_what_is_pencilled_is_changed_before_it_is_inked(): void
    {
        $link = $this->dayReminder();
        $line = $this->lineOf($link);
        $this->post($link, ['lines' => [['line' => $line, 'hours' => '1:75']]])->assertSessionHas('refusal');
        $this->post($link, ['lines' => [['line' => $line, 'hours' => '']]])->assertSessionHas('message');
        self::assertNull($this->entry('ada', 'FIT', '2026-06-17'));
        $this->post($link, ['lines' => [['line' => $line, 'hours' => '1:15'], ['line' => '999:', 'hours' => '8']]])->assertSessionHas('message', "Inked 1.25\u{A0}h on Wed 17 Jun.");

        self::assertSame(75, (int) DB::table('entries')->where('task_id', $this->task('FIT')->id)->sum('minutes'));
        $this->post($link, ['lines' => 'all'])->assertSessionHasErrors('lines');
    }

    public function test_days_before_that_are_still_open_come_with_it(): void
    {
        // Since her first entry, and not the holiday.
        DB::table('entries')->insert(['person_id' => $this->person('ada')->id, 'task_id' => $this->task('TRAIN')->id, 'date' => '2026-06-12', 'minutes' => 60, 'state' => 'draft']);
        self::assertStringContainsString('Still open: Fri 12 Jun, Tue 16 Jun', $this->mail());
        $link = $this->dayReminder();
        $this->get($link)->assertInertia(fn (AssertableInertia $page) => $page->where('dayReminder.days.0.date', '2026-06-17')->where('dayReminder.days.1.date', '2026-06-16')->where('dayReminder.days.2.date', '2026-06-12')->has('dayReminder.days', 3));
        $this->post($link, ['day' => '2026-06-16'])->assertSessionHas('message', static fn (string $message): bool => str_contains($message, 'on Tue 16 Jun'));
        $this->post($link, ['day' => '2026-06-16'])->assertSessionHas('message', static fn (string $message): bool => str_contains($message, 'has been used'));
        $this->post($link, ['day' => '2026-06-11'])->assertForbidden();
        $this->post($link, ['day' => '2026-06-18'])->assertForbidden();

        self::assertSame(225, (int) DB::table('entries')->where('date', '2026-06-16')->sum('minutes'));
        self::assertSame(0, (int) DB::table('entries')->where('task_id', $this->task('FIT')->id)->where('date', '2026-06-17')->sum('minutes'));
    }

    public function test_a_link_records_once_and_then_shows_nothing_of_the_day(): void
    {
        $link = $this->dayReminder();
        $this->post($link);
        DB::table('entries')->where('task_id', $this->task('FIT')->id)->delete();

        $this->post($link)->assertSessionHas('message', static fn (string $message): bool => str_contains($message, 'has been used'));
        self::assertSame(0, DB::table('entries')->where('task_id', $this->task('FIT')->id)->count());
        $this->get($link)->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
            ->where('dayReminder.days.0.isUsed', true)->where('dayReminder.days.0.expected', 0)->where('dayReminder.days.0.entered', 0)->has('dayReminder.days.0.lines', 0));
    }

    public function test_the_office_reads_the_mail_without_its_link(): void
    {
        $this->mail();
        $mail = DB::table('outbox_mails')->where('recipient', 'ada@lighthouse.example')->value('id');
        self::assertIsInt($mail);
        foreach (['kit' => false, 'ada' => true] as $reader => $hasLink) {
            $this->actingAs($this->person($reader));
            foreach (['/outbox?mail='.$mail, '/outbox/'.$mail] as $address) {
                self::assertSame($hasLink, str_contains((string) $this->get($address)->assertOk()->getContent(), 'signature='), $reader.' '.$address);
            }
        }
    }

    public function test_the_link_of_somebody_who_has_left_or_is_disabled_is_no_longer_good(): void
    {
        $link = $this->dayReminder();
        $this->person('ada')->update(['disabled_at' => '2026-06-17T10:00:00Z']);

        $this->get($link)->assertForbidden()->assertSee('This link has expired. Sign in and open your week instead.');
        $this->post($link)->assertForbidden();
        self::assertSame(1, DB::table('entries')->count());
    }

    public function test_the_link_is_good_for_nothing_else_and_not_for_long(): void
    {
        $link = $this->dayReminder();
        foreach ([str_replace('/ada/', '/bo/', $link), str_replace('2026-06-17', '2026-06-18', $link), substr($link, 0, -1).(str_ends_with($link, '0') ? '1' : '0'), '/day-reminder/ada/2026-06-17'] as $forged) {
            $this->get($forged)->assertForbidden()->assertSee('This link has expired. Sign in and open your week instead.');
            $this->post($forged)->assertForbidden();
        }
        $this->travel(49)->hours();
        $this->get($link)->assertForbidden();
        $this->post($link)->assertForbidden();
        self::assertSame(1, DB::table('entries')->count());
    }

    public function test_nobody_is_reminded_of_a_recorded_or_free_day(): void
    {
        DB::table('entries')->update(['minutes' => 480]);
        Artisan::call('moss:messages', ['--at' => '2026-06-17T17:00']);
        Artisan::call('moss:messages', ['--at' => '2026-06-20T17:00']);

        self::assertSame(0, DB::table('messages')->where('kind', 'day reminder')->where('person_id', $this->person('ada')->id)->count());
    }

    public function test_without_pencil_it_says_what_is_missing(): void
    {
        DB::table('people')->where('code', 'ada')->update(['pencil_plan' => 0, 'pencil_usual_week' => 0]);

        self::assertStringContainsString("Wed 17 Jun is not fully recorded yet; 6\u{00A0}h missing.", $this->mail());
    }

    /** The link in the mail. */
    private function dayReminder(): string
    {
        preg_match('#/day-reminder/ada/\S+#', $this->mail(), $found);

        return $found[0] ?? self::fail('no link');
    }

    /** The text of the mail that comes in the evening. */
    private function mail(): string
    {
        DB::table('messages')->delete();
        Artisan::call('moss:messages', ['--at' => '2026-06-17T17:00']);
        $mail = DB::table('outbox_mails')->where('recipient', 'ada@lighthouse.example')->sole(['text']);

        return is_string($mail->text) ? $mail->text : '';
    }

    private function lineOf(string $link): string
    {
        $line = '';
        $this->get($link)->assertInertia(function (AssertableInertia $page) use (&$line): void {
            $page->where('dayReminder.days.0.lines.0.line', function (string $key) use (&$line): bool {
                $line = $key;

                return true;
            });
        });

        return $line;
    }

    private function pencilled(string $link): int
    {
        $minutes = 0;
        $this->get($link)->assertInertia(function (AssertableInertia $page) use (&$minutes): void {
            $page->where('dayReminder.days.0.pencilled', function (int $sum) use (&$minutes): bool {
                $minutes = $sum;

                return $sum > 0;
            });
        });

        return $minutes;
    }
}
