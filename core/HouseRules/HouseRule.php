<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Closure;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * One check of the organisation: how it is set where the organisation has not said otherwise, the numbers that it may be
 * set with, and what it finds in a sheet. `Rules/` has them all.
 */
final readonly class HouseRule
{
    /** @param  Closure(CheckedSheet, Limit): list<RuleResult>  $findings */
    private function __construct(
        private RuleCode $code,
        private RuleScope $scope,
        private Severity $severity,
        private ?LimitRange $limits,
        private Closure $findings,
    ) {
    }

    /** @param  Closure(CheckedSheet, Limit): (array<string, Minutes|Day|int|string>|null)  $values  of the week; null where nothing is found */
    public static function onWeek(RuleCode $code, Severity $severity, Closure $values, ?LimitRange $limits = null): self
    {
        return new self($code, RuleScope::Sheet, $severity, $limits, static function (CheckedSheet $sheet, Limit $limit) use ($values): array {
            $found = $values($sheet, $limit);

            return $found === null ? [] : [new RuleResult(FindingPlace::week(), $found)];
        });
    }

    /** @param  Closure(CheckedSheet, Day, Limit): (array<string, Minutes|Day|int|string>|null)  $values  of a day; null where nothing is found on it */
    public static function onDay(RuleCode $code, Severity $severity, Closure $values, ?LimitRange $limits = null): self
    {
        return new self($code, RuleScope::Sheet, $severity, $limits, static function (CheckedSheet $sheet, Limit $limit) use ($values): array {
            $results = [];
            foreach ($sheet->week->days() as $day) {
                $found = $values($sheet, $day, $limit);
                if ($found !== null) {
                    $results[] = new RuleResult(FindingPlace::day($day), ['day' => $day] + $found);
                }
            }

            return $results;
        });
    }

    /** @param  Closure(CheckedEntry, CheckedSheet, Limit): (array<string, Minutes|Day|int|string>|null)  $values  of an entry in question; null where nothing is found */
    public static function onEntry(RuleCode $code, Severity $severity, Closure $values, ?LimitRange $limits = null): self
    {
        return new self($code, RuleScope::Entries, $severity, $limits, static function (CheckedSheet $sheet, Limit $limit) use ($values): array {
            $results = [];
            foreach ($sheet->inQuestion() as $entry) {
                $found = $values($entry, $sheet, $limit);
                if ($found !== null) {
                    $results[] = new RuleResult($entry->place(), $found);
                }
            }

            return $results;
        });
    }

    /** @param  Closure(CheckedTask, Limit): (array<string, Minutes|Day|int|string>|null)  $values  of a task with entries in question, once for each; null where nothing is found */
    public static function onTask(RuleCode $code, Severity $severity, Closure $values, ?LimitRange $limits = null): self
    {
        return new self($code, RuleScope::Entries, $severity, $limits, static function (CheckedSheet $sheet, Limit $limit) use ($values): array {
            $results = [];
            foreach ($sheet->inQuestion() as $entry) {
                $found = $values($entry->task, $limit);
                if ($found !== null) {
                    $results[$entry->line->taskKey()] = new RuleResult(FindingPlace::line($entry->line), $found);
                }
            }

            return array_values($results);
        });
    }

    /** @param  Closure(non-empty-list<CheckedEntry>, Limit): list<array<string, Minutes|Day|int|string>>  $values  of all that is found among the entries of a line, which come in the order of days */
    public static function onLine(RuleCode $code, Severity $severity, Closure $values, ?LimitRange $limits = null): self
    {
        return new self($code, RuleScope::Entries, $severity, $limits, static function (CheckedSheet $sheet, Limit $limit) use ($values): array {
            $results = [];
            foreach ($sheet->lines() as $entries) {
                foreach ($values($entries, $limit) as $found) {
                    $results[] = new RuleResult(FindingPlace::line($entries[0]->line), $found);
                }
            }

            return $results;
        });
    }

    /** A rule on expenses, which `ExpenseRules` checks; it finds nothing in hours. */
    public static function onExpense(RuleCode $code, Severity $severity, ?LimitRange $limits = null): self
    {
        return new self($code, RuleScope::Expenses, $severity, $limits, static fn (): array => []);
    }

    public function code(): string
    {
        return $this->code->value;
    }

    public function scope(): RuleScope
    {
        return $this->scope;
    }

    /** The numbers that it may be set with; null for a rule without one. */
    public function limits(): ?LimitRange
    {
        return $this->limits;
    }

    /** How it is set where the organisation has not said otherwise. */
    public function defaultSeverity(): Severity
    {
        return $this->severity;
    }

    /** @return list<RuleResult> */
    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return ($this->findings)($sheet, $limit);
    }
}
