<?php

declare(strict_types=1);

namespace Tests\Core\Time;

use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextFault;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HoursTextTest extends TestCase
{
    use TestTrait;

    #[DataProvider('accepted')]
    public function test_accepted_texts_become_minutes(string $text, int $minutes): void
    {
        self::assertSame($minutes, HoursText::onDay($text)->toInt());
    }

    /** @return iterable<string, array{string, int}> */
    public static function accepted(): iterable
    {
        yield 'whole hours' => ['8', 480];
        yield 'two decimals' => ['8.25', 495];
        yield 'a decimal comma' => ['8,25', 495];
        yield 'no digit before the point' => ['.5', 30];
        yield 'clock' => ['1:30', 90];
        yield 'clock, five minutes' => ['0:05', 5];
        yield 'hours with unit' => ['1h', 60];
        yield 'hours and minutes closed up' => ['1h30', 90];
        yield 'hours and minutes apart' => ['1h 30m', 90];
        yield 'decimal hours with unit' => ['1.5h', 90];
        yield 'minutes' => ['90m', 90];
        yield 'minutes, long unit' => ['90min', 90];
        yield 'capital units' => ['1H 30MIN', 90];
        yield 'blanks around' => ["  2 \t", 120];
        yield 'empty is none' => ['', 0];
        yield 'zero is none' => ['0', 0];
        yield 'rounds down' => ['1.33', 80];
        yield 'exact tenth' => ['7.1', 426];
        yield 'half a minute and more rounds up' => ['0.01', 1];
        yield 'exactly half a minute rounds up' => ['0.00833333333333333333', 0];
        yield 'half' => ['0.025', 2];
        yield 'a whole day' => ['24', 1440];
        yield 'a whole day by the clock' => ['24:00', 1440];
        yield 'a whole day in minutes' => ['1440m', 1440];
        yield 'rounds to a whole day' => ['24.008', 1440];
    }

    #[DataProvider('refused')]
    public function test_other_texts_are_refused_with_their_fault(string $text, HoursTextFault $fault): void
    {
        try {
            HoursText::onDay($text);
            self::fail('accepted: '.$text);
        } catch (HoursTextRefused $refused) {
            self::assertSame($fault, $refused->fault);
        }
    }

    /** @return iterable<string, array{string, HoursTextFault}> */
    public static function refused(): iterable
    {
        yield 'negative' => ['-1', HoursTextFault::Negative];
        yield 'negative clock' => ['-0:30', HoursTextFault::Negative];
        yield 'one minute past a day' => ['24:01', HoursTextFault::MoreThanADay];
        yield 'a hundredth past a day' => ['24.01', HoursTextFault::MoreThanADay];
        yield 'minutes past a day' => ['1441m', HoursTextFault::MoreThanADay];
        yield 'sixty minutes' => ['1:60', HoursTextFault::MinutesAbove59];
        yield 'hour with 75 minutes' => ['1h75', HoursTextFault::MinutesAbove59];
        yield 'one digit of minutes' => ['1:5', HoursTextFault::NotHours];
        yield 'two points' => ['1.5.2', HoursTextFault::NotHours];
        yield 'two numbers' => ['8 8', HoursTextFault::NotHours];
        yield 'letters' => ['eight', HoursTextFault::NotHours];
        yield 'letters behind a number' => ['8x', HoursTextFault::NotHours];
        yield 'only a point' => ['.', HoursTextFault::NotHours];
        yield 'a power' => ['1e3', HoursTextFault::NotHours];
        yield 'a line break behind' => ["8\n8", HoursTextFault::NotHours];
        yield 'digits of another script' => ['٨', HoursTextFault::NotHours];
        yield 'a very large number' => ['99999999999999999999', HoursTextFault::TooLarge];
        yield 'half a megabyte' => [str_repeat('8', 524_288), HoursTextFault::NotHours];
    }

    public function test_the_refused_text_is_carried_shortened(): void
    {
        $this->expectExceptionObject(HoursTextRefused::notHours(str_repeat('x', 500)));

        HoursText::onDay(str_repeat('x', 500));
    }

    public function test_a_plan_may_hold_more_than_a_day_up_to_ten_million_hours(): void
    {
        self::assertSame(9600, HoursText::ofPlan('160')->toInt());
        self::assertSame(600_000_000, HoursText::ofPlan('10000000')->toInt());
        $this->expectException(HoursTextRefused::class);
        HoursText::ofPlan('10000000:01');
    }

    public function test_a_correction_may_be_negative_down_to_a_day(): void
    {
        self::assertSame(-90, HoursText::ofCorrection('-1:30')->toInt());
        self::assertSame(90, HoursText::ofCorrection('1.5')->toInt());
        $this->expectException(HoursTextRefused::class);
        HoursText::ofCorrection('-24:01');
    }

    public function test_eighty_minutes_read_in_both_formats(): void
    {
        self::assertSame('1.33', HoursFormat::Decimal->print(Minutes::of(80)));
        self::assertSame('1:20', HoursFormat::Clock->print(Minutes::of(80)));
        self::assertSame('8', HoursFormat::Decimal->print(Minutes::ofHours(8)));
        self::assertSame('7.5', HoursFormat::Decimal->print(Minutes::of(450)));
        self::assertSame('0', HoursFormat::Decimal->print(Minutes::zero()));
        self::assertSame('-0:30', HoursFormat::Clock->print(Minutes::of(-30)));
        self::assertSame('-0.5', HoursFormat::Decimal->print(Minutes::of(-30)));
    }

    public function test_a_printed_value_reads_back_as_the_same_minutes_in_every_format(): void
    {
        $this->forAll(Generators::choose(0, 1440))->then(static function (int $amount): void {
            $minutes = Minutes::of($amount);
            foreach ([HoursFormat::Decimal->print($minutes), HoursFormat::Clock->print($minutes), HoursFormat::exact($minutes)] as $text) {
                self::assertSame($amount, HoursText::onDay($text)->toInt(), $text);
            }
        });
    }

    public function test_an_exact_text_of_any_plan_or_correction_reads_back(): void
    {
        $this->forAll(Generators::choose(0, 600_000_000), Generators::choose(-1440, 1440))->then(static function (int $plan, int $correction): void {
            self::assertSame($plan, HoursText::ofPlan(HoursFormat::exact(Minutes::of($plan)))->toInt());
            self::assertSame($correction, HoursText::ofCorrection(HoursFormat::exact(Minutes::of($correction)))->toInt());
        });
    }
}
