<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\ComparedFieldProps;
use App\Features\Compare\Props\ComparedGroupProps;
use App\Features\Compare\Props\ComparedPartProps;
use App\Features\Compare\Props\ComparedPeriodProps;
use App\Features\Compare\Props\ComparedRowProps;
use App\Features\Compare\Props\ComparisonProps;
use App\Lookup\Props\OptionProps;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Database\ReadTransaction;
use App\Support\Language\Wording;
use Moss\Core\Compare\ComparedGroup;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Standing;
use Moss\Core\OwnFields\FieldChoice;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\OwnField;

/** A comparison as a page shows it: its groups in order, a page at a time, counts and sums of all. In a fixed number of queries. */
final readonly class ComparisonPage
{
    private const AT_ONCE = 50;

    /** Where each group comes with what it is made of. */
    private const FEWER_AT_ONCE = 15;

    /** Of one group; who looks into it gets all of them. */
    private const MOST_PARTS = 25;

    public function __construct(private ComparisonReport $report, private OpenedFigures $opened)
    {
    }

    public function of(Person $reader, ComparisonQuestion $asked): ComparisonProps
    {
        // Read in several steps, it still adds up.
        return ReadTransaction::run(fn (): ComparisonProps => $this->props($reader, $asked));
    }

    private function props(Person $reader, ComparisonQuestion $asked): ComparisonProps
    {
        $terms = $asked->terms;
        $selection = $terms->selection;
        $work = ComparableWork::of($reader);
        $isInTwo = $this->report->isReadInTwo($terms, $work);
        $comparison = $this->report->comparison($isInTwo ? $terms->ofGroups() : $terms, $work);
        $standings = $asked->standingsOf($comparison->groups());
        $groups = ComparisonOrder::of($comparison->groups(), $standings, $terms->by, $asked, ComparisonOrder::names($terms->by, $asked));
        $atOnce = $terms->then === null ? self::AT_ONCE : self::FEWER_AT_ONCE;
        $pages = max(1, (int) ceil(count($groups) / $atOnce));
        $page = min($asked->page, $pages);
        $onPage = array_slice($groups, ($page - 1) * $atOnce, $atOnce, true);
        if ($isInTwo && $onPage !== []) {
            $onPage = array_replace($onPage, $this->report->comparison($terms->among(array_map(strval(...), array_keys($onPage))), $work)->groups());
        }
        $shown = self::shown($terms);
        $total = $comparison->total();
        $ofPeriods = $isInTwo ? $terms->ofPeriods() : null;
        $totals = $ofPeriods === null ? $comparison->periods() : $this->report->comparison($ofPeriods, $work)->rows();
        $periods = array_map(strval(...), array_keys($totals));
        $counts = array_count_values(array_column($standings, 'value'));

        return new ComparisonProps(
            $terms->by, $terms->then, $terms->across, $asked->period, $terms->days->first()->toString(), $terms->days->last()->toString(),
            match ($selection->internal) {
                true => 'only',
                false => 'out',
                null => '',
            },
            self::options(Grouping::Project, $selection->projects),
            self::options(Grouping::Person, $selection->persons),
            self::options(Grouping::Team, $selection->teams),
            self::options(Grouping::Client, $selection->clients),
            self::options(Grouping::Manager, $selection->managers),
            self::options(Grouping::Role, $selection->roles),
            self::options(Grouping::ChargeCode, $selection->chargeCodes),
            $terms->field === null ? null : self::field($terms->field),
            self::options(Grouping::OwnField, $selection->fieldValues, $terms->field),
            array_values(array_map(self::field(...), ComparedFields::offeredWith(OfferedMeasures::to($reader))->fields())),
            match ($selection->billable) {
                true => 'yes',
                false => 'no',
                null => '',
            },
            $terms->withPending, $asked->tolerance, $asked->sort->value, $asked->withLines, $reader->isOffice() || $reader->isViewer(),
            $shown, $terms->measures, OfferedMeasures::to($reader), Organisation::query()->sole()->currency,
            $periods,
            self::groups($onPage, $periods, $asked, $shown),
            ComparedRowProps::of($total, $asked->standingOf($total), $shown),
            self::across($totals, $periods),
            count($groups),
            $counts[Standing::Over->value] ?? 0,
            $counts[Standing::Under->value] ?? 0,
            $counts[Standing::Unplanned->value] ?? 0,
            $counts[Standing::OnTrack->value] ?? 0,
            self::scale($comparison, $terms->withPending),
            $page,
            $pages,
            $asked->opened === null ? null : $this->opened->of($reader, $asked, $asked->opened),
        );
    }

    /**
     * Once a period is over, all that is planned in it is planned to date.
     *
     * @return list<Measure>
     */
    private static function shown(ComparisonTerms $terms): array
    {
        $isTwice = in_array(Measure::Planned, $terms->measures, true) && ! $terms->today->isBefore($terms->days->last());

        return array_values(array_filter($terms->fitting(), static fn (Measure $measure): bool => ! $isTwice || $measure !== Measure::ToDate));
    }

    /**
     * @param  array<array-key, ComparedGroup>  $shown
     * @param  list<string>  $periods
     * @param  list<Measure>  $measures
     * @return list<ComparedGroupProps>
     */
    private static function groups(array $shown, array $periods, ComparisonQuestion $asked, array $measures): array
    {
        $names = GroupNames::for($asked->terms->by, array_map(strval(...), array_keys($shown)), $asked->terms->field);
        $parts = self::parts($shown, $asked);
        $codes = array_merge(...array_map(static fn (array $ofGroup): array => array_map(strval(...), array_keys($ofGroup)), array_values($parts)));
        $partNames = $asked->terms->then === null ? null : GroupNames::for($asked->terms->then, array_values(array_unique($codes)), $asked->terms->field);
        $groups = [];
        foreach ($shown as $group => $compared) {
            $made = [];
            foreach ($parts[$group] ?? [] as $code => $part) {
                $made[] = new ComparedPartProps((string) $code, $partNames?->nameOf((string) $code) ?? '', ComparedRowProps::of($part->row, $asked->standingOf($part->row), $measures), self::across($part->periods, $periods));
            }
            $groups[] = new ComparedGroupProps((string) $group, $names->nameOf((string) $group), ComparedRowProps::of($compared->row, $asked->standingOf($compared->row), $measures), $made, count($compared->parts) - count($made), self::across($compared->periods, $periods));
        }

        return $groups;
    }

    /**
     * @param  array<array-key, ComparedGroup>  $shown
     * @return array<array-key, array<array-key, ComparedGroup>> by group, those parts that are shown, in their order
     */
    private static function parts(array $shown, ComparisonQuestion $asked): array
    {
        $then = $asked->terms->then;
        if ($then === null) {
            return [];
        }
        $names = ComparisonOrder::names($then, $asked);

        return array_map(static fn (ComparedGroup $group): array => array_slice(ComparisonOrder::of($group->parts, $asked->standingsOf($group->parts), $then, $asked, $names), 0, self::MOST_PARTS, true), $shown);
    }

    /**
     * @param  array<array-key, ComparisonRow>  $rows
     * @param  list<string>  $periods
     * @return list<ComparedPeriodProps>
     */
    private static function across(array $rows, array $periods): array
    {
        return array_map(static fn (string $period): ComparedPeriodProps => ComparedPeriodProps::of($rows[$period] ?? ComparisonRow::empty()), $periods);
    }

    private static function field(OwnField $field): ComparedFieldProps
    {
        return new ComparedFieldProps($field->code, $field->name, match ($field->kind) {
            FieldKind::Choice => array_map(static fn (FieldChoice $choice): OptionProps => new OptionProps($choice->code, $choice->name), $field->choices),
            FieldKind::YesNo => [new OptionProps('yes', Wording::of('own_fields.yes')), new OptionProps('no', Wording::of('own_fields.no'))],
            default => null,
        });
    }

    private static function scale(Comparison $comparison, bool $withPending): int
    {
        $longest = 1;
        foreach ($comparison->groups() as $group) {
            $row = $group->row;
            $longest = max($longest, $row->planned, $withPending ? $row->actual : $row->actual + $row->pending);
        }

        return $longest;
    }

    /**
     * @param  list<string>  $codes
     * @return list<OptionProps>
     */
    private static function options(Grouping $kind, array $codes, ?OwnField $field = null): array
    {
        $names = $codes === [] ? null : GroupNames::for($kind, $codes, $field);

        return array_map(static fn (string $code): OptionProps => new OptionProps($code, $names?->nameOf($code) ?? $code), $codes);
    }
}
