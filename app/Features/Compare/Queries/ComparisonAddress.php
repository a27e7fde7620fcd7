<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Http\Input\Address;
use App\Models\Person;
use Illuminate\Http\Request;
use LogicException;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\RollingPeriod;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;

/** Reads a comparison from an address; an invalid value counts as absent. */
final readonly class ComparisonAddress
{
    /** From the first day on which anything is planned or recorded, up to today. */
    public const TO_DATE = 'to-date';

    private const MOST_NAMED = 100;

    private const LONGEST_LIST = 3400;

    private const MOST_DAYS = 3700;

    private const MOST_DAYS_BY_WEEK = 371;

    private const MOST_DAYS_BY_MONTH = 1100;

    private function __construct(private Address $address)
    {
    }

    public static function of(Address $address): self
    {
        return new self($address);
    }

    /** An address that somebody saved, as the part after its question mark. */
    public static function saved(string $address): self
    {
        return new self(Address::of(Request::create('/compare?'.$address)));
    }

    /** What is compared, as the part of an address after its question mark; without the page, and what is opened. */
    public static function written(ComparisonQuestion $asked): string
    {
        $terms = $asked->terms;
        $selection = $terms->selection;
        $isFixed = $asked->period === '';

        return http_build_query(array_filter([
            'by' => $terms->by->value,
            'then' => $terms->then?->value,
            'across' => $terms->across?->value,
            'period' => $asked->period,
            'from' => $isFixed ? $terms->days->first()->toString() : '',
            'to' => $isFixed ? $terms->days->last()->toString() : '',
            'project' => implode(',', $selection->projects),
            'person' => implode(',', $selection->persons),
            'team' => implode(',', $selection->teams),
            'client' => implode(',', $selection->clients),
            'manager' => implode(',', $selection->managers),
            'role' => implode(',', $selection->roles),
            'charge-code' => implode(',', $selection->chargeCodes),
            'field' => $terms->field->code ?? '',
            'value' => implode(',', $selection->fieldValues),
            'internal' => match ($selection->internal) {
                true => 'only',
                false => 'out',
                null => '',
            },
            'billable' => match ($selection->billable) {
                true => 'yes',
                false => 'no',
                null => '',
            },
            'pending' => $terms->withPending ? 'in' : '',
            'tolerance' => (string) $asked->tolerance,
            'sort' => $asked->sort->value,
            'draw' => $asked->withLines ? 'lines' : '',
            'show' => implode(',', array_map(static fn (Measure $measure): string => $measure->value, $terms->measures)),
        ], static fn (?string $value): bool => $value !== null && $value !== ''), '', '&', PHP_QUERY_RFC3986);
    }

    /** @param  Person|null  $reader  null for whoever operates the application */
    public function question(?Person $reader, Day $today): ComparisonQuestion
    {
        $address = $this->address;
        $offered = OfferedMeasures::to($reader);
        $field = $address->text('field') === '' ? null : ComparedFields::offeredWith($offered)->named($address->text('field'));
        $by = self::grouping($address->text('by'), $field) ?? Grouping::Project;
        $then = self::grouping($address->text('then'), $field);
        $selection = $this->selection($field);
        $isAsked = in_array(Grouping::OwnField, [$by, $then], true) || $selection->fieldValues !== [];
        [$period, $days] = $this->period($today);
        $across = $by->isByDay() ? null : self::across(Grouping::tryFrom($address->text('across')), $days);
        $measures = ComparedFields::measures($isAsked ? $field : null, array_values(array_filter($this->measures(), static fn (Measure $measure): bool => in_array($measure, $offered, true))));
        $sort = Measure::tryFrom($address->text('sort'));

        return new ComparisonQuestion(
            new ComparisonTerms($by, $selection, $days, $today, $address->text('pending') === 'in', $then === $by ? null : $then, $across, $measures, $isAsked ? $field : null),
            $period,
            preg_match('/^(\d{1,2}|100)$/D', $address->text('tolerance')) === 1 ? (int) $address->text('tolerance') : ComparisonQuestion::USUAL_TOLERANCE,
            in_array($sort, $measures, true) ? $sort : ComparisonSort::tryFrom($address->text('sort')) ?? ComparisonSort::Attention,
            $address->text('draw') === 'lines',
            $address->page(),
            $this->opened($measures),
        );
    }

    /** By an own field only where there is one. */
    private static function grouping(string $text, ?OwnField $field): ?Grouping
    {
        $grouping = Grouping::tryFrom($text);

        return $grouping === Grouping::OwnField && $field === null ? null : $grouping;
    }

    /** @return list<Measure> in their order, whatever the address has */
    private function measures(): array
    {
        $named = $this->list('show');

        return $named === [] ? Measure::USUAL : array_values(array_filter(Measure::cases(), static fn (Measure $measure): bool => in_array($measure->value, $named, true)));
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
        $text = $this->address->text('period');
        if ($text === self::TO_DATE) {
            return [$text, DayRange::between(Day::later(ComparedHistory::firstDay($today), $today->plusDays(1 - self::MOST_DAYS)), $today)];
        }
        $rolling = RollingPeriod::read($text);
        $first = $this->address->day('from');
        $last = $this->address->day('to');
        if ($rolling === null && $first !== null && $last !== null && ! $last->isBefore($first) && $first->daysUntil($last) < self::MOST_DAYS) {
            return ['', DayRange::between($first, $last)];
        }
        $usual = RollingPeriod::read(ComparisonQuestion::USUAL_PERIOD) ?? throw new LogicException('The usual period is one.');

        return $rolling === null ? [ComparisonQuestion::USUAL_PERIOD, $usual->on($today)] : [$text, $rolling->on($today)];
    }

    private function selection(?OwnField $field): Selection
    {
        $internal = $this->address->text('internal');
        $billable = $this->address->text('billable');

        return new Selection(
            $this->list('project'), $this->list('person'), $this->list('team'), $this->list('client'), $this->list('manager'),
            $internal === 'only' ? true : ($internal === 'out' ? false : null),
            billable: $billable === 'yes' ? true : ($billable === 'no' ? false : null),
            roles: $this->list('role'),
            chargeCodes: $this->list('charge-code'),
            fieldValues: $field === null ? [] : $this->list('value'),
            fieldIsOfPeople: $field?->subject === FieldSubject::Person,
        );
    }

    /** @return list<string> */
    private function list(string $name): array
    {
        $codes = array_filter(explode(',', $this->address->text($name, self::LONGEST_LIST)), static fn (string $code): bool => $code !== '');

        return array_slice(array_values(array_unique($codes)), 0, self::MOST_NAMED);
    }

    /** @param  list<Measure>  $measures  that are shown */
    private function opened(array $measures): ?OpenedGroup
    {
        $measure = Measure::tryFrom($this->address->text('figure'));

        return $measure === null || ! in_array($measure, $measures, true) ? null
            : new OpenedGroup($measure->opensAs(), $this->address->textOrNull('group'), $this->address->textOrNull('part'), $this->address->textOrNull('at'));
    }
}
