<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

/**
 * Gives the kinds of a day, or the overtime of a week, to entries.
 */
final readonly class PayEntries
{
    /** In this order kinds are given to the last entries of a day: what is paid most comes last. */
    private const ORDER = [PayKind::Double, PayKind::Overtime, PayKind::Holiday, PayKind::Sunday, PayKind::Night];

    /**
     * @param  list<PaidTime>  $times  of the day, in the order in which they were worked
     * @param  array<string, int>  $totals  what the day comes to, by kind
     * @return array<int, array<string, int>> minutes by kind, by entry
     */
    public static function ofDay(OvertimeFallsOn $fallsOn, array $times, array $totals): array
    {
        $kinds = [];
        $open = [];
        foreach ($times as $time) {
            if ($time->decided === null) {
                $open[] = $time;

                continue;
            }
            $kinds[$time->id] = self::some($time->decided);
            foreach ($time->decided as $kind => $minutes) {
                $totals[$kind] = ($totals[$kind] ?? 0) - $minutes;
            }
        }
        $left = array_map(static fn (PaidTime $time): int => $time->minutes, $open);
        if ($left === [] || min($left) < 0) {
            // What takes away takes of whatever there is too much of now.
            return $kinds + self::corrections($open, $totals);
        }
        $totals = self::without($totals, array_sum($left));
        $given = array_fill(0, count($open), []);
        foreach (self::ORDER as $kind) {
            $chosen = array_map(static fn (PaidTime $time): ?int => $kind->isMovable() ? $time->chosen[$kind->value] ?? null : null, $open);
            $some = self::given($fallsOn, $left, $chosen, $totals[$kind->value] ?? 0);
            foreach ($some as $index => $ofEntry) {
                $given[$index][$kind->value] = $ofEntry;
            }
            $left = array_map(static fn (int $has, int $takes): int => $has - $takes, $left, $some);
        }
        foreach ($open as $index => $time) {
            $kinds[$time->id] = self::some([PayKind::Regular->value => $left[$index], ...$given[$index]]);
        }

        return $kinds;
    }

    /**
     * The week's overtime that nothing has been decided about, given to all entries that are open, in proportion to their regular minutes.
     *
     * @param  array<int, array<string, int>>  $kinds  by entry
     * @param  list<PaidTime>  $times
     * @return array<int, array<string, int>>
     */
    public static function overWeek(array $kinds, array $times, int $minutes): array
    {
        $open = [];
        $regular = [];
        $chosen = [];
        foreach ($times as $time) {
            if ($time->decided === null) {
                $open[] = $time->id;
                $regular[] = max(0, $kinds[$time->id][PayKind::Regular->value] ?? 0);
                $asked = $time->chosen[PayKind::Overtime->value] ?? null;
                // What the day has given already is part of what was asked for.
                $chosen[] = $asked === null ? null : max(0, $asked - ($kinds[$time->id][PayKind::Overtime->value] ?? 0));
            }
        }
        foreach (self::given(OvertimeFallsOn::Week, $regular, $chosen, max(0, min($minutes, array_sum($regular)))) as $index => $some) {
            $of = $kinds[$open[$index]];
            $kinds[$open[$index]] = self::some([...$of, PayKind::Regular->value => $regular[$index] - $some, PayKind::Overtime->value => ($of[PayKind::Overtime->value] ?? 0) + $some]);
        }

        return $kinds;
    }

    /**
     * Where something takes away, the first correction gets all that the day comes to now and the entries before do not have; others are regular.
     *
     * @param  list<PaidTime>  $open
     * @param  array<string, int>  $totals
     * @return array<int, array<string, int>>
     */
    private static function corrections(array $open, array $totals): array
    {
        $kinds = [];
        foreach (array_slice($open, 1) as $time) {
            $kinds[$time->id] = self::some([PayKind::Regular->value => $time->minutes]);
            $totals[PayKind::Regular->value] = ($totals[PayKind::Regular->value] ?? 0) - $time->minutes;
        }
        foreach (array_slice($open, 0, 1) as $time) {
            // A day does not fall below nothing, a correction may.
            $totals[PayKind::Regular->value] = ($totals[PayKind::Regular->value] ?? 0) + $time->minutes - array_sum($totals);
            $kinds[$time->id] = self::some($totals);
        }

        return $kinds;
    }

    /**
     * What is left of the day's kinds for open entries: where decided ones have more of a kind than there is, others have less.
     *
     * @param  array<string, int>  $totals
     * @param  int  $minutes  of open entries
     * @return array<string, int> none below 0, together no more than the minutes
     */
    private static function without(array $totals, int $minutes): array
    {
        $kept = [];
        foreach (self::ORDER as $kind) {
            $some = min($minutes, max(0, $totals[$kind->value] ?? 0));
            $kept[$kind->value] = $some;
            $minutes -= $some;
        }

        return $kept;
    }

    /**
     * First what was chosen by hand, then the rest where nothing was; what does not fit there goes to the others, since kinds add up.
     *
     * @param  list<int>  $left  minutes of each, none below 0
     * @param  list<int|null>  $chosen  what each is to get; null where nothing was chosen
     * @param  int  $minutes  no more than those left together
     * @return list<int> what each gets, no more than it has
     */
    private static function given(OvertimeFallsOn $fallsOn, array $left, array $chosen, int $minutes): array
    {
        $given = [];
        foreach ($left as $index => $has) {
            $given[$index] = min($has, $chosen[$index] ?? 0, $minutes);
            $minutes -= $given[$index];
        }
        foreach ([true, false] as $isOpen) {
            $room = array_map(static fn (int $has, int $gets, ?int $asked): int => ($asked === null) === $isOpen ? $has - $gets : 0, $left, $given, $chosen);
            $rest = min($minutes, array_sum($room));
            $some = $fallsOn === OvertimeFallsOn::Last ? self::last($room, $rest) : self::inProportion($room, $rest);
            $given = array_map(static fn (int $gets, int $more): int => $gets + $more, $given, $some);
            $minutes -= $rest;
        }

        return $given;
    }

    /**
     * @param  list<int>  $left  minutes of each
     * @return list<int> what each gets, from the last on
     */
    private static function last(array $left, int $minutes): array
    {
        $given = [];
        foreach (array_reverse($left, true) as $index => $some) {
            $given[$index] = min($some, $minutes);
            $minutes -= $given[$index];
        }
        ksort($given);

        return array_values($given);
    }

    /**
     * By the largest remainders, of two the first.
     *
     * @param  list<int>  $left  minutes of each, none below 0
     * @param  int  $minutes  no more than those together
     * @return list<int> what each gets, no more than it has
     */
    private static function inProportion(array $left, int $minutes): array
    {
        $all = array_sum($left);
        if ($all === 0) {
            return array_map(static fn (): int => 0, $left);
        }
        $given = array_map(static fn (int $some): int => intdiv($some * $minutes, $all), $left);
        $remainders = array_map(static fn (int $some): int => ($some * $minutes) % $all, $left);
        arsort($remainders);
        $missing = $minutes - array_sum($given);
        foreach (array_keys($remainders) as $index) {
            if ($missing === 0) {
                break;
            }
            if ($given[$index] < $left[$index]) {
                $given[$index]++;
                $missing--;
            }
        }

        return $given;
    }

    /**
     * @param  array<string, int>  $kinds
     * @return array<string, int>
     */
    private static function some(array $kinds): array
    {
        return array_filter($kinds, static fn (int $minutes): bool => $minutes !== 0);
    }
}
