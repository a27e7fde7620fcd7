<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Effort\Percentage;
use Moss\Core\Money\Cost;
use Moss\Core\Pay\PayKind;
use Moss\Core\Time\Minutes;

/** A figure that a comparison shows of each group. */
enum Measure: string
{
    case Planned = 'planned';
    case ToDate = 'planned-to-date';
    case Actual = 'actual';
    case Pending = 'pending';
    /** Actual less what is planned to date. */
    case Difference = 'difference';
    case DifferencePercentage = 'difference-pct';
    /** Actual less all that is planned. */
    case Variance = 'variance';
    case VariancePercentage = 'variance-pct';
    case Billable = 'billable';
    case BillableShare = 'billable-share';
    case Cost = 'cost';
    case BillValue = 'bill-value';
    case Margin = 'margin';
    /** What of the cost are expenses. */
    case Expenses = 'expenses';
    /** What approved time is paid as beyond regular time. */
    case Overtime = 'overtime';
    case DoubleTime = 'double-time';
    case Nights = 'nights';
    case Sundays = 'sundays';
    case Holidays = 'holidays';
    case Premiums = 'premiums';
    case Expected = 'expected';
    /** Entered against what is expected to date. */
    case Utilisation = 'utilisation';
    case Remaining = 'remaining';
    /** Entered by now, on any day, and remaining. */
    case Forecast = 'forecast';

    /** Those that are shown where none are chosen. */
    public const USUAL = [self::Planned, self::ToDate, self::Actual, self::Pending, self::Difference];

    public function unit(): MeasureUnit
    {
        return match ($this) {
            self::DifferencePercentage, self::VariancePercentage, self::BillableShare, self::Utilisation => MeasureUnit::Percent,
            self::Cost, self::BillValue, self::Margin, self::Expenses => MeasureUnit::Money,
            default => MeasureUnit::Hours,
        };
    }

    public function isMoney(): bool
    {
        return $this->unit() === MeasureUnit::Money;
    }

    /** Whether it depends on what is billable. */
    public function isOfBillable(): bool
    {
        return in_array($this, [self::Billable, self::BillableShare, self::BillValue, self::Margin], true);
    }

    /** Whether it is about what days ask of people. */
    public function isOfAttendance(): bool
    {
        return $this === self::Expected || $this === self::Utilisation;
    }

    /** The kind of pay that it sums up; null for what is about something else. */
    public function payKind(): ?PayKind
    {
        return match ($this) {
            self::Overtime => PayKind::Overtime,
            self::DoubleTime => PayKind::Double,
            self::Nights => PayKind::Night,
            self::Sundays => PayKind::Sunday,
            self::Holidays => PayKind::Holiday,
            self::Premiums => PayKind::Premium,
            default => null,
        };
    }

    /** Whether it is about the end of the work, and so of no period. */
    public function isAtCompletion(): bool
    {
        return $this === self::Remaining || $this === self::Forecast;
    }

    /** Whether it asks what is planned or remains, of which no entry tells anything. */
    public function isOfPlan(): bool
    {
        return $this->isAtCompletion() || in_array($this, [self::Planned, self::ToDate, self::Difference, self::DifferencePercentage, self::Variance, self::VariancePercentage], true);
    }

    /**
     * Whether it can be told of groups: what days ask of people belongs to no project, and what remains belongs to no day.
     */
    public function fits(Grouping ...$groupings): bool
    {
        foreach ($groupings as $grouping) {
            if (($this->isOfAttendance() && ! $grouping->isByDay() && ! $grouping->isByPerson()) || ($this->isAtCompletion() && $grouping->isByDay())) {
                return false;
            }
        }

        return true;
    }

    /** The measure that adds up and is shown where this one is opened. */
    public function opensAs(): self
    {
        return match ($this) {
            self::DifferencePercentage => self::Difference,
            self::VariancePercentage => self::Variance,
            self::BillableShare => self::Billable,
            self::Utilisation => self::Expected,
            default => $this,
        };
    }

    /** Whether entries stand behind it. */
    public function hasEntries(): bool
    {
        return in_array($this, [self::Actual, self::Pending, self::Billable, self::Cost, self::BillValue, self::Margin], true);
    }

    /** In whole minutes or minor units; null for percentages, and where nothing is known. */
    public function amountOf(ComparisonRow $row): ?int
    {
        return match ($this) {
            self::Planned => $row->planned,
            self::ToDate => $row->plannedToDate,
            self::Actual => $row->actual,
            self::Pending => $row->pending,
            self::Difference => $row->againstToDate(),
            self::Variance => $row->variance(),
            self::Billable => $row->billable ?? 0,
            self::Cost => self::known($row->money?->cost, $row),
            self::BillValue => self::known($row->money?->bill, $row),
            self::Margin => self::Cost->amountOf($row) === null || self::BillValue->amountOf($row) === null ? null : $row->money?->margin()->cents() ?? 0,
            self::Expenses => $row->money?->expenses?->cents() ?? 0,
            self::Overtime, self::DoubleTime, self::Nights, self::Sundays, self::Holidays, self::Premiums => $row->kinds[$this->payKind()->value ?? ''] ?? 0,
            self::Expected => $row->attendance?->expected->toInt() ?? 0,
            self::Remaining => $row->completion?->remaining->toInt() ?? 0,
            self::Forecast => $row->completion?->forecast()->toInt() ?? 0,
            self::DifferencePercentage, self::VariancePercentage, self::BillableShare, self::Utilisation => null,
        };
    }

    /** One decimal; null for what is no percentage, and where there is nothing to divide by. */
    public function percentageOf(ComparisonRow $row): ?string
    {
        $percentage = match ($this) {
            self::DifferencePercentage => $row->percentageToDate(),
            self::VariancePercentage => $row->variancePercentage(),
            self::BillableShare => Percentage::of(Minutes::of($row->billable ?? 0), Minutes::of($row->actual)),
            self::Utilisation => $row->attendance === null ? null : Percentage::of($row->attendance->entered, $row->attendance->expectedToDate),
            default => null,
        };

        return $percentage?->__toString();
    }

    /** Minutes that an amount of money leaves out, since they have no rate, or one that the reader may not see. */
    public function leftOutOf(ComparisonRow $row): int
    {
        $money = $row->money;

        return $money === null ? 0 : match ($this) {
            self::Cost => $money->cost->unrated->plus($money->hidden)->toInt(),
            self::BillValue => $money->bill->unrated->plus($money->hidden)->toInt(),
            // Time may lack either.
            self::Margin => max(self::Cost->leftOutOf($row), self::BillValue->leftOutOf($row)),
            default => 0,
        };
    }

    /** Null where nothing of it is known. */
    private static function known(?Cost $cost, ComparisonRow $row): ?int
    {
        $isUnknown = $cost !== null && $row->money !== null && $cost->known->cents() === 0 && ! $cost->unrated->plus($row->money->hidden)->isZero();

        return $isUnknown ? null : $cost?->known->cents() ?? 0;
    }
}
