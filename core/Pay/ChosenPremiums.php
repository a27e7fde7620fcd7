<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

/**
 * Takes premiums that are no work out of the time that a rule is applied to, and puts all of them into its result.
 *
 * A premium that is work is paid for what the rule leaves regular: overtime, Sundays, holidays and nights come before it.
 */
final readonly class ChosenPremiums
{
    /** @param  list<PayPremium>  $premiums */
    public function __construct(private array $premiums)
    {
    }

    /**
     * The time without premiums that are no work; of what is decided, those that are work as regular.
     *
     * @param  list<PaidTime>  $times
     * @return list<PaidTime>
     */
    public function worked(array $times): array
    {
        return array_map(function (PaidTime $time): PaidTime {
            $decided = $time->decided;
            foreach ($this->premiums as $premium) {
                if (isset($decided[$premium->code])) {
                    $decided[PayKind::Regular->value] = ($decided[PayKind::Regular->value] ?? 0) + ($premium->isWork ? $decided[$premium->code] : 0);
                    unset($decided[$premium->code]);
                }
            }
            $apart = array_sum($this->apart($time));

            return new PaidTime($time->id, $time->day, $time->minutes - $apart, min($time->nightMinutes, max(0, $time->minutes - $apart)), $decided, $time->chosen);
        }, $times);
    }

    /**
     * @param  array<int, array<string, int>>  $kinds  of what was worked, by entry
     * @param  list<PaidTime>  $times  with everything
     * @return array<int, array<string, int>> of all of it; only kinds with minutes
     */
    public function put(array $kinds, array $times): array
    {
        foreach ($this->premiums === [] ? [] : $times as $time) {
            $of = $time->decided ?? ($kinds[$time->id] ?? []) + $this->apart($time);
            foreach ($time->decided === null ? $this->premiums : [] as $premium) {
                $some = $premium->isWork ? self::within($time->chosen[$premium->code] ?? 0, $of[PayKind::Regular->value] ?? 0) : 0;
                $of[PayKind::Regular->value] = ($of[PayKind::Regular->value] ?? 0) - $some;
                $of[$premium->code] = ($of[$premium->code] ?? 0) + $some;
            }
            $kinds[$time->id] = array_filter($of, static fn (int $minutes): bool => $minutes !== 0);
        }

        return $kinds;
    }

    /** @return array<string, int> minutes of premiums that are no work, by code */
    private function apart(PaidTime $time): array
    {
        $apart = [];
        $left = $time->minutes;
        foreach ($this->premiums as $premium) {
            if (! $premium->isWork) {
                $some = $time->decided === null ? self::within($time->chosen[$premium->code] ?? 0, $left) : $time->decided[$premium->code] ?? 0;
                $apart[$premium->code] = $some;
                $left -= $some;
            }
        }

        return $apart;
    }

    /** What is chosen, as far as there is so much; of a correction that takes away, the same below nothing. */
    private static function within(int $chosen, int $of): int
    {
        return $of < 0 ? max($of, min(0, $chosen)) : min($of, max(0, $chosen));
    }
}
