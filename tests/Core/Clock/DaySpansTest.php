<?php

declare(strict_types=1);

namespace Tests\Core\Clock;

use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\ClockTime;
use Moss\Core\Clock\DaySpans;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DaySpansTest extends TestCase
{
    use TestTrait;

    #[TestWith(['9-12 13-17', 420, '09:00–12:00 13:00–17:00'])]
    #[TestWith(['9-12 13-17', 360, '09:00–12:00 13:00–16:00'])]
    #[TestWith(['9-12 13-17', 180, '09:00–12:00'])]
    #[TestWith(['9-12 13-17', 60, '09:00–10:00'])]
    #[TestWith(['9-12 13-17', 0, ''])]
    #[TestWith(['9-12 13-17', 450, '09:00–12:00 13:00–17:30'])]
    #[TestWith(['9-12 20-24', 450, '08:30–12:00 20:00–24:00'])]
    #[TestWith(['13-17 9-12', 421, '09:00–12:00 13:00–17:01'])]
    public function test_spans_are_fitted_to_minutes(string $spans, int $minutes, string $expected): void
    {
        self::assertSame($expected, self::printed(self::read($spans)->fittedTo(Minutes::of($minutes))->spans));
    }

    public function test_shortening_never_lengthens_and_none_stay_none(): void
    {
        self::assertSame('09:00–12:00', self::printed(self::read('9-12')->shortenedTo(Minutes::ofHours(8))->spans));
        self::assertSame([], DaySpans::of([])->fittedTo(Minutes::ofHours(1))->spans);
    }

    #[TestWith(['9-12 13-17', '12:00–13:00', ''])]
    #[TestWith(['9-12 12-17', '', ''])]
    #[TestWith(['9-17 10-11 12-13 18-19', '17:00–18:00', '10:00–11:00 12:00–13:00'])]
    #[TestWith(['9-11 10-12 11:30-13', '', '10:00–11:00 11:30–12:00'])]
    #[TestWith(['9-12 9-12 9-12', '', '09:00–12:00'])]
    #[TestWith(['9-10', '', ''])]
    #[TestWith(['', '', ''])]
    public function test_gaps_and_overlaps_are_known(string $spans, string $gaps, string $overlaps): void
    {
        $day = self::read($spans);

        self::assertSame([$gaps, $overlaps], [self::printed($day->gaps()), self::printed($day->overlaps())]);
    }

    #[TestWith(['', 480, '09:00–17:00'])]
    #[TestWith(['10-11', 180, '09:00–10:00 11:00–13:00'])]
    #[TestWith(['8-9:30 9-10', 60, '10:00–11:00'])]
    #[TestWith(['9-23', 180, '23:00–24:00'])]
    #[TestWith(['0-24', 60, ''])]
    #[TestWith(['6-7', 60, '09:00–10:00'])]
    public function test_more_time_goes_where_it_is_free(string $spans, int $minutes, string $expected): void
    {
        self::assertSame($expected, self::printed(self::read($spans)->placesFor(Minutes::of($minutes), ClockTime::read('9'))));
    }

    public function test_gaps_and_overlaps_are_those_that_counting_minute_by_minute_finds(): void
    {
        $this->forAll(Generators::seq(Generators::tuple(Generators::choose(0, 60), Generators::choose(1, 20))))->then(static function (array $drawn): void {
            $held = array_fill(0, 90, 0);
            $spans = [];
            /** @var list<array{int, int}> $drawn */
            foreach ($drawn as [$start, $length]) {
                $spans[] = ClockSpan::ofMinutes($start, $start + $length);
                for ($minute = $start; $minute < $start + $length; $minute++) {
                    $held[$minute]++;
                }
            }
            $day = DaySpans::of($spans);
            $taken = array_keys(array_filter($held));
            $free = $taken === [] ? [] : array_values(array_filter(range(min($taken), max($taken)), static fn (int $minute): bool => $held[$minute] === 0));
            self::assertSame($free, self::minutesOf($day->gaps()));
            self::assertSame(array_keys(array_filter($held, static fn (int $times): bool => $times > 1)), self::minutesOf($day->overlaps()));
            self::assertSame(array_sum($held), $day->minutes()->toInt());
        });
    }

    public function test_fitted_spans_add_up_whatever_is_asked(): void
    {
        $this->forAll(Generators::choose(0, 1300), Generators::choose(1, 140), Generators::choose(0, 1440))->then(static function (int $start, int $length, int $minutes): void {
            self::assertSame($minutes, DaySpans::of([ClockSpan::ofMinutes($start, $start + $length)])->fittedTo(Minutes::of($minutes))->minutes()->toInt());
        });
    }

    private static function read(string $spans): DaySpans
    {
        return DaySpans::of(array_map(ClockSpan::read(...), preg_split('/ /', $spans, -1, PREG_SPLIT_NO_EMPTY) ?: []));
    }

    /** @param  list<ClockSpan>  $spans */
    private static function printed(array $spans): string
    {
        return implode(' ', array_map(static fn (ClockSpan $span): string => $span->toString(), $spans));
    }

    /**
     * @param  list<ClockSpan>  $spans
     * @return list<int>
     */
    private static function minutesOf(array $spans): array
    {
        return array_merge(...array_map(static fn (ClockSpan $span): array => range($span->starts->minute(), $span->ends->minute() - 1), $spans), ...[[]]);
    }
}
