<?php

declare(strict_types=1);

namespace App\Features\Settings\Queries;

use App\Models\Calendar;
use App\Models\Organisation;
use Moss\Core\Effort\EstimateMode;
use Moss\Core\Review\RouteKind;
use Moss\Core\Time\Minutes;
use Moss\Core\Timer\Rounding;

/** A setting of the organisation, by the name under which the audit trail knows it where it has one of its own. */
enum OrganisationSetting: string
{
    case Name = 'name';
    case Currency = 'currency';
    case Calendar = 'calendar';
    case Approval = 'approval';
    case Estimates = 'remaining estimates';
    case WeekDue = 'week due';
    case BillValue = 'bill value';
    case Recording = 'recording';
    case Anonymising = 'anonymising';

    /**
     * What holds now, as the audit trail tells it.
     *
     * @return array<string, string|int|null>
     */
    public function values(Organisation $organisation): array
    {
        return match ($this) {
            self::Name => ['name' => $organisation->name],
            self::Currency => ['currency' => $organisation->currency],
            self::Calendar => ['calendar' => $organisation->loadMissing('calendar')->calendar?->code],
            self::Approval => ['route' => $organisation->approval->value, 'self_approve' => $organisation->self_approve ? 1 : 0],
            self::Estimates => ['mode' => $organisation->estimate_mode->value, 'tolerance_minutes' => $organisation->estimate_tolerance->toInt()],
            self::WeekDue => ['days' => $organisation->week_due],
            self::BillValue => ['shown' => $organisation->shows_bill_value ? 1 : 0],
            self::Recording => ['rounding' => $organisation->timer_rounding->value, 'step' => $organisation->entry_step?->toInt()],
            self::Anonymising => ['months' => $organisation->anonymised_after],
        };
    }

    /**
     * The columns of the organisation that hold such values; null where they make no sense.
     *
     * @param  array<array-key, mixed>  $values
     * @return array<string, mixed>|null
     */
    public function columns(array $values): ?array
    {
        $text = static fn (string $name): string => is_string($values[$name] ?? null) || is_int($values[$name] ?? null) ? trim((string) $values[$name]) : '';
        $number = static fn (string $name): ?int => is_numeric($values[$name] ?? null) ? (int) $values[$name] : null;
        $route = RouteKind::tryFrom($text('route'));
        $mode = EstimateMode::tryFrom($text('mode'));
        $calendar = $text('calendar') === '' ? null : Calendar::query()->where('code', $text('calendar'))->first();

        return match ($this) {
            self::Name => $text('name') === '' || mb_strlen($text('name')) > 200 ? null : ['name' => $text('name')],
            self::Currency => preg_match('/^[A-Z]{3}$/D', $text('currency')) === 1 ? ['currency' => $text('currency')] : null,
            self::Calendar => $text('calendar') !== '' && $calendar === null ? null : ['calendar_id' => $calendar?->id],
            self::Approval => $route === null ? null : ['approval' => $route, 'self_approve' => $number('self_approve') === 1],
            self::Estimates => $mode === null || ! self::isWithin($number('tolerance_minutes'), 0, 60_000) ? null : ['estimate_mode' => $mode, 'estimate_tolerance' => $number('tolerance_minutes')],
            self::WeekDue => self::isWithin($number('days'), 0, 14) ? ['week_due' => $number('days')] : null,
            self::BillValue => self::isWithin($number('shown'), 0, 1) ? ['shows_bill_value' => $number('shown') === 1] : null,
            self::Recording => Rounding::tryFrom($text('rounding')) === null || ! ($text('step') === '' || self::isWithin($number('step'), 1, Minutes::PER_DAY)) ? null : ['timer_rounding' => Rounding::from($text('rounding')), 'entry_step' => $text('step') === '' ? null : Minutes::of((int) $number('step'))],
            self::Anonymising => ! isset($values['months']) || $values['months'] === '' ? ['anonymised_after' => null] : (self::isWithin($number('months'), 1, 600) ? ['anonymised_after' => $number('months')] : null),
        };
    }

    private static function isWithin(?int $number, int $least, int $most): bool
    {
        return $number !== null && $number >= $least && $number <= $most;
    }
}
