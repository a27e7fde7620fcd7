<?php

declare(strict_types=1);

namespace App\Features\PayRules\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Person;
use App\Models\Team;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Moss\Core\Pay\OvertimeFallsOn;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** What the office enters of a pay rule; hours as people write them. */
final class PayRuleRequest extends BoundedRequest
{
    private const HOURS = ['dailyOver' => 'daily_over', 'dailyDoubleOver' => 'daily_double_over', 'weeklyOver' => 'weekly_over', 'seventhDoubleOver' => 'seventh_double_over'];

    public const MOST_PERCENT = 1000;

    private const COSTS = ['overtime', 'double', 'night', 'sunday', 'holiday'];

    private const TIME = '/^([01]?\d|2[0-3])[:.]?([0-5]\d)?$/D';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $hours = ['nullable', 'string', static function (string $name, mixed $text, Closure $fail): void {
            if (self::minutes(is_string($text) ? $text : '') === null) {
                $fail(Wording::of('pay.hours'));
            }
        }];

        return [
            'startsOn' => ['nullable', 'string', new WorkDay(Wording::of('pay.starts_on'))],
            'team' => ['nullable', 'string', Rule::exists('teams', 'code')],
            'person' => ['nullable', 'string', Rule::exists('people', 'code'), 'prohibits:team'],
            ...array_map(static fn (): array => $hours, self::HOURS),
            'seventhDay' => ['nullable', 'boolean'],
            'seventhAcrossWeeks' => ['nullable', 'boolean'],
            'costs' => ['nullable', 'array:'.implode(',', self::COSTS)],
            'costs.*' => ['nullable', 'integer', 'min:0', 'max:'.self::MOST_PERCENT],
            'sundays' => ['nullable', 'boolean'],
            'holidays' => ['nullable', 'boolean'],
            'nightStartsAt' => ['nullable', 'string', 'regex:'.self::TIME, 'required_with:nightEndsAt'],
            'nightEndsAt' => ['nullable', 'string', 'regex:'.self::TIME, 'required_with:nightStartsAt'],
            'fallsOn' => ['required', Rule::enum(OvertimeFallsOn::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['team' => Wording::of('pay.team'), 'person' => Wording::of('pay.team'), 'nightStartsAt' => Wording::of('pay.time'), 'nightEndsAt' => Wording::of('pay.time'), 'costs.*' => Wording::of('pay.percent')];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $values = $this->values();
            if ($values['daily_over'] !== null && $values['daily_double_over'] !== null && $values['daily_double_over'] <= $values['daily_over']) {
                $validator->errors()->add('dailyDoubleOver', Wording::of('pay.order'));
            }
            // For some people, or from a day on, it may say that all time is regular.
            if (array_filter(array_diff_key($values, array_flip(['falls_on', 'seventh_double_over', 'seventh_across_weeks'])), static fn (mixed $value): bool => $value !== null && $value !== false) === []) {
                $validator->errors()->add('weeklyOver', Wording::of('pay.nothing'));
            }
        }];
    }

    /** @return array{starts_on: string|null, team_id: int|null, person_id: int|null, daily_over: int|null, daily_double_over: int|null, weekly_over: int|null, seventh_day: bool, seventh_double_over: int|null, sundays: bool, holidays: bool, night_starts_at: int|null, night_ends_at: int|null, falls_on: string, seventh_across_weeks: bool} by column, beside what kinds cost */
    public function values(): array
    {
        $text = fn (string $name): ?string => $this->filled($name) ? $this->string($name)->trim()->toString() : null;
        $hours = fn (string $name): ?int => $text($name) === null ? null : self::minutes((string) $text($name));

        return [
            'starts_on' => $text('startsOn'),
            'team_id' => $text('team') === null ? null : Team::query()->where('code', $text('team'))->sole()->id,
            'person_id' => $text('person') === null ? null : Person::query()->where('code', $text('person'))->sole()->id,
            'daily_over' => $hours('dailyOver'), 'daily_double_over' => $hours('dailyDoubleOver'), 'weekly_over' => $hours('weeklyOver'),
            'seventh_day' => $this->boolean('seventhDay'), 'seventh_double_over' => $this->boolean('seventhDay') ? $hours('seventhDoubleOver') : null,
            'sundays' => $this->boolean('sundays'), 'holidays' => $this->boolean('holidays'),
            'night_starts_at' => self::time($text('nightStartsAt')), 'night_ends_at' => self::time($text('nightEndsAt')),
            'falls_on' => $this->string('fallsOn')->toString(),
            'seventh_across_weeks' => $this->boolean('seventhDay') && $this->boolean('seventhAcrossWeeks'),
        ];
    }

    /** @return array<string, int> percentages by column */
    public function costs(): array
    {
        $costs = [];
        foreach (self::COSTS as $kind) {
            $costs[$kind.'_cost_percent'] = $this->filled('costs.'.$kind) ? $this->integer('costs.'.$kind) : 100;
        }

        return $costs;
    }

    /** @return int|null null for a text that is no number of hours of a week */
    private static function minutes(string $text): ?int
    {
        try {
            $minutes = HoursText::ofPlan(trim($text))->toInt();
        } catch (HoursTextRefused) {
            return null;
        }

        return $minutes > 0 && $minutes <= 7 * Minutes::PER_DAY ? $minutes : null;
    }

    private static function time(?string $text): ?int
    {
        return $text !== null && preg_match(self::TIME, $text, $found) === 1 ? (int) $found[1] * 60 + (int) ($found[2] ?? 0) : null;
    }
}
