<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

use Moss\Core\Calendar\Day;

/**
 * A day as a rule tells it apart, before it is known which entries are what.
 */
final readonly class PayDay
{
    /**
     * @param  int  $minutes  worked, 0 or more
     * @param  int  $night  of them in the night
     * @param  bool  $isSeventh  whether the six days before it were worked
     * @param  int  $regularBefore  regular minutes of the days before, in the same week
     */
    public function __construct(private PayRule $rule, private Day $day, private int $minutes, private int $night, private bool $isHoliday, private bool $isSeventh, private int $regularBefore)
    {
    }

    /** @return list<PayShare> what of it is not regular */
    public function shares(): array
    {
        if ($this->isHoliday && $this->rule->holidays) {
            return $this->share(PayKind::Holiday, PayCause::Holiday, $this->minutes);
        }
        if ($this->rule->sundays && $this->day->weekday() === 7) {
            return $this->share(PayKind::Sunday, PayCause::Sunday, $this->minutes);
        }
        $isSeventh = $this->isSeventh && $this->rule->seventhDay;
        $doubleFrom = $isSeventh ? $this->rule->seventhDoubleOver : $this->rule->dailyDoubleOver;
        $double = $doubleFrom === null ? 0 : max(0, $this->minutes - $doubleFrom);
        $overFrom = $isSeventh ? 0 : $this->rule->dailyOver;
        $over = $overFrom === null ? 0 : max(0, $this->minutes - $double - $overFrom);
        $regular = $this->minutes - $double - $over;
        $weekly = $this->rule->weeklyOver === null ? 0 : max(0, min($regular, $this->regularBefore + $regular - $this->rule->weeklyOver));
        $night = $this->rule->nights ? min($this->night, $regular - $weekly) : 0;

        return [
            ...$this->share(PayKind::Double, $isSeventh ? PayCause::SeventhDay : PayCause::LongDay, $double),
            ...$this->share(PayKind::Overtime, $isSeventh ? PayCause::SeventhDay : PayCause::Day, $over),
            ...$this->share(PayKind::Overtime, PayCause::Week, $weekly),
            ...$this->share(PayKind::Night, PayCause::Night, $night),
        ];
    }

    /**
     * What of a day counts towards the threshold of the week: also nights, which are regular but for when they are.
     *
     * @param  list<PayShare>  $shares
     */
    public static function countsAsRegular(int $minutes, array $shares): int
    {
        foreach ($shares as $share) {
            $minutes -= $share->kind === PayKind::Night ? 0 : $share->minutes;
        }

        return $minutes;
    }

    /** @return list<PayShare> none of no minutes */
    private function share(PayKind $kind, PayCause $cause, int $minutes): array
    {
        return $minutes > 0 ? [new PayShare($this->day, $kind, $cause, $minutes)] : [];
    }
}
