<?php

declare(strict_types=1);

namespace Tests\App\Leave;

use App\Models\AbsenceKind;
use App\Models\LeaveRequest;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Absences as calendar files. Today is Wednesday 17 June 2026. */
final class LeaveFilesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['absence_kinds.csv' => "kind,counts_as,visible_to\nLeave,leave,everybody\nSickness,sickness,managers\n"]));
        $this->actingAs($this->person('ada'));
    }

    public function test_absences_go_out_as_events_of_whole_days(): void
    {
        $file = $this->get('/leave/of/ada/calendar.ics')->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();

        self::assertIsString($file);
        self::assertStringContainsString("SUMMARY:Leave\r\nDTSTART;VALUE=DATE:20260619\r\nDTEND;VALUE=DATE:20260620\r\n", $file);
        self::assertSame(1, substr_count($file, 'BEGIN:VEVENT'));
    }

    public function test_whole_days_come_in_as_requests_once_however_often(): void
    {
        $file = self::calendar(
            "UID:boat@example\r\nSUMMARY:Boat trip\r\nDTSTART;VALUE=DATE:20260622\r\nDTEND;VALUE=DATE:20260624",
            "UID:ill@example\r\nSUMMARY:sickness\r\nDTSTART;VALUE=DATE:20260616",
            "UID:meeting@example\r\nSUMMARY:Meeting\r\nDTSTART:20260625T090000Z\r\nDTEND:20260625T100000Z",
            "UID:off@example\r\nSUMMARY:Called off\r\nSTATUS:CANCELLED\r\nDTSTART;VALUE=DATE:20260629",
            "UID:course@example\r\nSUMMARY:Course\r\nDTSTART;VALUE=DATE:20260701\r\nRRULE:FREQ=WEEKLY;COUNT=2",
        );
        $this->send($file)->assertSessionHas('message', '4 absences were requested from the calendar file.')->assertSessionMissing('refusal');

        self::assertSame([['Boat trip', '2026-06-22', '2026-06-23', 'Leave'], ['sickness', '2026-06-16', '2026-06-16', 'Sickness'], ['Course', '2026-07-01', '2026-07-01', 'Leave'], ['Course', '2026-07-08', '2026-07-08', 'Leave']],
            LeaveRequest::query()->with('kind')->orderBy('id')->get()->map(static fn (LeaveRequest $one): array => [$one->note, $one->starts_on->toString(), $one->ends_on->toString(), $one->kind->name])->all());
        $this->send($file)->assertSessionHas('message', 'Nothing new was found in the calendar file.');
        self::assertSame(4, LeaveRequest::query()->count());
    }

    public function test_what_goes_out_does_not_come_in_again(): void
    {
        $this->post('/leave/of/ada', ['kind' => $this->kind(), 'first' => '2026-06-22', 'last' => '2026-06-23']);
        $this->actingAs($this->person('lee'))->post('/leave/requests/1/decision', ['approved' => true]);
        $file = $this->actingAs($this->person('ada'))->get('/leave/of/ada/calendar.ics')->getContent();

        $this->send((string) $file)->assertSessionHas('message', 'Nothing new was found in the calendar file.');
        self::assertSame(1, LeaveRequest::query()->count());
    }

    public function test_what_is_in_the_way_is_left_out_and_said(): void
    {
        $this->send(self::calendar("UID:a@example\r\nSUMMARY:Long weekend\r\nDTSTART;VALUE=DATE:20260619"))
            ->assertSessionHas('refusal', 'Long weekend was left out. On Fri 19 Jun there is already an absence: Leave. Choose other days, or change that one.');
    }

    #[TestWith(['not a calendar'])]
    #[TestWith(["BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Ada\r\nEND:VCARD\r\n"])]
    #[TestWith(["BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:x\r\nDTSTART;VALUE=DATE:20269999\r\nRRULE:FREQ=SOMETIMES\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n"])]
    public function test_what_is_no_calendar_is_refused(string $text): void
    {
        $this->send($text)->assertSessionHasErrors(['calendar' => 'This is not a calendar file that can be read. Choose a file ending in .ics.']);
        self::assertSame(0, LeaveRequest::query()->count());
    }

    public function test_a_file_that_is_too_large_is_refused(): void
    {
        $this->send(str_repeat('x', 500_001))->assertSessionHasErrors('calendar');
    }

    /** @return TestResponse<Response> */
    private function send(string $calendar): TestResponse
    {
        return $this->from('/leave')->post('/leave/of/ada/calendar-file', ['calendar' => $calendar, 'kind' => $this->kind()]);
    }

    private function kind(): int
    {
        return AbsenceKind::query()->where('name', 'Leave')->sole()->id;
    }

    private static function calendar(string ...$events): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Example//EN\r\n".implode('', array_map(static fn (string $event): string => "BEGIN:VEVENT\r\nDTSTAMP:20260601T000000Z\r\n$event\r\nEND:VEVENT\r\n", $events))."END:VCALENDAR\r\n";
    }
}
