<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use DomainException;
use Moss\Core\Calendar\YearlyHoliday;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class YearlyHolidayTest extends TestCase
{
    #[TestWith(['12-25', 2026, '2026-12-25'])]
    #[TestWith(['first monday 05', 2026, '2026-05-04'])]
    #[TestWith(['last monday 08', 2026, '2026-08-31'])]
    #[TestWith(['last monday 05', 2027, '2027-05-31'])]
    #[TestWith(['fourth thursday 11', 2026, '2026-11-26'])]
    #[TestWith(['third monday 01', 2026, '2026-01-19'])]
    #[TestWith(['first monday 02 or friday', 2029, '2029-02-05'])]
    #[TestWith(['first monday 02 or friday', 2030, '2030-02-01'])]
    #[TestWith(['easter +1', 2026, '2026-04-06'])]
    #[TestWith(['easter -2', 2026, '2026-04-03'])]
    #[TestWith(['easter +39', 2026, '2026-05-14'])]
    // 26 December 2026 is a Saturday, 25 and 26 December 2027 are a weekend, 25 December 2022 was a Sunday.
    #[TestWith(['12-26 or tuesday', 2026, '2026-12-28'])]
    #[TestWith(['12-26 or tuesday', 2025, '2025-12-26'])]
    #[TestWith(['12-25 or monday', 2027, '2027-12-27'])]
    #[TestWith(['12-26 or tuesday', 2027, '2027-12-28'])]
    #[TestWith(['12-25 or monday', 2022, '2022-12-26'])]
    #[TestWith(['12-26 or tuesday', 2022, '2022-12-27'])]
    #[TestWith(['07-04 or observed', 2026, '2026-07-03'])]
    #[TestWith(['07-04 or observed', 2027, '2027-07-05'])]
    #[TestWith(['07-04 or observed', 2028, '2028-07-04'])]
    #[TestWith(['01-01 or observed', 2028, '2027-12-31'])]
    #[TestWith(['04-27 or saturday', 2025, '2025-04-26'])]
    #[TestWith(['04-27 or saturday', 2024, '2024-04-27'])]
    #[TestWith(['01-01 or monday', 2028, '2028-01-03'])]
    #[TestWith(['01-01 or monday', 2027, '2027-01-01'])]
    public function test_the_day_of_a_year(string $rule, int $year, string $day): void
    {
        self::assertSame($day, YearlyHoliday::of('A day', $rule)->in($year)->toString());
    }

    /** From the tables of the almanacs: the earliest and the latest, and some between. */
    #[TestWith([1818, '1818-03-22'])]
    #[TestWith([1943, '1943-04-25'])]
    #[TestWith([1961, '1961-04-02'])]
    #[TestWith([2000, '2000-04-23'])]
    #[TestWith([2008, '2008-03-23'])]
    #[TestWith([2024, '2024-03-31'])]
    #[TestWith([2038, '2038-04-25'])]
    #[TestWith([2285, '2285-03-22'])]
    public function test_easter(int $year, string $day): void
    {
        self::assertSame($day, YearlyHoliday::easter($year)->toString());
        self::assertSame(7, YearlyHoliday::easter($year)->weekday());
    }

    #[TestWith(['25-12'.'!'])]
    #[TestWith(['fifth monday 05'])]
    #[TestWith(['easter'])]
    #[TestWith([''])]
    public function test_a_rule_that_is_none_is_refused(string $rule): void
    {
        $this->expectException(DomainException::class);
        YearlyHoliday::of('A day', $rule);
    }
}
