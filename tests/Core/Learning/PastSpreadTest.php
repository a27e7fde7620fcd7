<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Learning\PastCase;
use Moss\Core\Learning\PastSpread;
use Moss\Core\Learning\TaskWords;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PastSpreadTest extends TestCase
{
    /**
     * @param  list<array{int, int}>  $cases  hours planned, hours come to
     * @param  array{string, string, string}  $expected  low, median, high
     */
    #[DataProvider('examples')]
    public function test_the_middle_and_the_range_of_four_of_five(array $cases, array $expected): void
    {
        $spread = self::spread($cases);

        self::assertNotNull($spread);
        self::assertSame($expected, [(string) $spread->low, (string) $spread->median, (string) $spread->high]);
    }

    /** @return iterable<string, array{list<array{int, int}>, array{string, string, string}}> */
    public static function examples(): iterable
    {
        yield 'five' => [[[10, 10], [10, 12], [20, 30], [8, 6], [10, 20]], ['0.75', '1.20', '2.00']];
        yield 'six, the middle between two' => [[[10, 10], [10, 11], [10, 12], [10, 14], [10, 15], [10, 30]], ['1.00', '1.30', '3.00']];
        yield 'ten, one of them beyond measure' => [[[10, 10], [10, 10], [10, 10], [10, 10], [10, 11], [10, 11], [10, 11], [10, 11], [10, 12], [10, 999]], ['1.00', '1.10', '1.20']];
        yield 'thirds' => [[[3, 4], [3, 4], [3, 4], [3, 4], [3, 4]], ['1.33', '1.33', '1.33']];
    }

    public function test_a_ratio_is_the_exact_quotient_rounded_half_up(): void
    {
        mt_srand(8);
        for ($time = 0; $time < 500; $time++) {
            [$planned, $cameTo] = [mt_rand(1, 40_000), mt_rand(-600, 90_000)];
            $case = new PastCase(Minutes::of($planned), Minutes::of($cameTo));
            $exact = BigDecimal::of($cameTo)->dividedBy($planned, 4, RoundingMode::HALF_UP);

            self::assertSame((string) $exact, (string) $case->ratio(), "$cameTo of $planned");
            self::assertSame($exact->getUnscaledValue()->toInt(), $case->tenThousandths());
        }
        self::assertSame(['0.0001', '0.0000'], [(string) (new PastCase(Minutes::of(20_000), Minutes::of(1)))->ratio(), (string) (new PastCase(Minutes::of(20_001), Minutes::of(1)))->ratio()]);
    }

    public function test_too_few_cases_say_nothing(): void
    {
        self::assertNull(self::spread([]));
        self::assertNull(self::spread([[10, 10], [10, 10], [10, 10], [10, 10]]));
    }

    public function test_a_plan_gets_what_such_work_came_to(): void
    {
        $spread = self::spread([[10, 10], [10, 12], [20, 30], [8, 6], [10, 20]]);

        self::assertSame([1080, 1728, 2880], [$spread?->least(Minutes::ofHours(24))->toInt(), $spread?->usual(Minutes::ofHours(24))->toInt(), $spread?->most(Minutes::ofHours(24))->toInt()]);
    }

    public function test_at_least_four_of_five_lie_in_the_range_and_the_order_does_not_matter(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 200; $round++) {
            $cases = array_map(static fn (): array => [mt_rand(1, 60), mt_rand(0, 120)], range(1, mt_rand(PastSpread::FEWEST, 40)));
            $spread = self::spread($cases);
            self::assertNotNull($spread);
            $inside = array_filter($cases, static fn (array $case): bool => ! self::ratio($case)->isLessThan($spread->low) && ! self::ratio($case)->isGreaterThan($spread->high));
            self::assertGreaterThanOrEqual(0.8 * count($cases), count($inside));
            self::assertTrue($spread->low->isLessThanOrEqualTo($spread->median) && $spread->median->isLessThanOrEqualTo($spread->high));
            shuffle($cases);
            self::assertEquals($spread, self::spread($cases));
        }
    }

    /** @param  list<string>  $words */
    #[DataProvider('names')]
    public function test_words_say_of_which_kind_a_task_is(string $name, array $words): void
    {
        self::assertSame($words, TaskWords::of($name));
    }

    /** @return iterable<array{string, list<string>}> */
    public static function names(): iterable
    {
        yield ['Survey of the lower gallery', ['survey', 'lower', 'gallery']];
        yield ['Surveys, phase 2', ['survey']];
        yield ['Regrind and replace prisms', ['regrind', 'replace', 'prism']];
        yield ['Glass', ['glass']];
        yield ['Écluse n° 3', ['ecluse']];
        yield ['', []];
    }

    /** @param  array{int, int}  $case */
    private static function ratio(array $case): BigDecimal
    {
        return (new PastCase(Minutes::ofHours($case[0]), Minutes::ofHours($case[1])))->ratio()->toScale(2, RoundingMode::HALF_UP);
    }

    /** @param  list<array{int, int}>  $cases */
    private static function spread(array $cases): ?PastSpread
    {
        return PastSpread::of(array_map(static fn (array $case): PastCase => new PastCase(Minutes::ofHours($case[0]), Minutes::ofHours($case[1])), $cases));
    }
}
