<?php

declare(strict_types=1);

namespace App\Features\Compare\Requests;

use App\Features\Compare\Queries\ComparisonQuestion;
use App\Features\Compare\Queries\ComparisonSort;
use App\Features\Compare\Queries\OpenedFigure;
use App\Features\Compare\Queries\OpenedGroup;
use App\Http\Input\Address;
use App\Http\Input\BoundedRequest;
use LogicException;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\RollingPeriod;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;

/** The question of a comparison in its address; an invalid value counts as absent. */
final class CompareRequest extends BoundedRequest
{
    private const MOST_NAMED = 100;

    private const LONGEST_LIST = 3400;

    private const MOST_DAYS = 3700;

    private const MOST_DAYS_BY_WEEK = 371;

    private const MOST_DAYS_BY_MONTH = 1100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    public function question(Day $today): ComparisonQuestion
    {
        $address = Address::of($this);
        $by = Grouping::tryFrom($address->text('by')) ?? Grouping::Project;
        $then = Grouping::tryFrom($address->text('then'));
        [$period, $days] = $this->period($today);
        $across = $by->isByDay() ? null : self::across(Grouping::tryFrom($address->text('across')), $days);

        return new ComparisonQuestion(
            $by,
            $then === $by ? null : $then,
            $across,
            $period,
            $days,
            $this->selection(),
            $address->text('pending') === 'in',
            preg_match('/^(\d{1,2}|100)$/D', $address->text('tolerance')) === 1 ? (int) $address->text('tolerance') : ComparisonQuestion::USUAL_TOLERANCE,
            ComparisonSort::tryFrom($address->text('sort')) ?? ComparisonSort::Attention,
            $address->page(),
            $this->opened(),
        );
    }

    /** Periods that stand across: where there would be more of them than anybody reads beside each other, longer ones. */
    private static function across(?Grouping $asked, DayRange $days): ?Grouping
    {
        return match (true) {
            $asked === null || ! $asked->isByDay() => null,
            $asked === Grouping::Week && $days->count() <= self::MOST_DAYS_BY_WEEK => Grouping::Week,
            $asked !== Grouping::Quarter && $days->count() <= self::MOST_DAYS_BY_MONTH => Grouping::Month,
            default => Grouping::Quarter,
        };
    }

    /** @return array{string, DayRange} */
    private function period(Day $today): array
    {
        $address = Address::of($this);
        $rolling = RollingPeriod::read($address->text('period'));
        $first = $address->day('from');
        $last = $address->day('to');
        if ($rolling === null && $first !== null && $last !== null && ! $last->isBefore($first) && $first->daysUntil($last) < self::MOST_DAYS) {
            return ['', DayRange::between($first, $last)];
        }
        $usual = RollingPeriod::read(ComparisonQuestion::USUAL_PERIOD) ?? throw new LogicException('The usual period is one.');

        return $rolling === null ? [ComparisonQuestion::USUAL_PERIOD, $usual->on($today)] : [$address->text('period'), $rolling->on($today)];
    }

    private function selection(): Selection
    {
        $internal = Address::of($this)->text('internal');

        return new Selection(
            $this->codes('project'), $this->codes('person'), $this->codes('team'), $this->codes('client'), $this->codes('manager'),
            $internal === 'only' ? true : ($internal === 'out' ? false : null),
        );
    }

    /** @return list<string> */
    private function codes(string $name): array
    {
        $codes = array_filter(explode(',', Address::of($this)->text($name, self::LONGEST_LIST)), static fn (string $code): bool => $code !== '');

        return array_slice(array_values(array_unique($codes)), 0, self::MOST_NAMED);
    }

    private function opened(): ?OpenedGroup
    {
        $address = Address::of($this);
        $figure = OpenedFigure::tryFrom($address->text('figure'));

        return $figure === null ? null : new OpenedGroup($figure, $address->textOrNull('group'), $address->textOrNull('part'), $address->textOrNull('at'));
    }
}
