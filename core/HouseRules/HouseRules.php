<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\Line;

/**
 * The organisation's rules as they are set.
 *
 * Of the settings of a rule, the one for the project comes before the one for the team, and that before the one for
 * everybody; within each, the one with the latest day that has come. What concerns a week is judged by its Monday.
 */
final readonly class HouseRules
{
    /** @param  array<string, non-empty-list<RuleSetting>>  $settings  by code of the rule */
    private function __construct(private array $settings)
    {
    }

    /** @param  list<RuleSetting>  $settings  rules without any are set as is usual for them */
    public static function of(array $settings): self
    {
        $byRule = [];
        foreach (AllRules::list() as $rule) {
            $byRule[$rule->code()] = [new RuleSetting($rule, $rule->defaultSeverity(), Limit::of($rule->limits()->usual ?? 0))];
        }
        foreach ($settings as $setting) {
            $byRule[$setting->rule->code()][] = $setting;
        }

        return new self($byRule);
    }

    /** @return list<Finding> what blocks first, then what asks, then what is mentioned */
    public function check(CheckedSheet $sheet): array
    {
        $findings = ['blocking' => [], 'explanation' => [], 'information' => []];
        foreach ($this->settings as $code => $settings) {
            foreach ($settings as $setting) {
                if ($setting->severity === Severity::Off) {
                    continue;
                }
                foreach ($setting->rule->findings($sheet, $setting->limit) as $found) {
                    $day = $found->place->day ?? $sheet->week->monday();
                    if ($this->setting($code, $day, $sheet->team, $found->place->line) === $setting) {
                        $findings[$setting->severity->value][] = new Finding($code, $setting->severity, $found->place, $found->values);
                    }
                }
            }
        }

        return array_merge(...array_values($findings));
    }

    /** How a rule is set on a day for somebody of a team on a project; null for a rule that there is not. */
    public function setting(string $code, Day $day, ?string $team, ?Line $line): ?RuleSetting
    {
        $inForce = null;
        foreach ($this->settings[$code] ?? [] as $setting) {
            if ($setting->holdsFor($day, $team, $line?->project) && ! ($inForce?->comesBefore($setting) ?? false)) {
                $inForce = $setting;
            }
        }

        return $inForce;
    }

    public function severity(string $code, Day $day, ?string $team, ?Line $line): Severity
    {
        return $this->setting($code, $day, $team, $line)->severity ?? Severity::Off;
    }
}
