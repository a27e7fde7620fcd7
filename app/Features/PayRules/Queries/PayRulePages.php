<?php

declare(strict_types=1);

namespace App\Features\PayRules\Queries;

use App\Features\PayRules\Props\KindCostsProps;
use App\Features\PayRules\Props\PayPremiumProps;
use App\Features\PayRules\Props\PayRuleProps;
use App\Features\PayRules\Props\PayRulesProps;
use App\Lookup\Props\OptionProps;
use App\Models\PayPremium;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Team;
use App\Pay\PayPremiums;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\Minutes;

/** Every pay rule and premium, in a fixed number of queries. */
final class PayRulePages
{
    /**
     * @param  int|null  $opened  a rule
     * @param  string  $premium  the code of one
     */
    public static function of(Person $reader, ?int $opened, string $premium): PayRulesProps
    {
        $rules = PayRule::query()->with('team', 'person')->orderBy('person_id')->orderBy('team_id')->orderBy('starts_on')->orderBy('id')->get();

        $premiums = PayPremiums::withUsers();

        return new PayRulesProps(
            array_values(array_map(static fn (PayRule $rule): PayRuleProps => self::rule($rule, $reader->hours_format), $rules->all())),
            $rules->contains('id', $opened) ? $opened : null,
            array_map(self::premium(...), $premiums->all()),
            $premiums->named($premium) === null ? null : $premium,
        );
    }

    private static function rule(PayRule $rule, HoursFormat $format): PayRuleProps
    {
        $hours = static fn (?int $minutes): string => $minutes === null ? '' : $format->print(Minutes::of($minutes));
        $time = static fn (?int $at): string => $at === null ? '' : sprintf('%d:%02d', intdiv($at, 60), $at % 60);
        $option = static fn (Person|Team|null $one): ?OptionProps => $one === null ? null : new OptionProps($one->code, $one->name);

        return new PayRuleProps(
            $rule->id, $rule->starts_on?->toString(), $option($rule->team), $option($rule->person), $hours($rule->daily_over), $hours($rule->daily_double_over), $hours($rule->weekly_over),
            $rule->seventh_day, $hours($rule->seventh_double_over), $rule->sundays, $rule->holidays, $time($rule->night_starts_at), $time($rule->night_ends_at), $rule->falls_on, $rule->seventh_across_weeks,
            new KindCostsProps($rule->overtime_cost_percent, $rule->double_cost_percent, $rule->night_cost_percent, $rule->sunday_cost_percent, $rule->holiday_cost_percent),
        );
    }

    private static function premium(PayPremium $premium): PayPremiumProps
    {
        $option = static fn (Person|Team $one): OptionProps => new OptionProps($one->code, $one->name);

        return new PayPremiumProps($premium->id, $premium->code, $premium->name, $premium->is_work, $premium->active, array_values($premium->teams->map($option)->all()), array_values($premium->people->map($option)->all()), $premium->cost_percent);
    }
}
