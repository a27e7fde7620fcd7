<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\EmploymentBreaks;
use Moss\Core\Calendar\NotEmploymentBreaks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Who is employed on which days. */
final class EmploymentTest extends TestCase
{
    #[TestWith(['2026-01-31', false])]
    #[TestWith(['2026-02-01', true])]
    #[TestWith(['2026-02-28', true])]
    #[TestWith(['2026-03-01', false])]
    #[TestWith(['2026-05-31', false])]
    #[TestWith(['2026-06-01', true])]
    #[TestWith(['2026-07-15', false])]
    #[TestWith(['2026-07-16', true])]
    #[TestWith(['2026-12-31', true])]
    #[TestWith(['2027-01-01', false])]
    public function test_between_the_first_and_the_last_day_but_for_breaks(string $day, bool $isEmployed): void
    {
        $employment = new Employment(Day::of('2026-02-01'), Day::of('2026-12-31'), EmploymentBreaks::of('2026-07-15/2026-07-15  2026-03-01/2026-05-31'));

        self::assertSame($isEmployed, $employment->includes(Day::of($day)));
    }

    public function test_breaks_are_written_in_their_order(): void
    {
        self::assertSame('2026-03-01/2026-05-31 2026-07-15/2026-07-15', EmploymentBreaks::of(" 2026-07-15/2026-07-15\n2026-03-01/2026-05-31 ")->toString());
        self::assertSame('', EmploymentBreaks::of('')->toString());
    }

    #[TestWith(['2026-03-01'])]
    #[TestWith(['2026-03-01/'])]
    #[TestWith(['2026-03-01/2026-03-02/2026-03-03'])]
    #[TestWith(['2026-03-02/2026-03-01'])]
    #[TestWith(['2026-02-30/2026-03-01'])]
    #[TestWith(['2026-03-01/2026-03-05 2026-03-05/2026-03-07'])]
    #[TestWith(['2026-03-01/2026-03-05 2026-03-06/2026-03-07'])]
    #[TestWith(['soon'])]
    public function test_other_texts_are_none(string $text): void
    {
        $this->expectException(NotEmploymentBreaks::class);
        EmploymentBreaks::of($text);
    }

    #[TestWith(['', null, null, true])]
    #[TestWith(['2026-03-01/2026-03-31', null, null, true])]
    #[TestWith(['2026-03-01/2026-03-31', '2026-02-28', '2026-04-01', true])]
    #[TestWith(['2026-03-01/2026-03-31', '2026-03-01', null, false])]
    #[TestWith(['2026-03-01/2026-03-31', null, '2026-03-31', false])]
    public function test_every_break_has_employment_before_and_after_it(string $breaks, ?string $first, ?string $last, bool $areWithin): void
    {
        self::assertSame($areWithin, EmploymentBreaks::of($breaks)->areWithin($first === null ? null : Day::of($first), $last === null ? null : Day::of($last)));
    }
}
