<?php

declare(strict_types=1);

namespace Tests\App\Support\Secrets;

use App\Support\Secrets\TimeBasedCode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimeBasedCodeTest extends TestCase
{
    /** RFC 6238, appendix B. */
    private const SECRET = '12345678901234567890';

    #[DataProvider('examples')]
    public function test_codes_are_those_of_the_standard(int $seconds, string $code): void
    {
        self::assertSame($code, TimeBasedCode::of(self::SECRET, intdiv($seconds, 30), 8));
    }

    /** @return iterable<string, array{int, string}> */
    public static function examples(): iterable
    {
        yield '1970-01-01 00:00:59' => [59, '94287082'];
        yield '2005-03-18 01:58:29' => [1111111109, '07081804'];
        yield '2005-03-18 01:58:31' => [1111111111, '14050471'];
        yield '2009-02-13 23:31:30' => [1234567890, '89005924'];
        yield '2033-05-18 03:33:20' => [2000000000, '69279037'];
        yield '2603-10-11 11:33:20' => [20000000000, '65353130'];
    }

    /** RFC 4226, appendix D. */
    public function test_codes_by_counter_are_those_of_the_standard(): void
    {
        $codes = array_map(static fn (int $step): string => TimeBasedCode::of(self::SECRET, $step), range(0, 9));

        self::assertSame(['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489'], $codes);
    }

    public function test_a_clock_may_be_half_a_minute_off_and_no_code_counts_twice(): void
    {
        $matching = static fn (int $step, int $now, int $last = 0): ?int => TimeBasedCode::matching(self::SECRET, TimeBasedCode::of(self::SECRET, $step), $now, $last);

        self::assertSame([99, 100, 101], [$matching(99, 100), $matching(100, 100), $matching(101, 100)]);
        self::assertSame([null, null], [$matching(98, 100), $matching(102, 100)]);
        self::assertSame([null, null, 101], [$matching(99, 100, 100), $matching(100, 100, 100), $matching(101, 100, 100)]);
        self::assertNull(TimeBasedCode::matching(self::SECRET, '', 100, 0));
    }
}
