<?php

declare(strict_types=1);

namespace App\Features\Load\Requests;

use App\Http\Input\Address;
use App\Http\Input\BoundedRequest;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** What a page of load asks, in its address; an invalid value counts as absent. */
final class LoadPageRequest extends BoundedRequest
{
    private const MOST_NAMED = 100;

    private const LONGEST_LIST = 3400;

    /** Days across. */
    private const MOST_DAYS = 31;

    /** Half a year of weeks. */
    private const MOST_DAYS_BY_WEEK = 182;

    private const USUAL_WEEKS = 6;

    private const USUAL_WEEKS_BY_DAY = 2;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    public function question(Day $today): LoadQuestion
    {
        $address = Address::of($this);
        $unit = LoadUnit::tryFrom($address->text('unit')) ?? LoadUnit::Week;
        $sort = $address->text('sort');

        return new LoadQuestion(
            $unit,
            $this->days($unit, $today),
            $sort === 'name' || $sort === 'free' ? $sort : 'over',
            $this->list('person'),
            $this->list('team'),
            $this->list('role'),
            $this->needed(),
            $address->textOrNull('open'),
            $address->page(),
        );
    }

    private function days(LoadUnit $unit, Day $today): DayRange
    {
        $first = Address::of($this)->day('from');
        $last = Address::of($this)->day('to');
        $most = $unit === LoadUnit::Day ? self::MOST_DAYS : self::MOST_DAYS_BY_WEEK;
        if ($first !== null && $last !== null && ! $last->isBefore($first) && $first->daysUntil($last) < $most) {
            return DayRange::between($first, $last);
        }
        $monday = PeriodUnit::Week->firstDay($today);

        return DayRange::between($monday, $monday->plusDays(7 * ($unit === LoadUnit::Day ? self::USUAL_WEEKS_BY_DAY : self::USUAL_WEEKS) - 1));
    }

    /** Hours as people type them. */
    private function needed(): ?Minutes
    {
        $text = Address::of($this)->text('need');
        try {
            $minutes = HoursText::ofPlan($text);

            return $minutes->isZero() ? null : $minutes;
        } catch (HoursTextRefused) {
            return null;
        }
    }

    /** @return list<string> */
    private function list(string $name): array
    {
        $codes = array_filter(explode(',', Address::of($this)->text($name, self::LONGEST_LIST)), static fn (string $code): bool => $code !== '');

        return array_slice(array_values(array_unique($codes)), 0, self::MOST_NAMED);
    }
}
