<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Calendar\Day;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Search\Words;

/** Reads a comparison that is asked in words, from left to right; every word is understood, or said not to be. */
final readonly class AskedWords
{
    private const GROUPINGS = [
        'project manager' => Grouping::Manager, 'charge code' => Grouping::ChargeCode, 'project' => Grouping::Project, 'phase' => Grouping::Phase, 'task' => Grouping::Task,
        'person' => Grouping::Person, 'people' => Grouping::Person, 'employee' => Grouping::Person, 'team' => Grouping::Team, 'client' => Grouping::Client, 'customer' => Grouping::Client,
        'manager' => Grouping::Manager, 'role' => Grouping::Role, 'code' => Grouping::ChargeCode, 'billable' => Grouping::Billable,
        'quarter' => Grouping::Quarter, 'month' => Grouping::Month, 'week' => Grouping::Week,
    ];

    private const MEASURES = [
        'planned to date' => Measure::ToDate, 'billable share' => Measure::BillableShare, 'billable hours' => Measure::Billable, 'bill value' => Measure::BillValue,
        'planned' => Measure::Planned, 'plan' => Measure::Planned, 'actual' => Measure::Actual, 'pending' => Measure::Pending, 'variance' => Measure::Difference,
        'cost' => Measure::Cost, 'expenses' => Measure::Expenses, 'billing' => Measure::BillValue, 'revenue' => Measure::BillValue, 'margin' => Measure::Margin, 'overtime' => Measure::Overtime, 'double time' => Measure::DoubleTime, 'premium time' => Measure::Premiums, 'premiums' => Measure::Premiums, 'expected' => Measure::Expected,
        'utilisation' => Measure::Utilisation, 'utilization' => Measure::Utilisation, 'remaining' => Measure::Remaining, 'forecast' => Measure::Forecast,
    ];

    /** Whether only billable time, or only other time. */
    private const BILLABLE = ['not billable' => false, 'non billable' => false, 'nonbillable' => false, 'unbillable' => false, 'only billable' => true, 'billable only' => true, 'billable' => true];

    /** Whether only internal time, or only other time. */
    private const INTERNAL = [
        'without internal time' => false, 'without internal' => false, 'without leave' => false, 'not internal' => false, 'no internal' => false, 'no leave' => false,
        'only internal' => true, 'internal only' => true, 'internal time' => true, 'internal' => true,
    ];

    private const PENDING = ['with pending', 'including pending', 'pending included', 'and pending'];

    /** Words that only join others. */
    private const FILLING = ['vs', 'versus', 'against', 'and', 'or', 'of', 'on', 'for', 'in', 'at', 'the', 'a', 'is', 'are', 'was', 'were', 'me', 'show', 'compare', 'hours', 'time', 'figures', 'what', 'how', 'much', 'many', 'with', 'all', 'we', 'did', 'do', 'during', '%'];

    /** @param  list<string>  $words */
    private function __construct(private array $words, private Day $today, private NameFinder $finder)
    {
    }

    public static function read(string $text, Day $today, NameFinder $finder): Understood
    {
        $plain = str_replace(['%', 'non-billable', 'un-billable'], [' % ', 'nonbillable', 'unbillable'], Words::plain($text));

        return (new self(preg_split('/[\s,;?!"“”]+/u', $plain, -1, PREG_SPLIT_NO_EMPTY) ?: [], $today, $finder))->understood();
    }

    private function understood(): Understood
    {
        $understood = new Understood;
        $called = [];
        for ($index = 0; $index < count($this->words);) {
            // Words that are left between those that are understood are names.
            if ($this->taken($understood, $index) === null) {
                $called[] = $this->words[$index++];

                continue;
            }
            [$understood, $taken] = $this->taken($this->named($understood, $called), $index) ?? [$understood, 1];
            $called = [];
            $index += $taken;
        }
        $understood = $this->named($understood, $called);

        return $understood->with(['measures' => array_values(array_filter(Measure::cases(), static fn (Measure $measure): bool => in_array($measure, $understood->measures, true)))]);
    }

    /** @return array{Understood, positive-int}|null what is understood with the words from here on, and how many they are; null where none is */
    private function taken(Understood $understood, int $index): ?array
    {
        return $this->grouped($understood, $index) ?? $this->tolerated($understood, $index) ?? $this->phrase($understood, $index) ?? $this->dated($understood, $index)
            ?? (in_array($this->words[$index], self::FILLING, true) ? [$understood, 1] : null);
    }

    /**
     * `by client`, `by client and month`, `per week`, `across months`, `who`.
     *
     * @return array{Understood, positive-int}|null
     */
    private function grouped(Understood $understood, int $index): ?array
    {
        $word = $this->words[$index];
        if ($word === 'who') {
            return [$understood->with(['by' => $understood->by ?? Grouping::Person]), 1];
        }
        if (! in_array($word, ['by', 'per', 'across', 'each', 'then'], true)) {
            return null;
        }
        // `then by`
        $end = $word === 'then' && ($this->words[$index + 1] ?? '') === 'by' ? $index + 2 : $index + 1;
        $found = $this->grouping($end);
        if ($found === null) {
            return null;
        }
        $understood = self::by($understood, $found[0], $word === 'across');
        $end += $found[1];
        // `and month`, as long as it is one.
        while (($this->words[$end] ?? '') === 'and' && ($next = $this->grouping($end + 1)) !== null) {
            $understood = self::by($understood, $next[0], false);
            $end += 1 + $next[1];
        }

        return [$understood, max(1, $end - $index)];
    }

    private static function by(Understood $understood, Grouping $grouping, bool $isAcross): Understood
    {
        return $understood->with(match (true) {
            $understood->by === null && ! $isAcross => ['by' => $grouping],
            $grouping->isByDay() => ['across' => $grouping],
            default => ['then' => $grouping],
        });
    }

    /** @return array{Grouping, positive-int}|null in the singular or plural, with how many words it takes */
    private function grouping(int $index): ?array
    {
        foreach ([2, 1] as $count) {
            $grouping = self::groupingOf(implode(' ', array_slice($this->words, $index, $count)));
            if ($grouping !== null) {
                return [$grouping, $count];
            }
        }

        return null;
    }

    private static function groupingOf(string $phrase): ?Grouping
    {
        return self::GROUPINGS[$phrase] ?? self::GROUPINGS[preg_replace('/s$/', '', $phrase)] ?? null;
    }

    /**
     * `over`, `over 10 %`, `under 5 percent`, `within 15 %`.
     *
     * @return array{Understood, positive-int}|null
     */
    private function tolerated(Understood $understood, int $index): ?array
    {
        if (! in_array($this->words[$index], ['over', 'under', 'within', 'above', 'below'], true)) {
            return null;
        }
        $next = $index + 1 + (($this->words[$index + 1] ?? '') === 'plan' ? 1 : 0);
        // `over plan by client` groups; `over by 10 %` does not.
        $number = ['by' => 1, 'more' => 2][$this->words[$next] ?? ''] ?? 0;
        if ($number > 0 && preg_match('/^\d{1,3}$/D', $this->words[$next + $number] ?? '') === 1) {
            $next += $number;
        }
        if (preg_match('/^(\d{1,2}|100)$/D', $this->words[$next] ?? '') !== 1) {
            return $this->words[$index] === 'within' ? null : [$understood, max(1, $next - $index)];
        }
        $end = in_array($this->words[$next + 1] ?? '', ['%', 'percent'], true) ? $next + 2 : $next + 1;

        return [$understood->with(['tolerance' => (int) $this->words[$next]]), max(1, $end - $index)];
    }

    /**
     * Words that stand for a measure or for what is left out.
     *
     * @return array{Understood, positive-int}|null
     */
    private function phrase(Understood $understood, int $index): ?array
    {
        foreach ([3, 2, 1] as $count) {
            $phrase = implode(' ', array_slice($this->words, $index, $count));
            $changes = match (true) {
                $index + $count > count($this->words) => null,
                isset(self::MEASURES[$phrase]) => ['measures' => [...$understood->measures, self::MEASURES[$phrase]]],
                isset(self::INTERNAL[$phrase]) => ['internal' => self::INTERNAL[$phrase]],
                isset(self::BILLABLE[$phrase]) => ['billable' => self::BILLABLE[$phrase]],
                in_array($phrase, self::PENDING, true) => ['withPending' => true],
                default => null,
            };
            if ($changes !== null) {
                return [$understood->with($changes), $count];
            }
        }

        return null;
    }

    /** @return array{Understood, positive-int}|null */
    private function dated(Understood $understood, int $index): ?array
    {
        $found = PeriodWords::at($this->words, $index, $this->today);
        if ($found === null) {
            // These begin no name.
            return in_array($this->words[$index], ['this', 'last', 'next', 'from', 'to', 'between', 'since', 'until', 'till'], true)
                ? [$understood->with(['unknown' => [...$understood->unknown, $this->words[$index]]]), 1]
                : null;
        }
        [$period, $days, $count] = $found;

        return [$understood->with(['period' => $period, 'days' => $days]), max(1, $count)];
    }

    /**
     * Words between others: names, each with or without what it is (`coast team`, `client harbour board`).
     *
     * @param  list<string>  $words
     */
    private function named(Understood $understood, array $words): Understood
    {
        $sought = [];
        $kind = null;
        foreach ($words as $word) {
            $grouping = self::groupingOf($word);
            if ($grouping === null || $grouping->isByDay()) {
                $sought[] = $word;
            } elseif ($sought !== []) {
                $understood = $kind === null ? $this->seekBefore($understood, $sought, $grouping) : $this->seek($understood, $sought, $kind);
                [$sought, $kind] = [[], null];
            } else {
                $kind = $grouping;
            }
        }

        return $this->seek($understood, $sought, $kind);
    }

    /**
     * Of words before what they are, the last ones are it: of `lens refit coast team`, only `coast` is a team.
     *
     * @param  list<string>  $words
     */
    private function seekBefore(Understood $understood, array $words, Grouping $kind): Understood
    {
        for ($start = 0; $start < count($words); $start++) {
            $last = implode(' ', array_slice($words, $start));
            if ($this->finder->find($last, [$kind]) !== []) {
                $understood = $this->seek($understood, array_slice($words, 0, $start), null);

                return $this->meaning($understood, $last, $kind) ?? $understood;
            }
        }

        return $this->seek($understood, $words, null);
    }

    /**
     * The longest words that mean something first.
     *
     * @param  list<string>  $words
     */
    private function seek(Understood $understood, array $words, ?Grouping $kind): Understood
    {
        while ($words !== []) {
            $meant = null;
            // A word that means nothing by itself means nothing with others either: every word of a name must fit.
            $alone = array_search(true, array_map(fn (string $word): bool => $this->found($word, $kind) === [], $words), true);
            $most = $alone === false ? count($words) : (int) $alone;
            for ($count = $most; $count > 0 && $meant === null; $count--) {
                $meant = $this->meaning($understood, implode(' ', array_slice($words, 0, $count)), $kind);
            }
            $understood = $meant ?? $understood->with(['unknown' => [...$understood->unknown, $words[0]]]);
            $words = array_slice($words, $meant === null ? 1 : $count + 1);
        }

        return $understood;
    }

    private function meaning(Understood $understood, string $words, ?Grouping $kind): ?Understood
    {
        $found = $this->found($words, $kind);
        $best = array_values(array_filter($found, static fn (FoundName $one): bool => $one->fit === $found[0]->fit));

        return match (count($best)) {
            0 => null,
            1 => $understood->with(['names' => [...$understood->names, $best[0]]]),
            default => $understood->with(['several' => $understood->several + [$words => $best]]),
        };
    }

    /** @return list<FoundName> */
    private function found(string $words, ?Grouping $kind): array
    {
        return $this->finder->find($words, $kind === null ? [Grouping::Project, Grouping::Person, Grouping::Team, Grouping::Client, Grouping::Role] : [$kind]);
    }
}
