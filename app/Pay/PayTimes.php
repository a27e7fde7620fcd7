<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayRule;
use Moss\Core\Calendar\Week;
use Moss\Core\Pay\ChosenPremiums;
use Moss\Core\Pay\PaidTime;
use Moss\Core\Pay\PayRule as CorePayRule;

/** Entries as the core takes them: with what of them lies in the night, what is decided of them, and what was chosen. */
final readonly class PayTimes
{
    /**
     * @param  array<string, non-empty-list<array{int, int}>>  $stretches  by the clock, by line
     * @param  array<int, array<string, int>>  $stored  kinds of approved entries
     * @param  array<int, array<string, int>>  $chosen  by entry
     */
    public function __construct(private array $stretches, private array $stored, public array $chosen)
    {
    }

    public static function line(int $person, string $date, int $task, ?int $role): string
    {
        return implode(' ', [$person, $date, $task, $role]);
    }

    /**
     * In the order in which they were worked, where the clock tells it; else as they were recorded.
     *
     * @param  list<PayEntry>  $entries
     * @return list<PaidTime>
     */
    public function of(array $entries, PayRule $rule): array
    {
        usort($entries, fn (PayEntry $one, PayEntry $other): int => [$one->date->toString(), $this->at($one)[0][0] ?? 1440, $one->id] <=> [$other->date->toString(), $this->at($other)[0][0] ?? 1440, $other->id]);

        return array_map(fn (PayEntry $entry): PaidTime => $this->time($entry, array_sum(array_map(static fn (array $span): int => $rule->nightWithin(...$span), $this->at($entry)))), $entries);
    }

    /**
     * How many days in a row were worked up to the Sunday before a week.
     *
     * @param  list<PayEntry>  $entries  of the week before
     */
    public function daysInRow(CorePayRule $rule, array $entries, Week $week): int
    {
        $worked = [];
        foreach ((new ChosenPremiums($rule->premiums))->worked(array_map(fn (PayEntry $entry): PaidTime => $this->time($entry, 0), $entries)) as $time) {
            $worked[$time->day->toString()] = ($worked[$time->day->toString()] ?? 0) + $time->minutes;
        }
        $days = 0;
        while (($worked[$week->monday()->plusDays(-$days - 1)->toString()] ?? 0) > 0) {
            $days++;
        }

        return $days;
    }

    /** @return list<array{int, int}> */
    private function at(PayEntry $entry): array
    {
        return $entry->corrects === null ? $this->stretches[self::line($entry->personId, $entry->date->toString(), $entry->taskId, $entry->roleId)] ?? [] : [];
    }

    private function time(PayEntry $entry, int $night): PaidTime
    {
        $minutes = $entry->minutes->toInt();

        return new PaidTime($entry->id, $entry->date, $minutes, min(max(0, $minutes), $night), $this->stored[$entry->id] ?? null, $this->chosen[$entry->id] ?? []);
    }
}
