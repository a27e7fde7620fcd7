<?php

declare(strict_types=1);

namespace Tests\Core\QuickLine;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\QuickLine\QuickFault;
use Moss\Core\QuickLine\QuickLine;
use Moss\Core\QuickLine\QuickRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Today is Wednesday 17 June 2026. */
final class QuickLineTest extends TestCase
{
    #[DataProvider('understood')]
    public function test_a_line_is_understood(string $text, string $expected, string $week = '2026-W25', string $today = '2026-06-17'): void
    {
        $line = QuickLine::read($text, Week::of($week), Day::of($today));

        self::assertSame($expected, implode(' | ', [
            $line->starts ? 'start' : ($line->adds ? '+' : '').$line->hours->toInt().($line->times === null ? '' : ' '.$line->times->toString()),
            implode(' ', array_map(static fn (Day $day): string => substr($day->toString(), 5), $line->days)),
            implode(' ', $line->words).($line->role === null ? '' : ' as '.$line->role),
            $line->note,
        ]));
    }

    /** @return iterable<string, array{0: string, 1: string, 2?: string, 3?: string}> */
    public static function understood(): iterable
    {
        yield 'a day' => ['2h lens survey tue', '120 | 06-16 | lens survey | '];
        yield 'a range' => ['1:30 bell frame mon-wed', '90 | 06-15 06-16 06-17 | bell frame | '];
        yield 'a note' => ['90m training today note fire drill', '90 | 06-17 | training | fire drill'];
        yield 'no day is today' => ['8 weir', '480 | 06-17 | weir | '];
        yield 'yesterday' => ['.5 weir yesterday', '30 | 06-16 | weir | '];
        yield 'tomorrow' => ['.5 weir tomorrow', '30 | 06-18 | weir | '];
        yield 'days as they are listed in words' => ['2h weir mon, tue and thu', '120 | 06-15 06-16 06-18 | weir | '];
        yield 'an and that joins no days is a word' => ['2h tue weir and bank', '120 | 06-16 | weir and bank | '];
        yield 'all days of work' => ['1h weir weekdays', '60 | 06-15 06-16 06-17 06-18 06-19 | weir | '];
        yield 'a day of this week' => ['1h weir this tue', '60 | 06-16 | weir | '];
        yield 'a day of last week, looked at there' => ['1h weir last Tuesday', '60 | 06-09 | weir | ', '2026-W24'];
        yield 'a day of next week, looked at there, and another' => ['1h weir next mon, tue', '60 | 06-22 06-23 | weir | ', '2026-W26'];
        yield 'a last before no day is a word' => ['1h last weir tue', '60 | 06-16 | last weir | '];
        yield 'a date in figures' => ['2h weir 16/6', '120 | 06-16 | weir | '];
        yield 'a date in figures, the month first' => ['2h weir 6/16', '120 | 06-16 | weir | '];
        yield 'a date with dots' => ['2h weir 16.6.', '120 | 06-16 | weir | '];
        yield 'figures of no day of the week' => ['2h pier 7/9', '120 | 06-17 | pier 7/9 | '];
        yield 'hours written out' => ['2 hours on rotation bearing tue', '120 | 06-16 | rotation bearing | '];
        yield 'hours behind, written out' => ['weir 1.5 hrs', '90 | 06-17 | weir | '];
        yield 'minutes written out' => ['30 min weir', '30 | 06-17 | weir | '];
        yield 'hours and minutes written out' => ['1 hour 15 minutes for the weir', '75 | 06-17 | the weir | '];
        yield 'hours in one word' => ['2hrs weir', '120 | 06-17 | weir | '];
        yield 'hours added, written out' => ['+1 h weir', '+60 | 06-17 | weir | '];
        yield 'a task that is called by one such word' => ['2h on', '120 | 06-17 | on | '];
        yield 'a number that has no unit' => ['2h pier 7 mole', '120 | 06-17 | pier 7 mole | '];
        yield 'a list of days' => ['1,5 weir mon,thu fri', '90 | 06-15 06-18 06-19 | weir | '];
        yield 'whole names of days, any case' => ['1h Weir Tuesday-THURSDAY', '60 | 06-16 06-17 06-18 | Weir | '];
        yield 'a day named twice counts once' => ['1h weir tue mon-tue', '60 | 06-15 06-16 | weir | '];
        yield 'a date' => ['1h weir 2026-06-19', '60 | 06-19 | weir | '];
        yield 'a date in words' => ['1h weir 19jun', '60 | 06-19 | weir | '];
        yield 'a date in two words' => ['1h weir 19 june', '60 | 06-19 | weir | '];
        yield 'days in front, hours behind' => ['tue lens 2h', '120 | 06-16 | lens | '];
        yield 'hours in two words' => ['1h 30m lens', '90 | 06-17 | lens | '];
        yield 'minutes in full' => ['90min lens', '90 | 06-17 | lens | '];
        yield 'hours added' => ['+1:15 lens wed', '+75 | 06-17 | lens | '];
        yield 'none clears' => ['0 lens wed', '0 | 06-17 | lens | '];
        yield 'a number of the name stays with it' => ['2h pier 7 tue', '120 | 06-16 | pier 7 | '];
        yield 'another role' => ['2h lens as senior mon', '120 | 06-15 | lens as senior | '];
        yield 'days in a note are words' => ['2h lens note seen on tue 3h', '120 | 06-17 | lens | seen on tue 3h'];
        yield 'a note without words' => ['2h lens note', '120 | 06-17 | lens | '];
        yield 'notebooks are no notes' => ['2h notebooks', '120 | 06-17 | notebooks | '];
        yield 'from a time to another' => ['9-11:30 lens survey', '+150 09:00–11:30 | 06-17 | lens survey | '];
        yield 'from a time to another on a day' => ['tue 9am–12pm weir', '+180 09:00–12:00 | 06-16 | weir | '];
        yield 'hours first leave a range of numbers to the name' => ['2h pier 7-9', '120 | 06-17 | pier 7-9 | '];
        yield 'a timer' => ['start lens survey', 'start |  | lens survey | '];
        yield 'a timer in a role, with a note' => ['Start lens as senior note bolts', 'start |  | lens as senior | bolts'];
        yield 'a start in another place is a word' => ['2h start lens', '120 | 06-17 | start lens | '];
        yield 'spaces of any kind' => ["  2h\u{00A0}lens\ttue ", '120 | 06-16 | lens | '];
        yield 'a week around New Year, its old end' => ['1h weir 31dec', '60 | 12-31 | weir | ', '2026-W01', '2026-01-01'];
        yield 'a week around New Year, its new end' => ['1h weir 2jan', '60 | 01-02 | weir | ', '2026-W01', '2026-01-01'];
        yield 'the 29th of February' => ['1h weir 29feb', '60 | 02-29 | weir | ', '2028-W09', '2028-02-29'];
        yield 'yesterday across a change of the clock' => ['1h weir yesterday', '60 | 03-29 | weir | ', '2026-W13', '2026-03-30'];
    }

    public function test_a_line_on_a_known_task_names_none(): void
    {
        $read = static fn (string $text): QuickLine => QuickLine::ofTask($text, Week::of('2026-W25'), Day::of('2026-06-17'));
        self::assertSame([90, '2026-06-16', 'bolts checked'], [$read('1:30 tue note bolts checked')->hours->toInt(), $read('1:30 tue note bolts checked')->days[0]->toString(), $read('1:30 tue note bolts checked')->note]);
        self::assertSame('09:00–11:30', $read('9-11:30')->times?->toString());
        foreach (['1:30 bolts' => [QuickFault::UnknownWords, 'bolts'], 'start' => [QuickFault::UnknownWords, ''], '1h as senior' => [QuickFault::UnknownWords, ''], '' => [QuickFault::NoHours, '']] as $text => $fault) {
            try {
                $read($text);
                self::fail($text);
            } catch (QuickRefused $refused) {
                self::assertSame($fault, [$refused->fault, $refused->text]);
            }
        }
    }

    #[DataProvider('refused')]
    public function test_what_is_not_understood_says_which_part(string $text, QuickFault $fault, string $part, string $today = '2026-06-17'): void
    {
        try {
            QuickLine::read($text, Week::of('2026-W25'), Day::of($today));
            self::fail('understood');
        } catch (QuickRefused $refused) {
            self::assertSame([$fault, $part], [$refused->fault, $refused->text]);
        }
    }

    /** @return iterable<string, array{0: string, 1: QuickFault, 2: string, 3?: string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', QuickFault::NoHours, ''];
        yield 'a timer on nothing' => ['start', QuickFault::NoWords, ''];
        yield 'times that are none' => ['9-9 lens', QuickFault::TimesUnreadable, '9-9'];
        yield 'times on several days' => ['9-10 lens mon-tue', QuickFault::TimesOnDays, '09:00–10:00'];
        yield 'no hours' => ['lens survey tue', QuickFault::NoHours, ''];
        yield 'hours that are none' => ['1:75 lens', QuickFault::WrongHours, '1:75'];
        yield 'more than a day' => ['25h lens', QuickFault::WrongHours, '25h'];
        yield 'a negative' => ['-2h lens', QuickFault::WrongHours, '-2h'];
        yield 'no words' => ['2h tue', QuickFault::NoWords, ''];
        yield 'days the wrong way round' => ['2h lens fri-mon', QuickFault::DaysReversed, 'fri-mon'];
        yield 'a date of another week' => ['2h lens 3jul', QuickFault::NotInWeek, '3jul'];
        yield 'a day of last week' => ['2h lens last tuesday, wed', QuickFault::NotInWeek, 'last tuesday'];
        yield 'yesterday in the week before' => ['2h lens yesterday', QuickFault::NotInWeek, 'yesterday', '2026-06-15'];
        yield 'no day while today is elsewhere' => ['2h lens', QuickFault::NoDay, '', '2026-06-30'];
        yield 'a text without end' => [str_repeat('8', 2001), QuickFault::TooLong, str_repeat('8', 39).'…'];
    }
}
